import { createEmptyCard, fsrs, Rating, State } from 'ts-fsrs';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import {
  SITTING_SECONDS,
  SKILLS,
  dueAfter,
  dueUntil,
  gradeOf,
  ingredientsFor,
  isYours,
  practisedSpread,
  sameSkill,
  seriesOf,
  sitting,
  standings,
  streakOf,
  type PracticeTry,
  type Skill,
} from './index.js';

const SPOONED: Skill = { kind: 'fill', class: 'powder', method: 'spooned' };
const START = Date.parse('2026-03-14T09:00:00Z');
const DAY = 24 * 60 * 60 * 1000;
const at = (milliseconds: number): string => new Date(START + milliseconds).toISOString();
const tried = (
  when: number,
  off: number | null,
  change: Partial<PracticeTry> = {},
): PracticeTry => ({
  skill: SPOONED,
  at: at(when),
  off,
  tolerance: off === null ? null : 0.06,
  isGood: off !== null && Math.abs(off) <= 0.06,
  ...change,
});

describe('what comes back when', () => {
  it('is what the scheduler’s own examples say', () => {
    // A new card that was good: ten minutes later; good again then: some days.
    const scheduler = fsrs({ enable_fuzz: false });
    const now = new Date(START);
    const { card } = scheduler.next(createEmptyCard(now), now, Rating.Good);
    expect(dueAfter([tried(0, 0.01)])).toEqual(card.due);
    expect(card.due.getTime() - START).toBe(10 * 60_000);
    const second = scheduler.next(card, card.due, Rating.Good).card;
    expect(second.state).toBe(State.Review);
    expect(dueAfter([tried(0, 0.01), tried(10 * 60_000, 0.02)])).toEqual(second.due);
  });

  it('agrees with the scheduler’s replay of a whole history', () => {
    const scheduler = fsrs({ enable_fuzz: false });
    const history = [
      [0, 0.2],
      [60_000, 0.08],
      [8 * 60_000, 0.01],
      [DAY, 0.03],
      [4 * DAY, 0.3],
      [4 * DAY + 600_000, 0.02],
      [9 * DAY, 0.01],
    ] as const;
    const tries = history.map(([when, off]) => tried(when, off));
    const { collections } = scheduler.reschedule(
      createEmptyCard(new Date(START)),
      tries.map((one) => ({ rating: gradeOf(one), review: new Date(one.at) })),
    );
    expect(dueAfter(tries)).toEqual(collections.at(-1)!.card.due);
  });

  it('comes back sooner the further off it was', () => {
    const due = (off: number): number => dueAfter([tried(0, off)])!.getTime();
    expect(due(0.3)).toBeLessThan(due(0.1));
    expect(due(0.1)).toBeLessThan(due(0.01));
    expect(gradeOf({ isGood: false, off: null, tolerance: null })).toBe(Rating.Again);
  });

  it('puts what is longest due first, and what was never tried nowhere', () => {
    const jug: Skill = { kind: 'jug', task: 'pour' };
    const tries = [tried(DAY, 0.01), tried(0, 0.3, { skill: jug })];
    const due = dueUntil(standings(tries), new Date(START + 2 * DAY));
    expect(due.map(({ skill }) => skill)).toEqual([jug, SPOONED]);
    expect(dueUntil(standings(tries), new Date(START - DAY))).toEqual([]);
    expect(dueUntil(standings([]), new Date(START))).toEqual([]);
  });

  it('makes five minutes of what is due, something new, and never nothing', () => {
    const seconds = { fill: 45, jug: 30, question: 20 };
    const lengthOf = (skills: readonly Skill[]): number =>
      skills.reduce((sum, { kind }) => sum + seconds[kind], 0);
    const first = sitting(standings([]), new Date(START));
    expect(first.length).toBe(4);
    const all = SKILLS.map((skill) => tried(0, 0.3, { skill }));
    const later = sitting(standings(all), new Date(START + DAY));
    expect(lengthOf(later)).toBeLessThanOrEqual(SITTING_SECONDS);
    expect(lengthOf(later)).toBeGreaterThan(SITTING_SECONDS - 45);
    const nothingDue = sitting(standings(all), new Date(START - DAY));
    expect(nothingDue.length).toBeGreaterThan(5);
  });
});

describe('tries of a technique', () => {
  it('are yours after three good ones in a row', () => {
    const good = tried(0, 0.01);
    const bad = tried(0, 0.2);
    expect(isYours([good, good])).toBe(false);
    expect(isYours([good, good, bad, good])).toBe(false);
    expect(isYours([bad, good, good, good, bad])).toBe(true);
    expect(streakOf([bad, good, good])).toBe(2);
    expect(streakOf([good, bad])).toBe(0);
    expect(streakOf([])).toBe(0);
  });

  it('make a series until half an hour goes by', () => {
    const minutes = (count: number): number => count * 60_000;
    const tries = [
      tried(0, 0.2),
      tried(minutes(2), -0.1),
      tried(minutes(40), 0.04),
      tried(minutes(41), 0.02),
    ];
    const [first, second] = seriesOf(tries);
    expect(first!.meanDistance).toBeCloseTo(0.15, 9);
    expect(first!.meanOff).toBeCloseTo(0.05, 9);
    expect(second!.meanDistance).toBeCloseTo(0.03, 9);
    expect(second!.good).toBe(2);
    expect(seriesOf([tried(0, null)])[0]!.meanOff).toBeNull();
  });

  it('tell how steady somebody is by the latest, from the third on', () => {
    expect(practisedSpread([tried(0, 0.1), tried(1, 0.1)])).toBeNull();
    // 0.96, 1, 1.04: a standard deviation of 0.04.
    expect(practisedSpread([tried(0, -0.04), tried(1, 0), tried(2, 0.04)])).toBeCloseTo(0.04, 9);
    const early = Array.from({ length: 10 }, (_, index) => tried(index, index % 2 ? 0.5 : -0.5));
    const late = Array.from({ length: 8 }, (_, index) => tried(20 + index, 0));
    expect(practisedSpread([...early, ...late])).toBe(0);
  });
});

describe('what is practised', () => {
  it('is each thing once, a little of each kind first', () => {
    for (const [index, skill] of SKILLS.entries()) {
      expect(SKILLS.findIndex((other) => sameSkill(other, skill))).toBe(index);
    }
    expect(SKILLS.slice(0, 3).map(({ kind }) => kind)).toEqual(['fill', 'jug', 'question']);
  });

  it('can be filled with something that the shelf has', () => {
    for (const skill of SKILLS) {
      if (skill.kind !== 'fill') continue;
      expect(ingredientsFor(skill, BUILT_IN_SHELF).length)
        .withContext(JSON.stringify(skill))
        .toBeGreaterThan(0);
    }
  });
});
