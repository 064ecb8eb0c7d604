import { KEPT_ASIDE, PEOPLE, outcomeOf, readAsWritten } from './testing/people/index.js';

/** Of the lines that were looked at, and of those that were not. */
const WANTED = 0.97;
const WANTED_ASIDE = 0.92;
/** A wrong figure is worse than none: so few are let be. */
const MOST_WRONG = 0.02;

function sharesOf(groups: typeof PEOPLE): { right: number; wrong: number } {
  const outcomes = Object.entries(groups).flatMap(([group, lines]) =>
    lines.map((line) => outcomeOf(readAsWritten(line, group), line)),
  );
  const share = (wanted: string): number =>
    outcomes.filter((outcome) => outcome === wanted).length / outcomes.length;
  return { right: share('right'), wrong: share('wrong') };
}

describe('reading lines as people write them', () => {
  for (const [group, lines] of Object.entries(PEOPLE)) {
    it(`understands ${group}`, () => {
      const { right, wrong } = sharesOf({ [group]: lines });
      expect(right).toBeGreaterThanOrEqual(WANTED);
      expect(wrong).toBeLessThanOrEqual(MOST_WRONG);
    });
  }

  it('understands those that nobody looked at', () => {
    const { right, wrong } = sharesOf(KEPT_ASIDE);
    expect(right).toBeGreaterThanOrEqual(WANTED_ASIDE);
    expect(wrong).toBeLessThanOrEqual(MOST_WRONG);
  });
});
