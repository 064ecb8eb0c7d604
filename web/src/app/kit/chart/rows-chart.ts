import type { EChartsCoreOption } from 'echarts/core';
import { axisFigure, INK, TEXT, lookOf } from './ink';

/** One row of a picture: what is known of one way, person or author, on a common scale. */
export interface ChartRow {
  readonly label: string;
  /** Index of its look: rows of one kind look alike. */
  readonly look: number;
  readonly mean: number | null;
  readonly interval: readonly [number, number] | null;
  readonly dots: readonly { readonly at: number; readonly isHollow: boolean }[];
}

/** What the rows are held against. */
export interface ChartMark {
  readonly at: number;
  readonly label: string;
}

const ROW_PIXELS = 46;
const EDGES_PIXELS = 96;
/** Dots of a row are spread over this much of it, so that each is seen. */
const SPREAD = 0.5;
const AIR = 0.06;
/** A label of a mark takes about this share of the width. */
const LABEL_WIDTH = 0.16;
const LEVEL_PIXELS = 16;

/** How high a picture with so many rows is. */
export const heightOfRows = (rows: number): number => rows * ROW_PIXELS + EDGES_PIXELS;

function rangeOf(
  rows: readonly ChartRow[],
  marks: readonly ChartMark[],
  isAllInRange: boolean,
): [number, number] {
  const all = [
    ...marks.map(({ at }) => at),
    ...rows.flatMap(({ mean, interval, dots }) => [
      ...(mean === null ? [] : [mean]),
      ...(interval ?? []),
      // One slip far out must not squeeze everything else together: it is drawn at the edge.
      ...dots.filter(({ isHollow }) => isAllInRange || !isHollow).map(({ at }) => at),
    ]),
  ].filter(Number.isFinite);
  if (all.length === 0) all.push(...rows.flatMap(({ dots }) => dots.map(({ at }) => at)));
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const air = (high - low || Math.abs(high) * 0.1 || 1) * AIR;
  return [low - air, high + air];
}

/** Up and down in turn, further out each time, the same on every drawing. */
function offset(index: number, count: number): number {
  return count < 2 ? 0 : (((index * 7) % count) / (count - 1) - 0.5) * SPREAD;
}

/**
 * Labels of marks stand on several levels, so that neighbours can be read: each on the lowest
 * that is free at its place.
 */
function levels(marks: readonly ChartMark[], width: number): number[] {
  const last: number[] = [];
  const placed = new Map<ChartMark, number>();
  for (const mark of [...marks].sort((a, b) => a.at - b.at)) {
    const free = last.findIndex((at) => mark.at - at > width * LABEL_WIDTH);
    const level = free < 0 ? last.length : free;
    last[level] = mark.at;
    placed.set(mark, level);
  }
  return marks.map((mark) => placed.get(mark)!);
}

interface RowsDrawing {
  coord(point: readonly [number, number]): readonly [number, number];
  value(dimension: number): number;
}

/** What is drawn at an edge because it lies beyond is said there once, all of it. */
function edgeLabel(
  at: number,
  dots: ChartRow['dots'],
  [min, max]: readonly [number, number],
): object {
  if (at >= min && at <= max) return { show: false };
  const isHigh = at > max;
  const beyond = dots.map((dot) => dot.at).filter((other) => (isHigh ? other > max : other < min));
  if (beyond[0] !== at) return { show: false };
  const figures = beyond.map((other) => Math.round(other)).join(', ');
  return {
    show: true,
    formatter: isHigh ? `${figures} →` : `← ${figures}`,
    position: isHigh ? 'left' : 'right',
    color: INK.soft,
    fontSize: 12,
  };
}

/**
 * Rows one under the other on a common scale: trials as dots (hollow where they do not count),
 * the mean as an upright stroke, its interval as a bar, and marks across all rows. Hollow dots far
 * out are drawn at the edge, unless all are to be in the range.
 */
export function rowsChart(
  rows: readonly ChartRow[],
  marks: readonly ChartMark[],
  axis: string,
  isAllInRange = false,
): EChartsCoreOption {
  const [min, max] = rangeOf(rows, marks, isAllInRange);
  const bars = rows.flatMap(({ interval, look }, row) =>
    interval?.every(Number.isFinite) ? [[interval[0], interval[1], row, look]] : [],
  );
  const level = levels(marks, max - min);
  const means = rows.flatMap(({ mean, look }, row) => (mean === null ? [] : [[mean, row, look]]));
  return {
    animation: false,
    textStyle: TEXT,
    grid: {
      left: 8,
      right: 24,
      top: 12 + LEVEL_PIXELS * (Math.max(-1, ...level) + 1),
      bottom: 44,
      containLabel: true,
    },
    xAxis: {
      type: 'value',
      min,
      max,
      name: axis,
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: INK.soft },
      axisLabel: {
        color: INK.soft,
        showMinLabel: false,
        showMaxLabel: false,
        formatter: axisFigure,
      },
      axisLine: { onZero: false, lineStyle: { color: INK.soft } },
      splitLine: { lineStyle: { color: INK.rule } },
    },
    yAxis: {
      type: 'value',
      inverse: true,
      min: -0.5,
      max: rows.length - 0.5,
      interval: 0.5,
      axisLine: { show: false },
      axisTick: { show: false },
      splitLine: { show: false },
      axisLabel: {
        color: INK.ink,
        fontSize: 14,
        width: 170,
        overflow: 'truncate',
        formatter: (value: number) => (Number.isInteger(value) ? (rows[value]?.label ?? '') : ''),
      },
    },
    series: [
      {
        type: 'custom',
        silent: true,
        data: bars,
        encode: { x: [0, 1], y: 2 },
        renderItem: (_: unknown, api: RowsDrawing) => {
          const [x1, y] = api.coord([api.value(0), api.value(2)]);
          const [x2] = api.coord([api.value(1), api.value(2)]);
          return {
            type: 'rect',
            shape: { x: x1, y: y - 7, width: Math.max(2, x2 - x1), height: 14, r: 4 },
            style: { fill: INK.mustard, opacity: 0.7 },
          };
        },
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: INK.ink, type: 'dashed', width: 1.5 },
          label: { color: INK.ink, fontSize: 12 },
          data: marks.map(({ at, label }, index) => ({
            xAxis: at,
            label: {
              formatter: label,
              // The rows run downwards, so that a line starts at the foot and ends at the head.
              position: 'start',
              distance: 3 + LEVEL_PIXELS * level[index]!,
            },
          })),
        },
      },
      ...[false, true].map((isHollow) => ({
        type: 'scatter',
        silent: true,
        data: rows.flatMap(({ dots, look }, row) =>
          dots.flatMap((dot, index) =>
            dot.isHollow === isHollow
              ? [
                  {
                    value: [Math.min(max, Math.max(min, dot.at)), row + offset(index, dots.length)],
                    label: edgeLabel(dot.at, dots, [min, max]),
                    symbol: lookOf(look).symbol,
                    itemStyle: isHollow
                      ? { color: INK.enamel, borderColor: INK.soft, borderWidth: 1.5 }
                      : { color: lookOf(look).color, opacity: 0.75 },
                  },
                ]
              : [],
          ),
        ),
        symbolSize: 9,
      })),
      {
        type: 'custom',
        silent: true,
        data: means,
        encode: { x: 0, y: 1 },
        renderItem: (_: unknown, api: RowsDrawing) => {
          const [x, y] = api.coord([api.value(0), api.value(1)]);
          return {
            type: 'rect',
            shape: { x: x - 2, y: y - 15, width: 4, height: 30, r: 2 },
            style: { fill: lookOf(api.value(2)).color },
          };
        },
      },
    ],
  };
}
