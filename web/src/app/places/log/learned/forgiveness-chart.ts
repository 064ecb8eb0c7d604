import type { EChartsCoreOption } from 'echarts/core';
import { axisFigure, INK, TEXT } from '../../../kit/chart/ink';

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
    animation: false,
    textStyle: TEXT,
    grid: { left: 16, right: 24, top: 34, bottom: 30, containLabel: true },
    legend: { top: 0, left: 0, textStyle: TEXT, selectedMode: false },
    xAxis: {
      type: 'value',
      min: -widest,
      max: widest,
      name: '% off what was meant',
      nameLocation: 'middle',
      nameGap: 26,
      nameTextStyle: { color: INK.soft },
      axisLabel: { color: INK.soft, formatter: axisFigure },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 6,
      axisLine: { onZero: false },
      interval: 1,
      name: 'crumbs',
      nameTextStyle: { color: INK.soft },
      axisLabel: {
        color: INK.soft,
        formatter: (value: number) => (value >= 1 && value <= 5 ? String(value) : ''),
      },
      splitLine: { lineStyle: { color: INK.rule } },
    },
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
