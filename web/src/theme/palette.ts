/*
 * The palette, day and wet room: the one place for colors. The build writes it into the page as custom properties, and Ant
 * Design's theme takes it from here. Contrast of every pair was measured: lowest 5.0 for text.
 */

/** Colors by their use, as hex. */
export interface Palette {
  readonly paper: string;
  readonly sheet: string;
  readonly sunk: string;
  readonly line: string;
  readonly edge: string;
  readonly ink: string;
  readonly soft: string;
  readonly moss: string;
  readonly mossTint: string;
  readonly tarn: string;
  readonly tarnTint: string;
  readonly brass: string;
  readonly brassTint: string;
  readonly plum: string;
  readonly plumTint: string;
  readonly clay: string;
  readonly clayTint: string;
  /** Work that is done, and what waits: never text. */
  readonly worn: string;
  /** Hair in a drawing of the outline. */
  readonly coat: string;
}

/** By day. */
export const DAY: Palette = {
  paper: '#F7F4EE',
  sheet: '#FFFDF9',
  sunk: '#EDE8DD',
  line: '#D8D0C1',
  edge: '#8A8371',
  ink: '#1F2A2E',
  soft: '#535E60',
  moss: '#2F5D43',
  mossTint: '#DDE8DC',
  tarn: '#23597A',
  tarnTint: '#D9E7EE',
  brass: '#7F560F',
  brassTint: '#F3E4C4',
  plum: '#67466F',
  plumTint: '#EADFEC',
  clay: '#A63C26',
  clayTint: '#F7DFD6',
  worn: '#A89F8C',
  coat: '#CDBA9C',
};

/** The wet room: read in steam, at arm's length. */
export const WET: Palette = {
  paper: '#0E1719',
  sheet: '#18262A',
  sunk: '#081012',
  line: '#34464B',
  edge: '#7C9096',
  ink: '#F6F1E6',
  soft: '#B9C4C4',
  moss: '#8FD0A4',
  mossTint: '#1C3B2A',
  tarn: '#84C6EA',
  tarnTint: '#153548',
  brass: '#F0BE5A',
  brassTint: '#43310D',
  plum: '#D7B2E0',
  plumTint: '#3A2742',
  clay: '#FF9B82',
  clayTint: '#4F1F15',
  worn: '#A89F8C',
  coat: '#5F5240',
};

/** The palette as style rules: custom properties of the page, and of the wet room. */
export function paletteCss(): string {
  return `:root{${properties(DAY)}color-scheme:light}.wet{${properties(WET)}color-scheme:dark}`;
}

function properties(palette: Palette): string {
  return Object.entries(palette)
    .map(([name, color]) => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}:${String(color)};`)
    .join('');
}
