import { bakeOf, KNOTS, readingsOf } from '../../testing/bake.js';
import { bakeState, minutesIn, minutesInPan, type Act, type BakeReading } from '../index.js';

const plan = bakeOf(KNOTS);
const after = (...acts: readonly Act[]) => bakeState(plan, readingsOf(...acts)).after;
const at = (minute: number, act: Act): BakeReading => ({
  id: `reading-${String(minute).padStart(4, '0')}`,
  at: new Date(Date.UTC(2026, 2, 14, 9, minute)).toISOString(),
  device: 'tablet',
  handId: null,
  act,
});

describe('a bake after the bench', () => {
  it('has its steps ticked, and ticked off again', () => {
    const done: Act = { do: 'step', step: 'step-1', isDone: true };
    expect(after(done, { ...done, step: 'step-2' }).steps).toEqual(['step-1', 'step-2']);
    expect(after(done, done, { ...done, isDone: false }).steps).toEqual([]);
  });

  it('knows how long a tray was in the oven and in its pan, and what each look found', () => {
    const { trays } = bakeState(plan, [
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(14, { do: 'look', tray: 1, found: 'wet' }),
      at(16, { do: 'look', tray: 1, found: 'crumbs' }),
      at(17, { do: 'tray', tray: 1, to: 'pan' }),
      at(20, { do: 'tray', tray: 2, to: 'oven' }),
      at(22, { do: 'tray', tray: 1, to: 'rack' }),
    ]).after;
    const [one, two] = trays;
    expect(minutesIn(one!)).toBe(17);
    expect(minutesInPan(one!)).toBe(5);
    expect(one!.looks.map(({ found }) => found)).toEqual(['wet', 'crumbs']);
    expect(minutesIn(two!)).toBeNull();
  });

  it('turned out at once was in no pan; back in the oven it counts anew', () => {
    const out = bakeState(plan, [
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(10, { do: 'tray', tray: 1, to: 'rack' }),
    ]).after.trays[0]!;
    expect([minutesIn(out), minutesInPan(out)]).toEqual([10, 0]);
    const again = bakeState(plan, [
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(10, { do: 'tray', tray: 1, to: 'pan' }),
      at(12, { do: 'tray', tray: 1, to: 'oven' }),
      at(15, { do: 'tray', tray: 1, to: 'pan' }),
    ]).after.trays[0]!;
    expect(minutesIn(again)).toBe(3);
  });

  it('holds the last result, what is kept as good, photos and answers', () => {
    const result = { rating: 2, symptoms: ['dense'], note: 'Rolls.', isWasted: false };
    const state = after(
      { do: 'result', ...result, rating: 3 },
      { do: 'result', ...result },
      { do: 'good', isGood: true },
      { do: 'photo', photo: 'a', isKept: true },
      { do: 'photo', photo: 'b', isKept: true },
      { do: 'photo', photo: 'a', isKept: false },
      { do: 'answer', question: 'flour-dipped', answer: 'yes' },
      { do: 'judge', verdict: 'better' },
    );
    expect(state.result).toEqual(result);
    expect(state.isGood).toBeTrue();
    expect(state.photos).toEqual(['b']);
    expect(state.answers).toEqual({ 'flour-dipped': 'yes' });
    expect(state.verdict).toBe('better');
  });

  it('takes anything back as everything else is taken back', () => {
    const [good] = readingsOf({ do: 'good', isGood: true });
    const undone = bakeState(plan, [
      good!,
      {
        ...good!,
        id: 'undo',
        at: '2026-03-14T10:00:00.000Z',
        act: { do: 'undo', reading: good!.id },
      },
    ]);
    expect(undone.after.isGood).toBeFalse();
  });

  it('keeps when it is to be ready and how the oven is set', () => {
    const heat = {
      oven: 'lock oven',
      isFan: false,
      wantedCelsius: 177,
      dialCelsius: 165,
      rack: 'middle',
      pan: 'dark',
      trays: 2,
    } as const;
    const readyAt = '2026-03-14T15:00:00.000Z';
    const state = after(
      { do: 'heat', ...heat },
      { do: 'ready-by', readyAt, minutes: { 'step-1': 30 } },
    );
    expect(state.oven).toEqual(heat);
    expect(state.readyAt).toBe(readyAt);
    expect(state.minutes).toEqual({ 'step-1': 30 });
  });
});
