import { axisFigure, INK, TEXT } from './ink';

const CRUMBS = 5;

/** A picture of crumbs, one to five, over how far something was off in percent. */
export const crumbAxes = {
  animation: false,
  textStyle: TEXT,
  grid: { left: 16, right: 24, top: 84, bottom: 30, containLabel: true },
  legend: { top: 0, left: 0, textStyle: TEXT, selectedMode: false },
  xAxis: {
    type: 'value',
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
    max: CRUMBS + 1,
    axisLine: { onZero: false },
    interval: 1,
    name: 'crumbs',
    nameTextStyle: { color: INK.soft },
    axisLabel: {
      color: INK.soft,
      formatter: (value: number) => (value >= 1 && value <= CRUMBS ? String(value) : ''),
    },
    splitLine: { lineStyle: { color: INK.rule } },
  },
} as const;
