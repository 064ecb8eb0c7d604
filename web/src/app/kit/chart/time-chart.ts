import type { EChartsCoreOption } from 'echarts/core';
import { axisFigure, INK, TEXT, lookOf } from './ink';
import type { ChartMark } from './rows-chart';

/** One hand over time. */
export interface TimeSeries {
  readonly name: string;
  readonly look: number;
  readonly points: readonly { readonly at: number; readonly value: number }[];
}

const DAY = 86_400_000;

/** The mean of each day on which something was tried. */
function dailyMeans(points: TimeSeries['points']): [number, number][] {
  const days = new Map<number, { sum: number; count: number; at: number }>();
  for (const { at, value } of points) {
    const day = Math.floor(at / DAY);
    const entry = days.get(day) ?? { sum: 0, count: 0, at: 0 };
    days.set(day, { sum: entry.sum + value, count: entry.count + 1, at: entry.at + at });
  }
  return [...days.values()].map(({ sum, count, at }) => [at / count, sum / count]);
}

/** Trials over time, each hand by its own shape, its daily means joined by a line. */
export function timeChart(
  series: readonly TimeSeries[],
  marks: readonly ChartMark[],
  axis: string,
): EChartsCoreOption {
  return {
    animation: false,
    textStyle: TEXT,
    grid: { left: 8, right: 96, top: 40, bottom: 8, containLabel: true },
    legend: { top: 0, left: 0, textStyle: TEXT, selectedMode: false },
    xAxis: {
      type: 'time',
      axisLabel: { color: INK.soft, hideOverlap: true },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      scale: true,
      name: axis,
      nameTextStyle: { color: INK.soft, align: 'left' },
      axisLabel: { color: INK.soft, formatter: axisFigure },
      splitLine: { lineStyle: { color: INK.rule } },
    },
    series: series.flatMap(({ name, look, points }, index) => [
      {
        name,
        type: 'scatter',
        silent: true,
        symbol: lookOf(look).symbol,
        symbolSize: 9,
        itemStyle: { color: lookOf(look).color, opacity: 0.65 },
        data: points.map(({ at, value }) => [at, value]),
      },
      {
        name,
        type: 'line',
        silent: true,
        showSymbol: false,
        lineStyle: { color: lookOf(look).color, width: 2.5 },
        itemStyle: { color: lookOf(look).color },
        data: dailyMeans(points),
        ...(index > 0
          ? {}
          : {
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { color: INK.ink, type: 'dashed', width: 1.5 },
                label: { color: INK.ink, fontSize: 12, position: 'end' },
                data: marks.map((mark) => ({
                  yAxis: mark.at,
                  label: { formatter: mark.label },
                })),
              },
            }),
      },
    ]),
  };
}
