import fc from 'fast-check';
import { bakeOf, KNOTS, lineNamed, readingsOf } from '../../testing/bake.js';
import {
  bakeState,
  fillsLeft,
  gramsOfFill,
  lastToRedo,
  lastToUndo,
  type Act,
  type BakeReading,
} from './index.js';

const plan = bakeOf(KNOTS, '2');
const flour = lineNamed(plan, 'bread flour');
const cup = flour.measure!.fills[0]!;
const weigh = (line: string, grams: number): Act => ({
  do: 'weigh',
  route: 'container',
  line,
  grams,
  scale: 'kitchen scale',
});
const fill = (line: string, tool: string, grams: number | null = null): Act => ({
  do: 'fill',
  line,
  tool,
  grams,
  scale: grams === null ? null : 'kitchen scale',
});
const stateOf = (...acts: readonly Act[]) => bakeState(plan, readingsOf(...acts));
const lineOf = (acts: readonly Act[], id = flour.id) =>
  stateOf(...acts).lines.find(({ line }) => line.id === id)!;

describe('a bake as it stands', () => {
  it('begins with an empty tray and every line in a bowl', () => {
    const state = stateOf();
    expect(state.ready).toBe(0);
    expect(state.lines.every(({ fullness }) => fullness === 'empty')).toBeTrue();
    expect(state.bowls.flatMap(({ lines }) => lines).length).toBe(plan.lines.length);
  });

  it('counts fills: half full until all are in, and then what such fills weigh', () => {
    const all = flour.measure!.fills.flatMap(({ tool, count }) =>
      Array.from({ length: count }, () => fill(flour.id, tool)),
    );
    expect(lineOf(all.slice(0, 1)).fullness).toBe('half');
    const left = fillsLeft(flour.measure!.fills, [{ tool: cup.tool }]);
    expect(left[0]!.count).toBe(cup.count - 1);
    const full = lineOf(all);
    expect(full.fullness).toBe('full');
    expect(full.grams).toBeCloseTo(flour.measure!.grams, 6);
    expect(full.spread).toBeCloseTo(flour.measure!.spread, 9);
    expect(full.off).toBeNull();
  });

  it('is sure of a fill that was made over a scale', () => {
    const filled = lineOf([fill(flour.id, cup.tool, 150), fill(flour.id, cup.tool)]);
    expect(filled.grams).toBeCloseTo(150 + gramsOfFill(flour.measure!, cup.tool), 6);
    expect(filled.spread).toBeLessThan(flour.measure!.spread);
    expect(filled.spread).toBeGreaterThan(0);
  });

  it('takes the last weighing for what is in, and says when it is off', () => {
    const exact = flour.intendedGrams!;
    expect(lineOf([weigh(flour.id, 900), weigh(flour.id, Math.round(exact))]).off).toBeNull();
    const over = lineOf([weigh(flour.id, exact * 1.1)]);
    expect(over.fullness).toBe('full');
    expect(over.off).toBeCloseTo(0.1, 6);
    expect(over.spread).toBe(0);
    expect([over.weighedBy, over.scale]).toEqual(['container', 'kitchen scale']);
    expect(lineOf([weigh(flour.id, 900), fill(flour.id, cup.tool)]).weighedBy).toBeNull();
  });

  it('is emptied by somebody, who is told with it', () => {
    const emptied = lineOf([weigh(flour.id, 900), { do: 'empty', line: flour.id }]);
    expect([emptied.weighedGrams, emptied.device]).toEqual([null, 'tablet']);
    expect(emptied.doneAt).toBe('2026-03-14T09:00:01.000Z');
  });

  it('can be emptied, and what is not measured is just in', () => {
    expect(lineOf([weigh(flour.id, 900), { do: 'empty', line: flour.id }]).fullness).toBe('empty');
    expect(lineOf([{ do: 'finish', line: flour.id }]).fullness).toBe('full');
  });

  it('passes over what is done at a line that is not there', () => {
    expect(stateOf(weigh('gone', 5)).ready).toBe(0);
  });

  it('keeps an arrangement, and every line in it whatever it leaves out', () => {
    const state = stateOf({ do: 'arrange', bowls: [{ section: null, lines: [flour.id, 'gone'] }] });
    expect(state.bowls[0]).toEqual({ section: null, lines: [flour.id] });
    expect(state.bowls.flatMap(({ lines }) => lines).length).toBe(plan.lines.length);
  });

  it('remembers evening, cover, check, dough, pieces and how far it is', () => {
    const state = stateOf(
      { do: 'tonight', lines: [flour.id], startAt: '2026-03-15T08:00:00Z' },
      { do: 'cover', line: flour.id, isCovered: true },
      { do: 'check', line: flour.id },
      { do: 'dough', grams: 1830 },
      { do: 'divide', pieces: 36, gramsEach: null },
      { do: 'piece', grams: 51, scale: null },
      { do: 'stage', stage: 'oven' },
    );
    const line = state.lines.find(({ line: { id } }) => id === flour.id)!;
    expect([line.isTonight, line.isCovered, line.isChecked]).toEqual([true, true, true]);
    expect(state.startAt).toBe('2026-03-15T08:00:00Z');
    expect(state.doughGrams).toBe(1830);
    expect(state.division).toEqual({ pieces: 36, gramsEach: null });
    expect(state.pieces.map(({ grams }) => grams)).toEqual([51]);
    expect(state.stage).toBe('oven');
  });
});

describe('taking back', () => {
  const undo = (reading: string): Act => ({ do: 'undo', reading });

  it('takes back an act, and does it again', () => {
    const first = weigh(flour.id, 900);
    expect(lineOf([first, undo('reading-0000')]).fullness).toBe('empty');
    expect(lineOf([first, undo('reading-0000'), undo('reading-0001')]).fullness).toBe('full');
  });

  it('finds the last act of this device, and what can be done again', () => {
    const done = readingsOf(weigh(flour.id, 900), fill(flour.id, cup.tool));
    const other: BakeReading = { ...done[1]!, id: 'reading-x', device: 'phone' };
    expect(lastToUndo([...done, other], 'tablet')?.id).toBe('reading-0001');
    expect(lastToUndo([], 'tablet')).toBeNull();
    expect(lastToRedo(done, 'tablet')).toBeNull();
    const undone = readingsOf(weigh(flour.id, 900), fill(flour.id, cup.tool), undo('reading-0001'));
    expect(lastToRedo(undone, 'tablet')?.id).toBe('reading-0002');
    const twice = readingsOf(...undone.map(({ act }) => act), undo('reading-0000'));
    expect(lastToRedo(twice, 'tablet')?.id).toBe('reading-0003');
    const redone = readingsOf(...twice.map(({ act }) => act), undo('reading-0003'));
    expect(lastToRedo(redone, 'tablet')?.id).toBe('reading-0002');
  });
});

describe('over random histories', () => {
  const ids = plan.lines.map(({ id }) => id);
  const act = fc.oneof(
    fc.record({
      do: fc.constant('weigh' as const),
      route: fc.constant('container' as const),
      line: fc.constantFrom(...ids),
      grams: fc.integer({ min: 0, max: 2000 }),
      scale: fc.constant('s'),
    }),
    fc.record({
      do: fc.constant('fill' as const),
      line: fc.constantFrom(...ids),
      tool: fc.constantFrom('1 cup', '1 tsp'),
      grams: fc.constant(null),
      scale: fc.constant(null),
    }),
    fc.record({ do: fc.constant('finish' as const), line: fc.constantFrom(...ids) }),
    fc.record({ do: fc.constant('empty' as const), line: fc.constantFrom(...ids) }),
    fc.record({
      do: fc.constant('undo' as const),
      reading: fc
        .integer({ min: 0, max: 20 })
        .map((at) => `reading-${String(at).padStart(4, '0')}`),
    }),
  );

  it('every device sees the same, in whatever order readings come and however often', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 20 }), fc.infiniteStream(fc.nat()), (acts, luck) => {
        const readings = readingsOf(...acts);
        const shuffled = [...readings, ...readings]
          .map((one) => ({ one, at: luck.next().value }))
          .sort((a, b) => a.at - b.at)
          .map(({ one }) => one);
        expect(bakeState(plan, shuffled)).toEqual(bakeState(plan, readings));
      }),
      { numRuns: 100 },
    );
  });

  it('undoing everything gives the empty tray', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        let readings = readingsOf(...acts);
        for (let step = 0; step < 40; step++) {
          const last = lastToUndo(readings, 'tablet');
          if (!last) break;
          const at = new Date(Date.UTC(2026, 2, 15, 9, 0, step)).toISOString();
          readings = [
            ...readings,
            { ...last, id: `undo-${step}`, at, act: { do: 'undo', reading: last.id } },
          ];
        }
        expect(bakeState(plan, readings).ready).toBe(0);
      }),
      { numRuns: 60 },
    );
  });
});
