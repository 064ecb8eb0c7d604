import type { EChartsCoreOption } from 'echarts/core';
import { axisFigure, INK, TEXT, lookOf } from './ink';

/** How often something came out as how much: one ridge of a picture. */
export interface Ridge {
  readonly label: string;
  readonly look: number;
  /** How many fell into each step; the first step begins at `from`. */
  readonly counts: readonly number[];
}

/** What the ridges stand on. */
export interface RidgeAxis {
  readonly name: string;
  /** Where the first step begins, and how wide a step is. */
  readonly from: number;
  readonly step: number;
  /** What is forgiven. */
  readonly low: number;
  readonly high: number;
}

const ROW_PIXELS = 64;
const EDGES_PIXELS = 78;
/** A ridge takes this much of its row; the rest is for its label. */
const HEIGHT = 0.62;
/** Steps with less than this share of the highest one are as good as nothing. */
const SEEN = 0.004;

/** How high a picture with so many ridges is. */
export const heightOfRidges = (rows: number): number => rows * ROW_PIXELS + EDGES_PIXELS;

function rangeOf(ridges: readonly Ridge[], { from, step, low, high }: RidgeAxis): [number, number] {
  const ends = ridges.flatMap(({ counts }) => {
    const most = Math.max(...counts);
    const first = counts.findIndex((count) => count > SEEN * most);
    const last = counts.findLastIndex((count) => count > SEEN * most);
    return [from + step * first, from + step * (last + 1)];
  });
  const [least, most] = [Math.min(low, ...ends), Math.max(high, ...ends)];
  const air = (most - least) * 0.03;
  return [least - air, most + air];
}

interface RidgelineDrawing {
  coord(point: readonly [number, number]): [number, number];
  value(dimension: number): number;
}

interface RidgePoint {
  readonly coordSys: { readonly x: number; readonly y: number; readonly height: number };
}

/**
 * Distributions one under the other on a common scale, each as high as the others at its highest,
 * over the band of what is forgiven.
 */
export function ridgelineChart(ridges: readonly Ridge[], axis: RidgeAxis): EChartsCoreOption {
  const [min, max] = rangeOf(ridges, axis);
  const { from, step, low, high } = axis;
  return {
    animation: false,
    textStyle: TEXT,
    grid: { left: 4, right: 12, top: 26, bottom: 46 },
    xAxis: {
      type: 'value',
      min,
      max,
      name: axis.name,
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: INK.soft },
      axisLabel: {
        color: INK.soft,
        showMinLabel: false,
        showMaxLabel: false,
        hideOverlap: true,
        formatter: axisFigure,
      },
      axisLine: { onZero: false, lineStyle: { color: INK.soft } },
      splitLine: { show: false },
    },
    yAxis: { type: 'value', inverse: true, min: 0, max: ridges.length, show: false },
    series: [
      {
        type: 'custom',
        silent: true,
        data: [[low, high]],
        encode: { x: [0, 1] },
        renderItem: ({ coordSys }: RidgePoint, api: RidgelineDrawing) => {
          const [left] = api.coord([low, 0]);
          const [right] = api.coord([high, 0]);
          const { y, height } = coordSys;
          const edge = (x: number): object => ({
            type: 'line',
            shape: { x1: x, y1: y, x2: x, y2: y + height },
            style: { stroke: INK.ink, lineWidth: 1.5, lineDash: [5, 4] },
          });
          return {
            type: 'group',
            children: [
              {
                type: 'rect',
                shape: { x: left, y, width: right - left, height },
                style: { fill: INK.leaf, opacity: 0.1 },
              },
              edge(left),
              edge(right),
              {
                type: 'text',
                style: {
                  x: (left + right) / 2,
                  y: y - 18,
                  text: 'close enough',
                  textAlign: 'center',
                  fill: INK.ink,
                  font: `12px ${TEXT.fontFamily}`,
                },
              },
            ],
          };
        },
      },
      {
        type: 'custom',
        silent: true,
        data: ridges.map((_, row) => [row]),
        encode: { y: 0 },
        renderItem: ({ coordSys }: RidgePoint, api: RidgelineDrawing) => {
          const row = api.value(0);
          const { label, look, counts } = ridges[row]!;
          const most = Math.max(1, ...counts);
          const points = counts.flatMap((count, at): [number, number][] => {
            const [left, right] = [from + step * at, from + step * (at + 1)];
            if (left < min || right > max) return [];
            const top = row + 1 - (HEIGHT * count) / most;
            return [api.coord([left, top]), api.coord([right, top])];
          });
          const [, foot] = api.coord([min, row + 1]);
          const [, head] = api.coord([min, row]);
          const outline = [[points[0]?.[0] ?? 0, foot], ...points, [points.at(-1)?.[0] ?? 0, foot]];
          return {
            type: 'group',
            children: [
              {
                type: 'polygon',
                shape: { points: outline },
                style: { fill: lookOf(look).color, opacity: 0.78 },
              },
              {
                type: 'line',
                shape: { x1: coordSys.x, y1: foot, x2: 10_000, y2: foot },
                style: { stroke: INK.rule, lineWidth: 1 },
              },
              {
                type: 'text',
                style: {
                  x: coordSys.x + 4,
                  y: head + 5,
                  text: label,
                  fill: INK.ink,
                  stroke: INK.enamel,
                  lineWidth: 4,
                  font: `600 14px ${TEXT.fontFamily}`,
                },
              },
            ],
          };
        },
      },
    ],
  };
}
