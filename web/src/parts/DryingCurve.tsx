/*
 * A coat's water over time, drawn as a curve; the part that is behind is filled. Drawn as SVG.
 */
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { DryingPoint } from '@loyal-mane/core';

echarts.use([LineChart, GridComponent, MarkLineComponent, SVGRenderer]);

interface Props {
  readonly curve: readonly DryingPoint[];
  /** Minutes at which the blower gives way to heat; null where one of both is not used. */
  readonly turnMin: number | null;
  readonly doneMin: number;
  readonly label: string;
}

const HEIGHT_PX = 150;

/** A color of the theme that the page has now. */
const tone = (name: string): string => getComputedStyle(document.body).getPropertyValue(`--${name}`).trim();

/** The curve; whoever does not see it reads the words above it. */
export default function DryingCurve({ curve, turnMin, doneMin, label }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (ref.current === null) return undefined;
    const chart = echarts.init(ref.current, null, { renderer: 'svg', height: HEIGHT_PX });
    const font = { fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 14, color: tone('ink') };
    const points = (from: readonly DryingPoint[]) => from.map((p) => [p.min, Math.round(p.grams)]);
    const line = { type: 'line' as const, symbol: 'none', color: tone('tarn') };
    chart.setOption({
      animation: false,
      textStyle: font,
      grid: { left: 52, right: 14, top: 12, bottom: 26 },
      xAxis: {
        type: 'value',
        max: Math.ceil(curve.at(-1)?.min ?? 1),
        axisLabel: { ...font, formatter: '{value} min' },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        splitNumber: 2,
        axisLabel: { ...font, formatter: '{value} g' },
        splitLine: { lineStyle: { color: tone('line') } },
      },
      series: [
        {
          ...{ ...line, data: points(curve), lineStyle: { width: 3 } },
          ...(turnMin === null
            ? {}
            : {
                markLine: {
                  ...{ silent: true, symbol: 'none', data: [{ xAxis: turnMin }] },
                  ...{
                    lineStyle: { color: tone('edge') },
                    label: { ...font, formatter: 'heat', position: 'insideEndTop' },
                  },
                },
              }),
        },
        { ...line, data: points(curve.filter((p) => p.min <= doneMin)), areaStyle: { opacity: 0.3 } },
      ],
    });
    const fit = new ResizeObserver(() => chart.resize());
    fit.observe(ref.current);
    return () => {
      fit.disconnect();
      chart.dispose();
    };
  }, [curve, turnMin, doneMin]);
  return <div ref={ref} className="drying-curve" role="img" aria-label={label} />;
}
