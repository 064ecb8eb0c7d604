import { EMPTY_DRAFT } from './draft';
import { NO_HISTORY } from '../history/history';
import { type Decided, decide, redo, undo, withChoice } from './decisions';

describe('what the Balance decides', () => {
  const start: Decided = { draft: { ...EMPTY_DRAFT, text: '2 cups flour' }, history: NO_HISTORY };
  const factor = (value: string) => ({ batch: { by: 'factor' as const, factor: value } });

  it('is taken back and done again, one decision at a time', () => {
    const two = decide(decide(start, factor('2'), false), { methods: { 0: 'dipped' } }, false);
    const one = undo(two);
    expect(one.draft.methods).toEqual({});
    expect(one.draft.batch.factor).toBe('2');
    expect(undo(one).draft).toEqual(start.draft);
    expect(undo(undo(undo(two))).draft).toEqual(start.draft);
    expect(redo(redo(undo(one))).draft).toEqual(two.draft);
  });

  it('forgets what was taken back once something else is decided', () => {
    const other = decide(undo(decide(start, factor('2'), false)), factor('3'), false);
    expect(redo(other).draft.batch.factor).toBe('3');
    expect(other.history.future).toEqual([]);
  });

  it('is one step back for all that was typed or dragged in one go', () => {
    const typed = ['1', '1.', '1.5'].reduce<Decided>(
      (state, text) => decide(state, factor(text), true),
      start,
    );
    expect(typed.history.past.length).toBe(1);
    expect(undo(typed).draft.batch.factor).toBe('1');
  });

  it('of a line is kept together, and leaves nothing behind when all of it is undecided', () => {
    const pinned = withChoice(EMPTY_DRAFT.balance, '3', { grams: 120 });
    const both = withChoice(pinned, '3', { weighed: true });
    expect(both.lines).toEqual({ 3: { grams: 120, weighed: true } });
    const none = withChoice(both, '3', { grams: undefined, weighed: undefined });
    expect(none.lines).toEqual({});
  });
});
