import fc from 'fast-check';
import { NO_HISTORY, endTyping, record, stepBack, stepForward, type History } from './history';

/** What stands, and how it came about. */
interface State {
  readonly value: number;
  readonly history: History<number>;
}

const START: State = { value: 0, history: NO_HISTORY };
const change = ({ value, history }: State, to: number, isTyping = false): State => ({
  value: to,
  history: record(history, value, isTyping),
});
const back = ({ value, history }: State): State | null => stepBack(history, value);
const forth = ({ value, history }: State): State | null => stepForward(history, value);

describe('a history', () => {
  it('goes back to the beginning and forth to the end again', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1, maxLength: 30 }), (values) => {
        let state = values.reduce((now, value) => change(now, value), START);
        values.forEach(() => (state = back(state)!));
        expect(state.value).toBe(0);
        expect(back(state)).toBeNull();
        values.forEach(() => (state = forth(state)!));
        expect(state.value).toBe(values.at(-1)!);
        expect(forth(state)).toBeNull();
        expect(state.history.depth).toBe(values.length);
      }),
    );
  });

  it('takes what is typed in one go for one step', () => {
    const typed = [1, 12, 123].reduce((now, value) => change(now, value, true), START);
    expect(back(typed)?.value).toBe(0);
    const paused = { ...typed, history: endTyping(typed.history) };
    expect(back(change(paused, 1234, true))?.value).toBe(123);
  });

  it('forgets what was undone once something else is done', () => {
    const undone = back(change(START, 1))!;
    expect(forth(change(undone, 2))).toBeNull();
  });

  it('keeps no more steps than anyone goes back, and still knows how many there were', () => {
    let state = START;
    for (let value = 1; value <= 500; value++) state = change(state, value);
    expect(state.history.past.length).toBe(200);
    expect(state.history.depth).toBe(500);
  });
});
