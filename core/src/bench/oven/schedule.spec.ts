import fc from 'fast-check';
import { bakeSteps } from '../../baking/steps/index.js';
import { bakeOf, KNOTS } from '../../testing/bake.js';
import { readText } from '../../testing/usual.js';
import { clashes, scheduleBack, type OvenTime } from './index.js';

const READY = '2026-03-14T15:00:00.000Z';
const plan = bakeOf(KNOTS);
const { steps } = bakeSteps(readText(KNOTS));
const back = (change: Partial<Parameters<typeof scheduleBack>[1]> = {}, ready = READY) =>
  scheduleBack(ready, { steps, lines: plan.lines, minutes: {}, trays: 1, ...change });
const minutesOf = ({ from, to }: { from: string; to: string }): number =>
  (Date.parse(to) - Date.parse(from)) / 60_000;

describe('a bake planned backwards', () => {
  it('ends when it is to be ready, with the longer end of each range', () => {
    const { blocks, readyAt } = back();
    expect(readyAt).toBe(READY);
    const bake = blocks.find(({ kind }) => kind === 'bake')!;
    expect(bake.to).toBe(READY);
    expect(minutesOf(bake)).toBe(17);
  });

  it('has its oven hot when the first tray goes in', () => {
    const { blocks, oven } = back();
    const [heat, bake] = ['heat', 'bake'].map((kind) => blocks.find((one) => one.kind === kind)!);
    expect(heat!.to).toBe(bake!.from);
    expect(minutesOf(heat!)).toBe(20);
    expect(oven).toEqual({ from: heat!.from, to: READY, celsius: jasmine.any(Number) as never });
  });

  it('starts no later than its oven is on, however little there is to do', () => {
    const quick = bakeSteps(
      readText('Rounds\n200 g flour\n\nMethod\nBake at 180 °C for 10 minutes.'),
    );
    const { startAt, oven, blocks } = back({ steps: quick.steps, lines: [] });
    expect(startAt <= oven!.from).toBeTrue();
    expect(blocks.every(({ from }) => from >= startAt)).toBeTrue();
  });

  it('takes butter and eggs out in time before it starts', () => {
    const { blocks, startAt } = back();
    const out = blocks.filter(({ kind }) => kind === 'take-out');
    expect(out.map(({ text }) => text).join()).toContain('Butter');
    for (const { to, from } of out) {
      expect(to).toBe(startAt);
      expect(from < startAt).toBeTrue();
    }
  });

  it('takes the minutes that its baker sets, and trays one after another', () => {
    const bake = steps.find(({ kind }) => kind === 'bake')!;
    const { blocks } = back({ minutes: { [bake.id]: 20 }, trays: 3 });
    expect(minutesOf(blocks.find(({ kind }) => kind === 'bake')!)).toBe(60);
  });

  it('says where its minutes are a guess', () => {
    const guessed = back().blocks.filter(({ isGuessed }) => isGuessed);
    expect(guessed.map(({ kind }) => kind)).toContain('measure');
    expect(guessed.map(({ kind }) => kind)).not.toContain('bake');
  });

  it('leaves no gap between what has to be done, whenever it is to be ready', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 10_000 }),
        fc.integer({ min: 1, max: 5 }),
        (at, trays) => {
          const ready = new Date(Date.parse(READY) + at * 60_000).toISOString();
          const { blocks, startAt } = back({ trays }, ready);
          const work = blocks.filter(({ kind }) => kind !== 'take-out' && kind !== 'heat');
          expect(work[0]!.from).toBe(startAt);
          for (const [n, { to }] of work.slice(0, -1).entries()) expect(work[n + 1]!.from).toBe(to);
          expect(work.at(-1)!.to).toBe(ready);
        },
      ),
    );
  });
});

describe('two bakes and one oven', () => {
  const time = (from: number, to: number, celsius: number | null = 180): OvenTime => ({
    from: `2026-03-14T${from}:00:00.000Z`,
    to: `2026-03-14T${to}:00:00.000Z`,
    celsius,
  });
  it('clash for as long as both want it', () => {
    const [clash] = clashes(time(10, 12), [{ bakeId: 'other', ...time(11, 13) }]);
    expect(clash).toEqual({
      bakeId: 'other',
      from: time(11, 12).from,
      to: time(11, 12).to,
      isSameHeat: true,
    });
  });
  it('do not where one ends when the other begins', () => {
    expect(clashes(time(10, 12), [{ bakeId: 'other', ...time(12, 13) }])).toEqual([]);
  });
  it('may share it at the same heat only', () => {
    const other = [{ bakeId: 'other', ...time(11, 13, 220) }];
    expect(clashes(time(10, 12), other)[0]!.isSameHeat).toBeFalse();
    expect(clashes(time(10, 12, null), other)[0]!.isSameHeat).toBeFalse();
  });
});
