/*
 * A side photo laid over the drawing: traced in a thread of its own, scaled by the height at the withers, moved by hand where the trace
 * or the stance is off. Photos do not leave this device.
 */
import { App as AntApp, Button, Slider, Upload } from 'antd';
import { wrap } from 'comlink';
import { useState } from 'react';
import type { Point } from '@loyal-mane/core';
import type { PhotoAnswers, TracedPhoto } from '../../workers/photoWorker';

/** A photo's line over the drawing, in mm of the dog; null where none is shown. */
export interface LaidPhoto {
  readonly ring: readonly Point[];
}

interface Props {
  /** Height at the withers with the coat, mm. */
  readonly heightMm: number;
  readonly onLay: (photo: LaidPhoto | null) => void;
}

/** How the photo lies: where its withers are, share of its own height; moved forward; facing the other way. */
interface Lay {
  readonly withers: number;
  readonly forward: number;
  readonly isTurned: boolean;
}

const FIRST_LAY: Lay = { withers: 0.75, forward: 0, isTurned: false };

const PROBLEMS = {
  nothing: 'Nothing stands out from the ground in this photo: a plain wall and floor of one color help.',
  noGround: 'The dog fills the photo: some ground has to show on all sides.',
} as const;

/** Choosing a photo, and laying it right. */
export function PhotoPart({ heightMm, onLay }: Props) {
  const { message } = AntApp.useApp();
  const [traced, setTraced] = useState<{ ring: readonly Point[] } | null>(null);
  const [lay, setLay] = useState(FIRST_LAY);
  const [busy, setBusy] = useState(false);
  const show = (ring: readonly Point[], next: Lay): void => {
    setLay(next);
    onLay({ ring: laid(ring, next, heightMm) });
  };
  const trace = async (file: File): Promise<void> => {
    setBusy(true);
    try {
      const found = await tracedIn(file);
      if (!found.ok) return void message.error(PROBLEMS[found.why], 8);
      setTraced(found);
      show(found.ring, FIRST_LAY);
    } catch {
      void message.error('That file is no picture that can be read.', 8);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="Photo">
      <Upload
        accept="image/*"
        showUploadList={false}
        beforeUpload={(file) => {
          void trace(file);
          return false;
        }}
      >
        <Button loading={busy}>Lay a side photo over it</Button>
      </Upload>
      {traced === null ? (
        <p className="soft">The dog stacked, from its side, on a plain ground. It stays on this device.</p>
      ) : (
        <>
          <LaySlider
            name="Withers in the photo"
            value={lay.withers}
            min={0.4}
            max={1}
            onChange={(withers) => show(traced.ring, { ...lay, withers })}
          />
          <LaySlider
            name="Forward"
            value={lay.forward}
            min={-0.5}
            max={0.5}
            onChange={(forward) => show(traced.ring, { ...lay, forward })}
          />
          <Button onClick={() => show(traced.ring, { ...lay, isTurned: !lay.isTurned })}>Turn it around</Button>{' '}
          <Button
            onClick={() => {
              setTraced(null);
              onLay(null);
            }}
          >
            Take it away
          </Button>
          <p className="soft">
            Compare above the belly only: far legs, shadow and a lead are in the photo’s line too. Another stance or
            head carriage is no difference of the coat.
          </p>
        </>
      )}
    </section>
  );
}

function LaySlider({
  name,
  value,
  min,
  max,
  onChange,
}: {
  readonly name: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number) => void;
}) {
  return (
    <div className="outline-correction">
      <span>{name}</span>
      <Slider ariaLabelForHandle={name} min={min} max={max} step={0.005} value={value} onChange={onChange} />
    </div>
  );
}

/** Asks a thread that ends with its answer. */
async function tracedIn(file: Blob): Promise<TracedPhoto> {
  const worker = new Worker(new URL('../../workers/photoWorker.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<PhotoAnswers>(worker).trace(file);
  } finally {
    worker.terminate();
  }
}

/** The traced line in mm: its lowest point on the ground, its withers at the dog's height, its middle under the withers. */
export function laid(ring: readonly Point[], { withers, forward, isTurned }: Lay, heightMm: number): Point[] {
  const [xs, ys] = [ring.map((p) => p[0]), ring.map((p) => p[1])];
  const [ground, top] = [Math.max(...ys), Math.min(...ys)];
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  const scale = heightMm / Math.max(1e-6, (ground - top) * withers);
  const sign = isTurned ? -1 : 1;
  return ring.map(([x, y]): Point => [sign * (x - middle) * scale + forward * heightMm, (ground - y) * scale]);
}
