import type { Skill, Standing } from '@ypsigram/core/practice';
import { standings } from '@ypsigram/core/practice';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import type { TrialSet } from '@ypsigram/core/calibration';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { practiceActions } from '../../../state/practice/practice.feature';
import type { HandTrial } from '../../../state/trials/trials.selectors';
import { Acting, GREBE, practiceWith } from '../../../testing/practice';
import { PracticeHead } from '../practice-head';
import { skillLink } from '../skill-link';
import { TryStrip } from '../try-strip';
import { progressRows, progressTable, realSpread } from './progress';
import { SittingPage } from './sitting.page';
import { TodayPage } from './today.page';

const SPOONED: Skill = { kind: 'fill', class: 'powder', method: 'spooned' };
const POUR: Skill = { kind: 'jug', task: 'pour' };
const DAY = 24 * 60 * 60 * 1000;
let number = 0;
const tried = (daysAgo: number, off: number, skill: Skill = SPOONED): PracticeTryRecord => ({
  id: `00000000-0000-4000-8000-${String(++number).padStart(12, '0')}`,
  handId: GREBE,
  skill,
  ingredientId: null,
  at: new Date(Date.now() - daysAgo * DAY + number * 1000).toISOString(),
  off,
  tolerance: 0.06,
  isGood: Math.abs(off) <= 0.06,
});
const standingOf = (...tries: readonly PracticeTryRecord[]): readonly Standing[] =>
  standings(tries);

describe('the first page of practice', () => {
  it('begins with a few minutes for somebody new', () => {
    const { store } = practiceWith();
    store.dispatch(practiceActions.triesLoaded({ tries: [] }));
    const page = new Acting(TodayPage);
    expect(page.words()).toContain('Begin with a few minutes');
    expect(page.element.querySelectorAll('.due li').length).toBe(4);
    expect(page.words()).not.toContain('What you have tried');
  });

  it('says what is due, what is yours, and when the rest comes back', () => {
    const { store } = practiceWith();
    const tries = [
      tried(30, 0.2),
      tried(30, 0.01),
      tried(29, 0.02),
      tried(29, 0.01),
      tried(0, 0.01, POUR),
    ];
    store.dispatch(practiceActions.triesLoaded({ tries }));
    const page = new Acting(TodayPage);
    expect(page.words()).toMatch(/things? (is|are) due today/);
    expect(page.words()).toMatch(/Flour, spooned\s*yours\s*back today/);
    expect(page.words()).toMatch(/Pour to a mark\s*1 in a row/);
    expect(page.element.querySelector('yg-picture')).not.toBeNull();
  });
});

describe('progress', () => {
  const sets = [
    {
      of: { ingredientId: 'flour-wheat-all-purpose', form: null, method: 'spooned', tool: '1 cup' },
      calibration: { trials: 8, spread: 0.04, isEnough: true },
    },
    {
      of: { ingredientId: 'cocoa', form: null, method: 'spooned', tool: '1 cup' },
      calibration: { trials: 8, spread: 0.02, isEnough: true },
    },
    {
      of: { ingredientId: 'sugar-brown', form: null, method: 'packed', tool: '1 cup' },
      calibration: { trials: 2, spread: 0.5, isEnough: false },
    },
  ] as unknown as readonly TrialSet<HandTrial>[];

  it('is a row of the latest tries for each technique, in percent', () => {
    const rows = progressRows(standingOf(tried(2, 0.2), tried(1, 0.02), tried(1, -0.1, POUR)));
    expect(rows.map(({ label }) => label)).toEqual(['Flour, spooned', 'Pour to a mark']);
    expect(rows[0]!.dots.map(({ isHollow }) => isHollow)).toEqual([true, false]);
    expect(rows[0]!.mean).toBeCloseTo(11, 9);
  });

  it('stands beside what the hand’s real trials scatter by', () => {
    // √((8 · 0.04² + 8 · 0.02²) / 16) = 0.0316.
    expect(realSpread(SPOONED, sets, BUILT_IN_SHELF)).toBeCloseTo(0.0316, 4);
    const packed: Skill = { kind: 'fill', class: 'moist', method: 'packed' };
    expect(realSpread(packed, sets, BUILT_IN_SHELF)).toBeNull();
    expect(realSpread(POUR, sets, BUILT_IN_SHELF)).toBeNull();
    const tries = [tried(3, -0.04), tried(2, 0), tried(1, 0.04)];
    const { rows } = progressTable(standingOf(...tries), sets, BUILT_IN_SHELF);
    expect(rows[0]).toEqual(['Flour, spooned', '3', '±0.0 %', '4.0 %', '3.2 %']);
  });

  it('leads from each skill to where it is practised', () => {
    expect(skillLink(SPOONED, BUILT_IN_SHELF)).toEqual({
      link: '/practice/fill',
      params: { method: 'spooned', ingredient: 'flour-wheat-all-purpose' },
    });
    expect(skillLink(POUR, BUILT_IN_SHELF).params).toEqual({ kind: 'pour' });
    const asked: Skill = { kind: 'question', topic: 'order' };
    expect(skillLink(asked, BUILT_IN_SHELF).link).toBe('/practice/which');
  });
});

describe('the strip of tries', () => {
  const words = (tries: readonly PracticeTryRecord[]): string =>
    new Acting(TryStrip, { tries }).words();

  it('counts good ones in a row to three', () => {
    expect(words([])).toContain('Three good ones in a row, and it is yours.');
    expect(words([tried(0, 0.01)])).toContain('One good one. Two more in a row.');
    expect(words([tried(0, 0.01), tried(0, 0.01)])).toContain('Two in a row. One more.');
    const three = [tried(0, 0.01), tried(0, 0.02), tried(0, 0.01)];
    expect(words(three)).toContain('3 good ones in a row: it is yours.');
    expect(words(three)).toContain('This series: 3 tries, on average +1.3 %');
  });

  it('marks what is off by its shape, and says all of it', () => {
    const strip = new Acting(TryStrip, { tries: [tried(0, 0.2), tried(0, 0.01)] });
    expect(strip.element.querySelectorAll('.off').length).toBe(1);
    expect(strip.element.querySelectorAll('circle').length).toBe(1);
    expect(strip.element.querySelector('svg')!.getAttribute('aria-label')).toContain(
      '+20.0 %, too far off; +1.0 %',
    );
  });
});

describe('five minutes', () => {
  it('go through what is due, and end with how it went', () => {
    const { store, tries } = practiceWith();
    store.dispatch(practiceActions.triesLoaded({ tries: [tried(40, 0.2)] }));
    const page = new Acting(SittingPage);
    expect(page.words()).toContain('1 of 5: Flour, spooned');
    page.click('Weigh it');
    expect(page.words()).toContain('too light');
    expect(tries().length).toBe(2);
    page.click('Next');
    expect(page.words()).toContain('2 of 5');
    for (let left = 4; left > 0; left--) page.click('Skip this one');
    expect(page.words()).toContain('0 of 5 good');
  });
});

describe('the head of practice', () => {
  it('changes who practises, and takes the last try back', () => {
    const { store, tries } = practiceWith();
    store.dispatch(practiceActions.triesLoaded({ tries: [] }));
    const head = new Acting(PracticeHead, { title: 'Practice' });
    expect(() => head.button(/Undo/)).toThrow();
    store.dispatch(practiceActions.tryMade({ made: tried(0, 0.01) }));
    head.fixture.detectChanges();
    head.click('Undo last try');
    expect(tries()).toEqual([]);
    const who = head.element.querySelector('select')!;
    who.value = '';
    who.dispatchEvent(new Event('change'));
    head.fixture.detectChanges();
    expect(who.selectedOptions[0]!.textContent).toBe('nobody in particular');
  });
});
