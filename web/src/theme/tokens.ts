/*
 * The palette, day and wet room, and how Ant Design carries it. Contrast of every pair was measured: lowest 5.0 for text.
 */
import type { ThemeConfig } from 'antd';

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
}

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
};

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
};

export const SANS = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Ant Design's theme for a palette; 32 px controls at the desk, 64 at the bench. */
export function themeOf(p: Palette, controlHeight: number, fontSize: number): ThemeConfig {
  return {
    token: {
      colorBgLayout: p.paper,
      colorBgContainer: p.sheet,
      colorBgElevated: p.sheet,
      colorFillSecondary: p.sunk,
      colorBorderSecondary: p.line,
      colorBorder: p.edge,
      colorText: p.ink,
      colorTextHeading: p.ink,
      colorTextSecondary: p.soft,
      colorTextTertiary: p.soft,
      colorTextPlaceholder: p.soft,
      colorPrimary: p.moss,
      colorSuccess: p.moss,
      colorInfo: p.tarn,
      colorWarning: p.brass,
      colorError: p.clay,
      colorLink: p.moss,
      colorTextLightSolid: p === WET ? p.sunk : p.sheet,
      fontFamily: SANS,
      fontSize,
      controlHeight,
      borderRadius: 9,
      boxShadow: 'none',
      boxShadowSecondary: '0 5px 10px rgb(0 0 0 / 28%)',
      motionDurationMid: '0.18s',
      // Where a person asked for stillness nothing moves, and nothing waits for a movement to end.
      motion: !window.matchMedia('(prefers-reduced-motion: reduce)').matches,
    },
  };
}
