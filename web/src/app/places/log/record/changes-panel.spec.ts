import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import { BakeSession } from '../../../state/bake/bake-session';
import { Acting, GREBE, practiceWith } from '../../../testing/practice';
import { ChangesPanel } from './changes-panel';

const FLOUR = {
  written: '2 cups flour',
  nth: 0,
  ingredientId: 'flour-wheat-all-purpose',
  intendedGrams: 250,
  grams: 250,
  isWeighed: true,
};
const SALT = { ...FLOUR, written: '1 tsp salt', ingredientId: 'salt-table', grams: 6 };

const outcome = (bakeId: string, change: Partial<BakeOutcomeReply> = {}): BakeOutcomeReply =>
  ({
    bakeId,
    recipeId: 'r',
    at: '2026-11-07T09:00:00.000Z',
    handId: null,
    factor: 1,
    lines: [FLOUR, SALT],
    minutes: 30,
    dialCelsius: 180,
    ...change,
  }) as BakeOutcomeReply;

/** The bake that is looked at. */
function openBake(): void {
  const session = { bake: signal({ id: 'now' }) };
  TestBed.configureTestingModule({ providers: [{ provide: BakeSession, useValue: session }] });
}

describe('what changed since the bake before', () => {
  function panel(
    now: Partial<BakeOutcomeReply>,
    kitchen: Parameters<typeof practiceWith>[0] = {},
  ): Acting<ChangesPanel> {
    openBake();
    practiceWith(kitchen);
    return new Acting(ChangesPanel, { outcomes: [outcome('before'), outcome('now', now)] });
  }
  const items = ({ element }: Acting<ChangesPanel>): readonly string[] =>
    [...element.querySelectorAll('li')].map((item) => item.textContent.trim());

  it('is told line by line, the largest first, and leads to both bakes', () => {
    const lines = [
      { ...FLOUR, grams: 275 },
      { ...SALT, grams: 3 },
    ];
    const view = panel({ lines });
    expect(items(view)).toEqual([
      'Fine table salt: 50 % less',
      'All-purpose wheat flour: 10 % more',
    ]);
    expect(view.element.querySelector('a')!.getAttribute('href')).toBe(
      '/log/compare?a=before&b=now',
    );
  });

  it('names what is new, left out, and who measured', () => {
    const oats = { ...FLOUR, written: '1 cup oats', ingredientId: 'oats-rolled' };
    expect(items(panel({ lines: [FLOUR, oats], handId: GREBE }))).toEqual([
      'New: 1 cup oats',
      'Left out: 1 tsp salt',
      'Measured by Grebe',
    ]);
  });

  it('tells heat in the degrees of this kitchen', () => {
    const metric = panel({ dialCelsius: 190, minutes: 25 }, { temperature: 'celsius' });
    expect(items(metric)).toEqual(['In the oven 30 → 25 min', 'Dial 180 °C → 190 °C']);
    TestBed.resetTestingModule();
    const american = panel({ dialCelsius: 190, factor: 2 }, { temperature: 'fahrenheit' });
    expect(items(american)).toEqual(['Batch ×1 → ×2', 'Dial 356 °F → 374 °F']);
  });

  it('says so where the record shows nothing, and is silent about a first bake', () => {
    expect(items(panel({}))).toEqual(['Nothing that the record shows.']);
    TestBed.resetTestingModule();
    openBake();
    practiceWith();
    expect(new Acting(ChangesPanel, { outcomes: [outcome('now')] }).words()).toBe('');
  });
});
