import { heightOfRidges, ridgelineChart, type Ridge } from './ridgeline-chart';
import { heightOfRows, rowsChart, type ChartRow } from './rows-chart';
import { sharesChart } from './shares-chart';
import { timeChart } from './time-chart';

interface Drawn {
  readonly xAxis: { readonly min: number; readonly max: number };
  readonly series: readonly {
    readonly type: string;
    readonly data: readonly { readonly value?: readonly number[] }[];
    readonly markLine?: { readonly data: readonly unknown[] };
  }[];
}

const row = (by: Partial<ChartRow>): ChartRow => ({
  label: 'Grebe',
  look: 0,
  mean: 128,
  interval: [126, 130],
  dots: [],
  ...by,
});

describe('a picture in rows', () => {
  it('has room for everything that is on it', () => {
    const { xAxis } = rowsChart(
      [row({ dots: [{ at: 180, isHollow: false }] })],
      [{ at: 110, label: 'table' }],
      'g',
    ) as unknown as Drawn;
    expect(xAxis.min).toBeLessThan(110);
    expect(xAxis.max).toBeGreaterThan(180);
  });

  it('does not let one slip far out squeeze everything else together', () => {
    const dots = [
      { at: 130, isHollow: false },
      { at: 446, isHollow: true },
    ];
    const { xAxis, series } = rowsChart([row({ dots })], [], 'g') as unknown as Drawn;
    expect(xAxis.max).toBeLessThan(140);
    const slip = series.filter(({ type }) => type === 'scatter')[1]!.data[0]!;
    expect(slip.value![0]).toBe(xAxis.max);
    expect(JSON.stringify(slip)).toContain('446 →');
  });

  it('draws every trial once, on its own row, hollow where it does not count', () => {
    const dots = Array.from({ length: 9 }, (_, index) => ({
      at: 120 + index,
      isHollow: index === 4,
    }));
    const { series } = rowsChart([row({}), row({ dots })], [], 'g') as unknown as Drawn;
    const scatters = series.filter(({ type }) => type === 'scatter');
    expect(scatters.map(({ data }) => data.length)).toEqual([8, 1]);
    for (const { value } of scatters[0]!.data) {
      expect(Math.abs(value![1]! - 1)).toBeLessThan(0.5);
    }
  });

  it('leaves out an interval that has no end', () => {
    const { series } = rowsChart(
      [row({ interval: [-Infinity, Infinity] })],
      [],
      'g',
    ) as unknown as Drawn;
    expect(series[0]!.data).toEqual([]);
  });

  it('grows with its rows', () => {
    expect(heightOfRows(5)).toBeGreaterThan(heightOfRows(2));
  });
});

describe('a picture over time', () => {
  it('joins the means of the days', () => {
    const at = (day: number, hour: number): number => Date.UTC(2026, 2, day, hour);
    const points = [
      { at: at(1, 9), value: 120 },
      { at: at(1, 10), value: 130 },
      { at: at(8, 9), value: 140 },
    ];
    const { series } = timeChart(
      [{ name: 'Grebe', look: 0, points }],
      [{ at: 125, label: 'table' }],
      'g',
    ) as unknown as { series: { type: string; data: number[][] }[] };
    const line = series.find(({ type }) => type === 'line')!;
    expect(line.data.map(([, value]) => value)).toEqual([125, 140]);
  });
});

describe('a picture of ridges', () => {
  const ridge = (of: Partial<Ridge>): Ridge => ({ label: 'spooned', look: 0, counts: [], ...of });
  const axis = { name: 'g', from: 70, step: 1, low: 97, high: 103 };
  const at = (...filled: number[]): number[] =>
    Array.from({ length: 60 }, (_, index) => (filled.includes(70 + index) ? 100 : 0));

  it('has room for every ridge and for what is forgiven, and for no more', () => {
    const ridges = [ridge({ counts: at(99, 100) }), ridge({ counts: at(85, 90) })];
    const { xAxis } = ridgelineChart(ridges, axis) as unknown as Drawn;
    expect(xAxis.min).toBeLessThan(85);
    expect(xAxis.min).toBeGreaterThan(80);
    expect(xAxis.max).toBeGreaterThan(103);
    expect(xAxis.max).toBeLessThan(108);
  });

  it('does not stretch for what comes once in a thousand bakes', () => {
    const counts = at(99, 100).map((count, index) => (index === 0 ? 0.1 : count));
    const { xAxis } = ridgelineChart([ridge({ counts })], axis) as unknown as Drawn;
    expect(xAxis.min).toBeGreaterThan(90);
  });

  it('grows with its ridges', () => {
    expect(heightOfRidges(4)).toBeGreaterThan(heightOfRidges(1));
  });
});

describe('a picture of shares', () => {
  it('takes each bar apart into its parts, which add up to its size', () => {
    const { baseOption } = sharesChart(
      [
        { label: 'flour', size: 4, shares: [0.25, 0.75] },
        { label: 'water', size: 2, shares: [1, 0] },
      ],
      ['tools', 'luck'],
      'percent',
    ) as unknown as { baseOption: { series: { name: string; data: number[] }[] } };
    const [tools, luck] = baseOption.series;
    expect(tools).toEqual(jasmine.objectContaining({ name: 'tools', data: [1, 2] }));
    expect(luck).toEqual(jasmine.objectContaining({ name: 'luck', data: [3, 0] }));
  });
});
