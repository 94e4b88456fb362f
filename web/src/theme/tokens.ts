/*
 * How Ant Design carries the palette.
 */
import type { ThemeConfig } from 'antd';
import type { Palette } from './palette';
import { WET } from './palette';

/** The typeface of everything but headings. */
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
