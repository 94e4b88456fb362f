/*
 * How hair stands and hangs by kind of coat, at the places of the body line: [stands off, hangs], fractions of the height.
 * Invented starting values.
 */
import type { HairMap } from '@loyal-mane/core';

/** Stands off all over, hangs a little at ruff and breeches. */
export function spitz(k = 1): HairMap {
  return {
    all: [0.05 * k, 0],
    withers: [0.055 * k, 0],
    back: [0.045 * k, 0],
    rump: [0.075 * k, 0.02],
    breech: [0.085 * k, 0.03],
    in: [0, 0],
    crest: [0.1 * k, 0],
    bib: [0.11 * k, 0.035],
    throat: [0.055 * k, 0.02],
    latch: [0.016, 0],
    chest: [0.1 * k, 0.03],
    belly: [0.07 * k, 0.03],
    flank: [0.03, 0],
    jaw: [0.018 * k, 0.004],
    chin: [0.004, 0],
    lip: [0.003, 0],
    nose: [0, 0],
    muzzle: [0.004, 0],
    stop: [0.006, 0],
    brow: [0.012, 0],
    skull: [0.022 * k, 0],
    foreF: [0.012, 0],
    foreB: [0.045 * k, 0.02],
    pastern: [0.012, 0],
    foot: [0.008, 0],
    sole: [0, 0],
    stifle: [0.03, 0],
    hockF: [0.01, 0],
    hindleg: [0.012, 0],
    hock: [0.03 * k, 0],
    tailT: [0.1 * k, 0],
    tailB: [0.06 * k, 0.02],
    tailTip: [0.06 * k, 0],
    ear: [0.004, 0],
  };
}

/** Harsh and long, hanging at belly and head. */
export function sheepdog(k = 1): HairMap {
  return {
    all: [0.05, 0.05],
    withers: [0.035, 0],
    back: [0.035, 0],
    loin: [0.035, 0],
    croup: [0.045, 0.01],
    rump: [0.06, 0.06],
    breech: [0.07, 0.08],
    in: [0, 0],
    crest: [0.05, 0.0],
    throat: [0.06, 0.1 * k],
    chest: [0.075, 0.08 * k],
    belly: [0.03, 0.17 * k],
    flank: [0.02, 0.05],
    jaw: [0.05, 0.11 * k],
    chin: [0.03, 0.1 * k],
    lip: [0.015, 0.05 * k],
    nose: [0.002, 0],
    muzzle: [0.02, 0.0],
    stop: [0.035, 0],
    brow: [0.045, 0.0],
    skull: [0.045, 0],
    foreF: [0.035, 0.02],
    foreB: [0.06, 0.08],
    pastern: [0.03, 0.02],
    foot: [0.028, 0.01],
    sole: [0, 0],
    stifle: [0.045, 0.04],
    hockF: [0.03, 0],
    hindleg: [0.03, 0.01],
    hock: [0.045, 0.02],
    tailT: [0.025, 0.02],
    tailB: [0.05, 0.1],
    tailTip: [0.04, 0.05],
    ear: [0.03, 0.05],
    earT: [0.02, 0],
  };
}

/** Hangs to a length `d` of the height; little stands. */
export function drop(d = 0.5): HairMap {
  return {
    all: [0.03, 0.1],
    withers: [0.02, 0],
    back: [0.02, 0],
    loin: [0.02, 0],
    croup: [0.025, 0.02],
    rump: [0.05, 0.3 * d],
    breech: [0.06, d],
    in: [0, 0],
    crest: [0.03, 0.03],
    throat: [0.05, 0.3 * d],
    chest: [0.05, 0.55 * d],
    belly: [0.03, d * 1.2],
    flank: [0.02, d],
    jaw: [0.04, 0.45 * d],
    chin: [0.03, 0.4 * d],
    lip: [0.012, 0.2 * d],
    nose: [0.002, 0],
    muzzle: [0.012, 0.0],
    stop: [0.03, 0],
    brow: [0.04, 0],
    skull: [0.035, 0],
    foreF: [0.06, d * 0.5],
    foreB: [0.07, d],
    pastern: [0.06, 0.1],
    foot: [0.06, 0.03],
    sole: [0.03, 0],
    stifle: [0.06, d * 0.7],
    hockF: [0.06, 0.1],
    hindleg: [0.06, 0.1],
    hock: [0.07, 0.2],
    tailT: [0.05, 0.03],
    tailB: [0.05, 0.3 * d],
    tailTip: [0.06, 0.14],
    ear: [0.03, 0.22 * d],
    earT: [0.01, 0],
  };
}

/** Stands everywhere; `k` for body and head, `leg` for the legs. */
export function scissored(k = 1, leg = 1): HairMap {
  return {
    all: [0.05 * k, 0],
    in: [0, 0],
    nose: [0, 0],
    lip: [0.004, 0],
    muzzle: [0.006, 0],
    chin: [0.008, 0],
    stop: [0.03 * k, 0],
    brow: [0.06 * k, 0],
    skull: [0.075 * k, 0],
    crest: [0.06 * k, 0],
    throat: [0.03 * k, 0],
    jaw: [0.02 * k, 0],
    belly: [0.035 * k, 0],
    flank: [0.02, 0],
    foreF: [0.04 * leg, 0],
    foreB: [0.04 * leg, 0],
    pastern: [0.035 * leg, 0],
    foot: [0.02 * leg, 0],
    sole: [0, 0],
    hock: [0.04 * leg, 0],
    hindleg: [0.035 * leg, 0],
    hockF: [0.035 * leg, 0],
    stifle: [0.04 * leg, 0],
    breech: [0.045 * leg, 0],
    tailT: [0.04, 0],
    tailB: [0.04, 0],
    tailTip: [0.05, 0],
    ear: [0.03 * k, 0.02],
    earT: [0.01, 0],
  };
}

/** A flat jacket with feather. */
export function feathered(k = 1): HairMap {
  return {
    all: [0.008, 0],
    in: [0, 0],
    belly: [0.012, 0.08 * k],
    flank: [0.01, 0.05 * k],
    chest: [0.02, 0.06 * k],
    throat: [0.01, 0.01],
    foreB: [0.03, 0.06 * k],
    breech: [0.045, 0.06 * k],
    rump: [0.02, 0.02],
    hock: [0.015, 0.01],
    tailT: [0.008, 0],
    tailB: [0.03, 0.2 * k],
    tailTip: [0.004, 0.0],
    ear: [0.02, 0.06 * k],
    earT: [0, 0],
    sole: [0, 0],
    nose: [0, 0],
    foot: [0.006, 0],
    hindleg: [0.004, 0],
    foreF: [0.004, 0],
    pastern: [0.004, 0],
    muzzle: [0.002, 0],
    skull: [0.006, 0],
    chin: [0, 0],
    lip: [0, 0],
    stop: [0, 0],
  };
}

/** A short harsh jacket with furnishings. */
export function wire(): HairMap {
  return {
    all: [0.014, 0],
    in: [0, 0],
    chin: [0.04, 0.045],
    lip: [0.016, 0.03],
    nose: [0.002, 0],
    muzzle: [0.012, 0],
    brow: [0.03, -0.004],
    belly: [0.03, 0.03],
    flank: [0.02, 0.01],
    foreF: [0.03, 0],
    foreB: [0.034, 0],
    pastern: [0.03, 0],
    foot: [0.022, 0],
    sole: [0, 0],
    hindleg: [0.028, 0],
    hock: [0.03, 0],
    hockF: [0.028, 0],
    stifle: [0.03, 0],
    breech: [0.02, 0],
    tailT: [0.012, 0],
    tailB: [0.016, 0],
    ear: [0.004, 0],
  };
}

/** No hair to speak of. */
export function smooth(): HairMap {
  return { all: [0, 0] };
}
