/*
 * A thread that traces photos: reading and reducing millions of pixels would hold the page.
 */
import { expose } from 'comlink';
import { outlineFit, tracePhoto } from '@loyal-mane/core';
import type { OutlineFit, PhotoTrace, Point } from '@loyal-mane/core';

/** Longest side of the picture that is traced: finer pixels make the line no truer. */
const MOST_PIXELS = 1000;

/** A traced photo, in pixels of the reduced picture, and that picture as a data URL. */
export type TracedPhoto = PhotoTrace & { readonly width: number; readonly height: number; readonly picture: string };

type Rings = readonly (readonly Point[])[];

/** Questions that the thread answers. */
export interface PhotoAnswers {
  readonly trace: (photo: Blob) => Promise<TracedPhoto>;
  /** The fit of two outlines above a level, mm. */
  readonly fit: (first: Rings, second: Rings, aboveMm: number) => OutlineFit | null;
}

const answers: PhotoAnswers = {
  trace: async (photo) => {
    const bitmap = await createImageBitmap(photo);
    const scale = Math.min(1, MOST_PIXELS / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d');
    if (context === null) throw new Error('photoWorker: no canvas');
    context.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    const { data } = context.getImageData(0, 0, width, height);
    const picture = await dataUrlOf(await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 }));
    return { ...tracePhoto({ data, width, height }, 1), width, height, picture };
  },
  fit: outlineFit,
};

function dataUrlOf(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error('photoWorker: the picture cannot be read'));
    reader.readAsDataURL(blob);
  });
}

expose(answers);
