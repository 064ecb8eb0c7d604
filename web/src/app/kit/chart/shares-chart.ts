import type { EChartsCoreOption } from 'echarts/core';
import { axisFigure, INK, TEXT } from './ink';

/** One bar: how large it is, and what shares it is made of; they add up to 1. */
export interface SharesRow {
  readonly label: string;
  readonly size: number;
  readonly shares: readonly number[];
}

const ROW_PIXELS = 38;
const EDGES_PIXELS = 112;

/** How high a picture with so many bars is. */
export const heightOfShares = (rows: number): number => rows * ROW_PIXELS + EDGES_PIXELS;

/** Each part by its pattern first, by colour as well. */
const PARTS = [
  { color: INK.cobalt, decal: { symbol: 'none' } },
  {
    color: INK.mustard,
    decal: { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 5], rotation: 0.8 },
  },
  {
    color: INK.brick,
    decal: {
      symbol: 'circle',
      symbolSize: 0.7,
      dashArrayX: [
        [6, 6],
        [0, 6, 6, 0],
      ],
      dashArrayY: [6, 0],
    },
  },
  { color: INK.leaf, decal: { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [3, 4] } },
  {
    color: INK.soft,
    decal: { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 4], rotation: -0.8 },
  },
] as const;

/** Bars one under the other, each taken apart into what it comes from. */
export function sharesChart(
  rows: readonly SharesRow[],
  parts: readonly string[],
  axis: string,
): EChartsCoreOption {
  const baseOption = {
    animation: false,
    textStyle: TEXT,
    aria: { enabled: true, label: { enabled: false }, decal: { show: true } },
    legend: {
      top: 0,
      left: 0,
      textStyle: TEXT,
      selectedMode: false,
      itemWidth: 28,
      itemHeight: 16,
    },
    grid: { left: 4, right: 16, top: 52, bottom: 44, containLabel: true },
    xAxis: {
      type: 'value',
      min: 0,
      name: axis,
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: INK.soft },
      axisLabel: { color: INK.soft, formatter: axisFigure },
      splitLine: { lineStyle: { color: INK.rule } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: rows.map(({ label }) => label),
      axisTick: { show: false },
      axisLine: { show: false },
      axisLabel: { color: INK.ink, fontSize: 14 },
    },
    series: parts.map((name, part) => {
      const { color, decal } = PARTS[part % PARTS.length]!;
      return {
        name,
        type: 'bar',
        stack: 'all',
        silent: true,
        barWidth: 20,
        itemStyle: { color, decal: { color: 'rgba(255,255,255,0.75)', ...decal } },
        data: rows.map(({ size, shares }) => size * shares[part]!),
      };
    }),
  };
  // On a phone the legend takes three lines.
  const narrow = { query: { maxWidth: 560 }, option: { grid: { top: 88 } } };
  return { baseOption, media: [narrow] };
}
