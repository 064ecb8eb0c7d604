import type { EChartsCoreOption } from 'echarts/core';
import { RATING_NAMES } from '@ypsigram/contract/log';
import type { LogMonth } from '@ypsigram/core/log';
import { crumbAxes } from '../../../kit/chart/crumb-axes';
import { axisFigure, INK, lookOf, TEXT } from '../../../kit/chart/ink';

/** From brick to leaf, and each step told apart by its place in the stack and its word. */
const RATING_INKS = [INK.brick, INK.clay, INK.straw, INK.sage, INK.leaf];

const frame = (months: readonly LogMonth[], axis: string): EChartsCoreOption => ({
  animation: false,
  textStyle: TEXT,
  grid: { left: 12, right: 16, top: 84, bottom: 8, containLabel: true },
  legend: { top: 0, left: 0, textStyle: TEXT, selectedMode: false, itemGap: 14 },
  xAxis: {
    type: 'category',
    data: months.map(({ month }) => month),
    axisLabel: { color: INK.soft, hideOverlap: true },
  },
  yAxis: {
    type: 'value',
    name: axis,
    nameTextStyle: { color: INK.soft, align: 'left' },
    axisLabel: { color: INK.soft, formatter: axisFigure },
    splitLine: { lineStyle: { color: INK.rule } },
  },
});

/** How many bakes of each month turned out how. */
export const resultsChart = (months: readonly LogMonth[]): EChartsCoreOption => ({
  baseOption: {
    ...frame(months, 'bakes'),
    series: RATING_NAMES.map((name, at) => ({
      name: `${at + 1} ${name.toLowerCase()}`,
      type: 'bar',
      stack: 'bakes',
      itemStyle: { color: RATING_INKS[at], borderColor: INK.enamel, borderWidth: 1 },
      data: months.map(({ byRating }) => byRating[at]),
    })),
  },
  // On a phone the five results take three lines above it.
  media: [{ query: { maxWidth: 560 }, option: { grid: { top: 112 } } }],
});

/** What the ingredients of each month cost, and what of it was thrown away. */
export const costChart = (months: readonly LogMonth[], currency: string): EChartsCoreOption => ({
  ...frame(months, currency),
  series: [
    {
      name: 'eaten or sold',
      type: 'bar',
      stack: 'cost',
      itemStyle: { color: INK.cobalt },
      data: months.map(({ cost, waste }) => Number((cost - waste).toFixed(2))),
    },
    {
      name: 'thrown away',
      type: 'bar',
      stack: 'cost',
      itemStyle: { color: INK.brick },
      data: months.map(({ waste }) => Number(waste.toFixed(2))),
    },
  ],
});

/** How far weighed lines were from what was meant, by month and hand. */
export const spreadChart = (
  months: readonly LogMonth[],
  hands: readonly { readonly id: string | null; readonly name: string }[],
): EChartsCoreOption => ({
  ...frame(months, '% off, typically'),
  series: hands.map(({ id, name }, at) => ({
    name,
    type: 'line',
    connectNulls: true,
    symbol: lookOf(at).symbol,
    symbolSize: 10,
    lineStyle: { color: lookOf(at).color },
    itemStyle: { color: lookOf(at).color },
    data: months.map(({ spread }) => {
      const value = spread.get(id);
      return value === undefined ? null : Number((100 * value).toFixed(2));
    }),
  })),
});

/** Rating against how far a ratio was off: bakes of one recipe by the same shape. */
export const ratingChart = (
  groups: readonly {
    readonly name: string;
    readonly dots: readonly (readonly [number, number])[];
  }[],
): EChartsCoreOption => ({
  ...crumbAxes,
  series: groups.map(({ name, dots }, at) => ({
    name,
    type: 'scatter',
    silent: true,
    symbol: lookOf(at).symbol,
    symbolSize: 11,
    itemStyle: { color: lookOf(at).color, opacity: 0.75 },
    data: dots,
  })),
});
