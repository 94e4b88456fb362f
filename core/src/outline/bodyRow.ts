/*
 * The figures of a dog's body line and coat: measures as fractions of the height at the withers, angles in degrees, and how
 * far hair stands off and hangs at each place of the line.
 */

/** Hair at a place of the line: how far it stands off and how far it hangs, fractions of the height. */
export type Hair = readonly [stands: number, hangs: number];

/** Places of the body line by which hair is told; `all` is for what is not named. */
export type HairMap = Readonly<Record<string, Hair>>;

/** How ears are carried, which decides how they are drawn. */
export const EAR_KINDS = ['drop', 'prick', 'fold'] as const;
/** One of `EAR_KINDS`. */
export type EarKind = (typeof EAR_KINDS)[number];

/** Proportions of a breed's body in heights at the withers, angles in degrees; hair in the same unit. */
export interface BodyRow {
  /** Forechest to point of rump. */
  readonly length: number;
  /** Forechest ahead of the withers. */
  readonly forechest: number;
  /** Withers to brisket. */
  readonly depth: number;
  /** Depth of a dip behind the withers: a fault, 0 in every breed's own row. */
  readonly dip: number;
  readonly croup: number;
  readonly tailSet: number;
  readonly rump: number;
  readonly tuckUp: number;
  readonly neckLength: number;
  readonly neckAngle: number;
  readonly neckArch: number;
  readonly skull: number;
  readonly muzzle: number;
  readonly skullDepth: number;
  readonly muzzleDepth: number;
  readonly stop: number;
  /** Nose below the horizontal. */
  readonly headAngle: number;
  readonly forearmWidth: number;
  readonly hindWidth: number;
  readonly footLength: number;
  /** Hock behind the plumb line from the rump. */
  readonly rearAngle: number;
  readonly hockHeight: number;
  readonly stifleHeight: number;
  /** Widths from ahead and from behind: over the skull, the ribs, the thighs. */
  readonly skullWidth: number;
  readonly chestWidth: number;
  readonly thighWidth: number;
  readonly tailLength: number;
  /** Carriage at the root: 0 straight back, up positive; and the turn over its length. */
  readonly tailAngle: number;
  readonly tailCurl: number;
  readonly tailWidth: number;
  readonly tailKind: 'even' | 'flag' | 'plume';
  readonly ear: EarKind;
  readonly earLength: number;
  readonly earWidth: number;
  /** Ear root along the skull, from the occiput. */
  readonly earPosition: number;
  readonly hair: HairMap;
  /** Lowest that hair may hang, above the ground. */
  readonly floor: number;
}

/** A middling dog; rows name what differs (engineering defaults). */
export const DEFAULT_BODY: BodyRow = {
  length: 1.05,
  forechest: 0.25,
  depth: 0.45,
  dip: 0,
  croup: 0.995,
  tailSet: 0.95,
  rump: 0.83,
  tuckUp: 0.57,
  neckLength: 0.36,
  neckAngle: 54,
  neckArch: 0.02,
  skull: 0.19,
  muzzle: 0.17,
  skullDepth: 0.15,
  muzzleDepth: 0.075,
  stop: 0.025,
  headAngle: 8,
  forearmWidth: 0.06,
  hindWidth: 0.055,
  footLength: 0.12,
  rearAngle: 0.03,
  hockHeight: 0.24,
  stifleHeight: 0.45,
  skullWidth: 0.16,
  chestWidth: 0.29,
  thighWidth: 0.23,
  tailLength: 0.48,
  tailAngle: 40,
  tailCurl: 20,
  tailWidth: 0.03,
  tailKind: 'even',
  ear: 'drop',
  earLength: 0.2,
  earWidth: 0.11,
  earPosition: 0.5,
  hair: { all: [0, 0] },
  floor: 0.006,
};

/** A body that differs from the usual one in some proportions; widths that are not named go with the depths. */
export function bodyRow(differs: Partial<BodyRow>): BodyRow {
  const { skullDepth = DEFAULT_BODY.skullDepth, depth = DEFAULT_BODY.depth } = differs;
  const widths = { skullWidth: 1.05 * skullDepth, chestWidth: 0.64 * depth, thighWidth: 0.5 * depth };
  return { ...DEFAULT_BODY, ...widths, ...differs };
}
