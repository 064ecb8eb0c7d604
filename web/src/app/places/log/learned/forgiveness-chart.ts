import type { EChartsCoreOption } from 'echarts/core';
import { crumbAxes } from '../../../kit/chart/crumb-axes';
import { INK } from '../../../kit/chart/ink';

/** A bake at its deviation, in percent, and how it turned out. */
export interface JudgedDot {
  readonly percent: number;
  readonly rating: number;
  readonly isGood: boolean;
}

const ROUND_PERCENT = 5;

/** Each bake a dot at its deviation, good or not; the learned limit on both sides, with its doubt. */
export function forgivenessChart(
  dots: readonly JudgedDot[],
  { limit, low, high }: { readonly limit: number; readonly low: number; readonly high: number },
): EChartsCoreOption {
  const furthest = Math.max(100 * high * 1.1, ...dots.map(({ percent }) => Math.abs(percent)));
  const widest = Math.ceil(furthest / ROUND_PERCENT) * ROUND_PERCENT;
  const at = (share: number, dashed: boolean) =>
    [-share, share].map((side) => ({
      xAxis: 100 * side,
      lineStyle: { color: INK.brick, width: dashed ? 1 : 3, type: dashed ? 'dashed' : 'solid' },
      label: { show: false },
    }));
  const scatter = (isGood: boolean) => ({
    name: isGood ? 'came out' : 'did not',
    type: 'scatter',
    silent: true,
    symbol: isGood ? 'circle' : 'diamond',
    symbolSize: isGood ? 12 : 14,
    itemStyle: { color: isGood ? INK.leaf : INK.brick, opacity: 0.8 },
    data: dots
      .filter((dot) => dot.isGood === isGood)
      .map(({ percent, rating }) => [percent, rating]),
  });
  return {
    ...crumbAxes,
    xAxis: { ...crumbAxes.xAxis, min: -widest, max: widest },
    series: [
      scatter(true),
      scatter(false),
      {
        type: 'line',
        data: [],
        markLine: {
          silent: true,
          symbol: 'none',
          data: [...at(limit, false), ...at(low, true), ...at(high, true)],
        },
      },
    ],
  };
}
