import { readUsualLine, usualBatch } from '../../../testing/read';
import { TestBed } from '@angular/core/testing';
import { Fraction } from '@ypsigram/core/amount';
import { planLine, type PlanLine } from '@ypsigram/core/batch';
import { MovedLines } from './moved-lines';

describe('MovedLines', () => {
  const plan = (lines: readonly string[], factor = '1'): readonly PlanLine[] =>
    lines.map((written) =>
      planLine(
        readUsualLine(written),
        'us-customary',
        usualBatch({ factor: new Fraction(factor) }),
      ),
    );
  /** The same lines as another kitchen would fill them. */
  const otherwise = (written: string, as: string): readonly PlanLine[] => {
    const [line] = plan([as]);
    return [{ ...line!, written }];
  };
  const moved = (): MovedLines => TestBed.inject(MovedLines);

  it('marks what says something else than when it was looked at, with what it said', () => {
    moved().note('a', '1', plan(['1 cup sugar']));
    const now = otherwise('1 cup sugar', '1/2 cup sugar');
    moved().note('a', '1', now);
    expect(moved().movedIn('a', '1', now).get(0)).toEqual({ measure: '1 cup', weight: '200 g' });
  });

  it('marks it until it is looked at', () => {
    moved().note('a', '1', plan(['1 cup sugar']));
    const now = otherwise('1 cup sugar', '1/2 cup sugar');
    moved().look('a', now, 0);
    expect(moved().movedIn('a', '1', now).size).toBe(0);
  });

  it('marks nothing in a batch of another size: that was asked for', () => {
    moved().note('a', '1', plan(['1 cup sugar']));
    const twice = plan(['1 cup sugar'], '2');
    expect(moved().movedIn('a', '2', twice).size).toBe(0);
    moved().note('a', '2', twice);
    expect(moved().movedIn('a', '2', twice).size).toBe(0);
  });

  it('takes a line that is new as looked at, and tells two of the same words apart', () => {
    moved().note('a', '1', plan(['1 cup sugar']));
    const two = plan(['1 cup sugar', '1 cup sugar']);
    moved().note('a', '1', two);
    const [first] = two;
    const [second] = otherwise('1 cup sugar', '1/2 cup sugar');
    expect([...moved().movedIn('a', '1', [first!, second!]).keys()]).toEqual([1]);
  });

  it('keeps recipes apart', () => {
    moved().note('a', '1', plan(['1 cup sugar']));
    expect(moved().movedIn('b', '1', plan(['2 cups sugar'])).size).toBe(0);
  });
});
