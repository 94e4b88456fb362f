/*
 * A side photo laid under the drawing: traced in a thread of its own, scaled by the height at the withers or by a stick of known length
 * beside the dog, moved by hand where the trace or the stance is off. A photo from this device stays on it; the dog's own photos are those of its coat file.
 */
import { useQuery } from '@tanstack/react-query';
import { App as AntApp, Button, Segmented, Slider, Upload } from 'antd';
import { useState } from 'react';
import { coatDepthsOn, coatRings, localDayOf } from '@loyal-mane/core';
import type { LocalDay, OutlineAnswer, OutlineAsk, OutlineFit, Point } from '@loyal-mane/core';
import { mmWords, monthDay } from '@loyal-mane/library/words';
import { photosQuery } from '../../api/queries';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { fitOf, tracedIn } from '../../workers/photoClient';
import type { TracedPhoto } from '../../workers/photoWorker';
import { LengthField, lengthIn, useLengthUnit } from './LengthField';

/** A photo under the drawing, in mm of the dog. */
export interface LaidPhoto {
  readonly ring: readonly Point[];
  readonly picture: LaidPicture;
  /** Height above the ground, mm, that the photo is scaled by: withers or stick have to reach it. */
  readonly markMm: number;
}

/** Where the picture lies: its box in mm, y up, and whether it is turned around. */
export interface LaidPicture {
  readonly href: string;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly isTurned: boolean;
}

interface Props {
  readonly dog: Dog;
  readonly ask: OutlineAsk;
  readonly answer: OutlineAnswer;
  readonly today: LocalDay;
  readonly onLay: (photo: LaidPhoto | null) => void;
}

/** How the photo lies: what it is scaled by; moved forward; facing the other way. */
interface Lay {
  readonly by: 'height' | 'stick';
  /** Where the withers are, share of the traced dog's height. */
  readonly withers: number;
  /** Where the top of a stick is that stands on the dog's ground, share of the picture's height, and its length, mm. */
  readonly stickTop: number;
  readonly stickMm: number;
  readonly forward: number;
  readonly isTurned: boolean;
}

/** Sticks that stand beside a dog, mm. */
const STICK_MM = { least: 100, most: 2000 } as const;
const STICK_STEPS = { mm: 10, in: 0.5 } as const;

/** As a photo is laid first: a stick is about as long as the dog is high, so that its top is in the drawing. */
function firstLay(heightMm: number): Lay {
  const stickMm = Math.max(STICK_MM.least, Math.round(heightMm / 100) * 100);
  return { by: 'height', withers: 0.75, stickTop: 0.8, stickMm, forward: 0, isTurned: false };
}

const PROBLEMS = {
  nothing: 'Nothing stands out from the ground in this photo: a plain wall and floor of one color help.',
  noGround: 'The dog fills the photo: some ground has to show on all sides.',
} as const;

type Traced = Extract<TracedPhoto, { ok: true }>;

/** Choosing a photo, laying it right, and how well it fits. */
export function PhotoPart({ dog, ask, answer, today, onLay }: Props) {
  const { message } = AntApp.useApp();
  const [traced, setTraced] = useState<Traced | null>(null);
  const [lay, setLay] = useState(() => firstLay(ask.heightMm));
  const [busy, setBusy] = useState(false);
  const [fit, setFit] = useState<OutlineFit | null>(null);
  const show = (found: Traced, next: Lay): void => {
    setLay(next);
    setFit(null);
    onLay(laid(found, next, ask.heightMm));
  };
  const trace = async (photo: Blob | Promise<Blob>): Promise<void> => {
    setBusy(true);
    try {
      const found = await tracedIn(await photo);
      if (!found.ok) return void message.error(PROBLEMS[found.why], 8);
      setTraced(found);
      show(found, firstLay(ask.heightMm));
    } catch {
      void message.error('That file is no picture that can be read.', 8);
    } finally {
      setBusy(false);
    }
  };
  const compare = async (found: Traced): Promise<void> => {
    const depths = coatDepthsOn(answer.stations, today, ask.breed.floor * ask.heightMm);
    const { ring } = laid(found, lay, ask.heightMm);
    setBusy(true);
    try {
      setFit(await fitOf(coatRings(answer.stations, depths), [ring], (1 - ask.body.depth) * ask.heightMm));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="Photo">
      <Choose dog={dog} busy={busy} onPhoto={(photo) => void trace(photo)} />
      {traced === null ? (
        <p className="soft">
          The dog stacked, from its side, on a plain ground. A photo from here stays on this device.
        </p>
      ) : (
        <>
          <Scale lay={lay} traced={traced} heightMm={ask.heightMm} onLay={(next) => show(traced, next)} />
          <LaySlider
            name="Forward"
            value={lay.forward}
            min={-0.5}
            max={0.5}
            onChange={(forward) => show(traced, { ...lay, forward })}
          />
          <Button onClick={() => show(traced, { ...lay, isTurned: !lay.isTurned })}>Turn it around</Button>{' '}
          <Button loading={busy} onClick={() => void compare(traced)}>
            How well it fits
          </Button>{' '}
          <Button
            onClick={() => {
              setTraced(null);
              onLay(null);
            }}
          >
            Take it away
          </Button>
          {fit !== null && <p role="status">{fitWords(fit)}</p>}
          <p className="soft">
            Compared above the belly only: far legs, shadow and a lead are in the photo’s line too. Another stance or
            head carriage is no difference of the coat.
          </p>
        </>
      )}
    </section>
  );
}

interface ScaleProps {
  readonly lay: Lay;
  readonly traced: Traced;
  readonly heightMm: number;
  readonly onLay: (lay: Lay) => void;
}

/** The choice of the photo's scale; by a stick, the height that the withers come to as well. */
function Scale({ lay, traced, heightMm, onLay }: ScaleProps) {
  const [unit] = useLengthUnit();
  const withers = (
    <LaySlider
      name="Withers in the photo"
      value={lay.withers}
      min={0.4}
      max={1}
      onChange={(at) => onLay({ ...lay, withers: at })}
    />
  );
  return (
    <>
      <div className="photo-scale">
        Scaled by{' '}
        <Segmented
          aria-label="Scaled by"
          value={lay.by}
          options={[
            { value: 'height', label: 'the dog’s height' },
            { value: 'stick', label: 'a stick beside it' },
          ]}
          onChange={(by) => onLay({ ...lay, by: by as Lay['by'] })}
        />
      </div>
      {lay.by === 'stick' && (
        <>
          <div className="outline-correction">
            <span>Its length, {unit}</span>
            <LengthField
              label="Length of the stick"
              shown={lengthIn(unit, lay.stickMm)}
              {...{ unit, isLead: true, steps: STICK_STEPS, mostMm: STICK_MM.most }}
              onMm={(mm) => onLay({ ...lay, stickMm: Math.min(STICK_MM.most, Math.max(STICK_MM.least, mm)) })}
            />
          </div>
          <LaySlider
            name="Top of the stick"
            value={lay.stickTop}
            min={0.1}
            max={1}
            onChange={(stickTop) => onLay({ ...lay, stickTop })}
          />
        </>
      )}
      {withers}
      {lay.by === 'stick' && <p role="status">{stickWords(withersMm(traced, lay), heightMm)}</p>}
    </>
  );
}

/** "By the stick the withers stand at 598 mm; 610 mm are known." A photo is not read finer than a whole millimeter. */
export function stickWords(byStickMm: number, heightMm: number): string {
  const off = Math.abs(byStickMm - heightMm) / heightMm;
  const apart = off > FAR_APART ? ' That is far apart: stick, camera or stance lean, or the height is wrong.' : '';
  return `By the stick the withers stand at ${mmWords(Math.round(byStickMm))}; ${mmWords(heightMm)} are known.${apart}`;
}

/** Share of the height by which stick and dog may differ: a camera that looks down a little, a dog that leans. */
const FAR_APART = 0.04;

/** "96 % of both overlap; the lines lie 4 mm apart on average, 21 mm at most." */
export function fitWords({ overlap, meanMm, farthestMm }: OutlineFit): string {
  return `${(Math.floor(overlap * 1000) / 10).toFixed(1)} % overlap; the lines lie ${mmWords(meanMm)} apart on average, ${mmWords(farthestMm)} at most.`;
}

interface ChooseProps {
  readonly dog: Dog;
  readonly busy: boolean;
  readonly onPhoto: (photo: Blob | Promise<Blob>) => void;
}

/** A file from this device, or one of the dog's side photos. */
function Choose({ dog, busy, onPhoto }: ChooseProps) {
  const { names } = useRooms();
  const { data } = useQuery(photosQuery(dog.id));
  const sides = (data?.photos ?? []).filter((p) => p.view === 'side');
  return (
    <div className="outline-photos">
      <Upload
        accept="image/*"
        showUploadList={false}
        beforeUpload={(file) => {
          onPhoto(file);
          return false;
        }}
      >
        <Button loading={busy}>Lay a side photo under it</Button>
      </Upload>
      {sides.map((p) => (
        <button
          key={p.id}
          type="button"
          className="plain"
          disabled={busy}
          onClick={() => onPhoto(fetch(`/api/photos/${p.id}`).then((answer) => answer.blob()))}
        >
          <img src={`/api/photos/${p.id}?size=small`} alt="" height={56} />
          {monthDay(localDayOf(Date.parse(p.at), names.zone))}
        </button>
      ))}
    </div>
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

type Measured = Pick<Traced, 'ring' | 'height'>;

/** Lowest and highest points of the traced dog, pixels from the top. */
function spanOf({ ring }: Measured): { readonly ground: number; readonly top: number } {
  const ys = ring.map((p) => p[1]);
  return { ground: Math.max(...ys), top: Math.min(...ys) };
}

function mmPerPixel(traced: Measured, lay: Lay, heightMm: number): number {
  const { ground, top } = spanOf(traced);
  if (lay.by === 'height') return heightMm / Math.max(1e-6, (ground - top) * lay.withers);
  return lay.stickMm / Math.max(1, ground - (1 - lay.stickTop) * traced.height);
}

/** Height at the withers as the stick has it, mm. */
function withersMm(traced: Measured, lay: Lay): number {
  const { ground, top } = spanOf(traced);
  return (ground - top) * lay.withers * mmPerPixel(traced, lay, 0);
}

/** The traced line and its picture in mm: lowest point on the ground, withers at the dog's height, middle under the withers. */
export function laid(
  traced: Pick<Traced, 'ring' | 'width' | 'height' | 'picture'>,
  lay: Lay,
  heightMm: number,
): LaidPhoto {
  const { ring, width, height, picture } = traced;
  const { forward, isTurned } = lay;
  const xs = ring.map((p) => p[0]);
  const { ground } = spanOf(traced);
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  const scale = mmPerPixel(traced, lay, heightMm);
  const sign = isTurned ? -1 : 1;
  const [from, to] = [-middle, width - middle].map((x) => sign * x * scale + forward * heightMm) as [number, number];
  return {
    ring: ring.map(([x, y]): Point => [sign * (x - middle) * scale + forward * heightMm, (ground - y) * scale]),
    picture: {
      href: picture,
      left: Math.min(from, to),
      top: ground * scale,
      width: width * scale,
      height: height * scale,
      isTurned,
    },
    markMm: lay.by === 'stick' ? lay.stickMm : heightMm,
  };
}
