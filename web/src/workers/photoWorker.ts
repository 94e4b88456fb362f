/*
 * A thread that traces photos: reading and reducing millions of pixels would hold the page.
 */
import { expose } from 'comlink';
import { tracePhoto } from '@loyal-mane/core';
import type { PhotoTrace } from '@loyal-mane/core';

/** Longest side of the picture that is traced: finer pixels make the line no truer. */
const MOST_PIXELS = 1000;

/** A traced photo, in pixels of the reduced picture. */
export type TracedPhoto = PhotoTrace & { readonly width: number; readonly height: number };

/** Questions that the thread answers. */
export interface PhotoAnswers {
  readonly trace: (photo: Blob) => Promise<TracedPhoto>;
}

const answers: PhotoAnswers = {
  trace: async (photo) => {
    const bitmap = await createImageBitmap(photo);
    const scale = Math.min(1, MOST_PIXELS / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
    const context = new OffscreenCanvas(width, height).getContext('2d');
    if (context === null) throw new Error('photoWorker: no canvas');
    context.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    const { data } = context.getImageData(0, 0, width, height);
    return { ...tracePhoto({ data, width, height }, 1), width, height };
  },
};

expose(answers);
