import type { EChartsCoreOption } from 'echarts/core';
import { realHeat, type OvenOffset, type OvenReading } from '@ypsigram/core/baking';
import type { Temperature } from '@ypsigram/contract';
import { INK, TEXT } from '../../kit/chart/ink';
import { degreesOf, DEGREES } from '../../kit/figures/heat';

const FROM = 100;
const TO = 260;
const STEP = 10;

/** Set against read: the readings as dots, the line through them, and where it may lie. */
export function ovenLineChart(
  readings: readonly OvenReading[],
  offset: OvenOffset,
  unit: Temperature,
): EChartsCoreOption {
  const dials = Array.from({ length: (TO - FROM) / STEP + 1 }, (_, at) => FROM + STEP * at);
  const heats = dials.map((dial) => ({ dial, ...realHeat(offset, dial) }));
  const degrees = (celsius: number): number => Math.round(10 * degreesOf(celsius, unit)) / 10;
  const line = (of: 'celsius' | 'low' | 'high', dashed: boolean) => ({
    type: 'line',
    silent: true,
    symbol: 'none',
    lineStyle: {
      color: dashed ? INK.soft : INK.cobalt,
      width: dashed ? 1 : 3,
      type: dashed ? 'dashed' : 'solid',
    },
    data: heats.map((heat) => [degrees(heat.dial), degrees(heat[of])]),
  });
  const axis = (name: string) => ({
    type: 'value',
    scale: true,
    name: `${name}, ${DEGREES[unit]}`,
    nameTextStyle: { color: INK.soft },
    axisLabel: { color: INK.soft },
    splitLine: { lineStyle: { color: INK.rule } },
  });
  return {
    animation: false,
    textStyle: TEXT,
    grid: { left: 16, right: 40, top: 34, bottom: 34, containLabel: true },
    xAxis: { ...axis('dial'), nameLocation: 'middle', nameGap: 28 },
    yAxis: axis('thermometer'),
    series: [
      {
        type: 'line',
        silent: true,
        symbol: 'none',
        lineStyle: { color: INK.rule, width: 2 },
        data: [
          [degrees(FROM), degrees(FROM)],
          [degrees(TO), degrees(TO)],
        ],
      },
      line('low', true),
      line('high', true),
      line('celsius', false),
      {
        type: 'scatter',
        symbolSize: 11,
        itemStyle: { color: INK.mustard },
        data: readings.map(({ setCelsius, readCelsius }) => [
          degrees(setCelsius),
          degrees(readCelsius),
        ]),
      },
    ],
  };
}
