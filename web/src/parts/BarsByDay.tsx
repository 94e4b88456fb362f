/*
 * Bars by day, one series a person or station, stacked; drawn as SVG so that they print and scale.
 */
import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { DAY } from '../theme/palette';

echarts.use([BarChart, LineChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer]);

/** A named row of values, one a day. */
export interface Series {
  readonly name: string;
  readonly values: readonly number[];
}

interface Props {
  readonly days: readonly string[];
  readonly series: readonly Series[];
  /** A line over the bars: what there is to spend. */
  readonly line?: Series;
  readonly width: number;
}

const HEIGHT_PX = 280;
const TONES = [DAY.moss, DAY.tarn, DAY.brass, DAY.plum, DAY.clay, DAY.edge, DAY.worn, DAY.soft];
const FONT = { fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 13, color: DAY.ink };

/** A chart; whoever does not see it reads the table beside it. */
export function BarsByDay({ days, series, line, width }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (ref.current === null) return undefined;
    const chart = echarts.init(ref.current, null, { renderer: 'svg', width, height: HEIGHT_PX });
    chart.setOption({
      animation: false,
      textStyle: FONT,
      color: TONES,
      grid: { left: 44, right: 12, top: 44, bottom: 28 },
      legend: { top: 0, left: 0, itemWidth: 14, itemHeight: 10, textStyle: FONT, type: 'scroll' },
      tooltip: { trigger: 'axis', valueFormatter: (v: unknown) => `${String(v)} h` },
      xAxis: { type: 'category', data: [...days], axisLabel: FONT, axisLine: { lineStyle: { color: DAY.edge } } },
      yAxis: {
        type: 'value',
        axisLabel: { ...FONT, formatter: '{value} h' },
        splitLine: { lineStyle: { color: DAY.line } },
      },
      series: [
        ...series.map((s) => ({
          ...{ type: 'bar' as const, stack: 'all', name: s.name, data: [...s.values], barMaxWidth: 46 },
          itemStyle: { borderColor: DAY.sheet, borderWidth: 1 },
        })),
        ...(line === undefined
          ? []
          : [
              {
                ...{ type: 'line' as const, step: 'middle' as const, name: line.name, data: [...line.values] },
                ...{ symbol: 'none', lineStyle: { color: DAY.ink, type: 'dashed' as const }, color: DAY.ink },
              },
            ]),
      ],
    });
    return () => chart.dispose();
  }, [days, series, line, width]);
  return (
    <div
      ref={ref}
      className="bars-by-day"
      role="img"
      aria-label={`Bars by day: ${series.map((s) => s.name).join(', ')}`}
    />
  );
}
