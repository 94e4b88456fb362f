/* The palette: readable pairs, and one set of names for the page and the theme. */
import { DAY, WET, paletteCss } from '../src/theme/palette';
import type { Palette } from '../src/theme/palette';

/** Relative luminance of a color (WCAG 2.2, "relative luminance"), 0 to 1. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast of two colors (WCAG 2.2, "contrast ratio"), 1 to 21. */
function contrast(x: string, y: string): number {
  const [light, dark] = [luminance(x), luminance(y)].sort((a, b) => b - a) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

const TEXT = ['ink', 'soft', 'moss', 'tarn', 'brass', 'plum', 'clay'] as const;
const GROUND = ['paper', 'sheet', 'sunk'] as const;
const TINTS = ['moss', 'tarn', 'brass', 'plum', 'clay'] as const;

describe.each([
  ['day', DAY],
  ['wet room', WET],
] as [string, Palette][])('%s', (_, palette) => {
  it('text is readable on every ground (WCAG 1.4.3: at least 4.5)', () => {
    for (const text of TEXT)
      for (const ground of GROUND)
        expect([text, ground, contrast(palette[text], palette[ground]) >= 4.5]).toEqual([text, ground, true]);
  });

  it('and on its own tint, ink on all', () => {
    for (const tone of TINTS) {
      expect([tone, contrast(palette[tone], palette[`${tone}Tint`]) >= 4.5]).toEqual([tone, true]);
      expect([tone, contrast(palette.ink, palette[`${tone}Tint`]) >= 7]).toEqual([tone, true]);
    }
  });

  it('edges of controls stand out from their ground (WCAG 1.4.11: at least 3)', () => {
    for (const ground of GROUND) expect(contrast(palette.edge, palette[ground])).toBeGreaterThanOrEqual(3);
  });
});

it('black on white is 21, and one color on itself 1', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6);
  expect(contrast('#2F5D43', '#2F5D43')).toBe(1);
});

it('the page has every color under its name', () => {
  const css = paletteCss();
  expect(css).toMatch(
    /^:root\{--paper:#F7F4EE;.*--moss-tint:#DDE8DC;.*\}\.wet\{--paper:#0E1719;.*color-scheme:dark\}$/,
  );
  for (const palette of [DAY, WET])
    for (const color of Object.values(palette) as string[]) expect(css).toContain(color);
});
