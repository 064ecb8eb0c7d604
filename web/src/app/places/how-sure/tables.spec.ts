import { forgivenessOf } from '@ypsigram/core/baking';
import { readText } from '../../testing/read';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { TestBed } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { provideRouter } from '@angular/router';
import { Fraction } from '@ypsigram/core/amount';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { planBatch } from '@ypsigram/core/batch';
import { chanceLines, simulate } from '@ypsigram/core/chance';
import { CausesPicture } from './causes-picture';
import { FlourPictures } from './flour-pictures';
import { HowItWorks } from './how-it-works';
import { LargerBatches } from './larger-batches';
import { LineChances } from './line-chances';

const READING = readText('Rounds\n3 cups all-purpose flour\n1 cup milk\n2 eggs\n1 tsp salt');
const BATCH = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
const PLAN = planBatch(READING, BATCH);
const LINES = chanceLines(PLAN, BATCH, (index) => (index === 1 ? 'weigh' : 'measure'));
const CHANCES = simulate(LINES, { bakes: 2000, seed: 1 });

function shown<T>(component: Type<T>, inputs: Record<string, unknown>): HTMLElement {
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(inputs)) {
    fixture.componentRef.setInput(name, value);
  }
  fixture.detectChanges();
  return fixture.nativeElement as HTMLElement;
}
const rowsOf = (element: HTMLElement): string[][] =>
  [...element.querySelectorAll('tbody tr')].map((row) =>
    [...row.children].map((cell) => cell.textContent!.replace(/\s+/g, ' ').trim()),
  );

describe('each line by itself', () => {
  const rows = (): string[][] =>
    rowsOf(shown(LineChances, { lines: LINES, chances: CHANCES, plan: PLAN }));

  it('says what it is done with, and whether the hand is assumed', () => {
    const [flour, milk, eggs] = rows();
    expect(flour![0]).toBe('3 cups all-purpose flour');
    expect(flour![1]).toContain('cup');
    expect(flour![4]).toBe('assumed');
    expect(milk![1]).toBe('the scale');
    expect(milk![4]).toBe('');
    expect(eggs![4]).withContext('nobody fills an egg').toBe('');
  });

  it('has what was meant between the ends of nine bakes of ten', () => {
    for (const [at, row] of rows().entries()) {
      const [low, high] = row[3]!.match(/[\d.]+/g)!.map(Number) as [number, number];
      const { intendedGrams } = LINES[at]!;
      expect(low)
        .withContext(row[0]!)
        .toBeLessThanOrEqual(intendedGrams + 0.1);
      expect(high)
        .withContext(row[0]!)
        .toBeGreaterThanOrEqual(intendedGrams - 0.1);
    }
  });

  it('names the ratio that it has the largest part in', () => {
    expect(rows().at(-1)![5]).toMatch(/^the salt: \d+ % of its variation$/);
  });
});

describe('larger batches', () => {
  it('stand beside the one as it is, with what is shared and what is not', () => {
    const outcomes = [1, 2].map((times) => ({ times, chances: CHANCES }));
    const [now, twice] = rowsOf(shown(LargerBatches, { outcomes }));
    expect(now![0]).toBe('this batch');
    expect(twice![0]).toBe('2 times this');
    expect(now![2]).toMatch(/^±\d+\.\d %$/);
    expect(twice!.slice(1)).toEqual(now!.slice(1));
  });
});

describe('pictures in figures', () => {
  it('give flour and water, each by every way of doing the flour', () => {
    const outcomes = (['weighed', 'spooned'] as const).map((way) => ({ way, chances: CHANCES }));
    const element = shown(FlourPictures, { outcomes, forgives: forgivenessOf('cake') });
    const rows = rowsOf(element);
    expect(rows.map(([name]) => name)).toEqual([
      'flour weighed',
      'flour spooned',
      'flour weighed',
      'flour spooned',
    ]);
    const grams = CHANCES.baseMass.grams;
    expect(Number(rows[0]![1])).toBeCloseTo(grams * (1 + CHANCES.baseMass.mean), -1);
    expect(Number(rows[2]![1])).toBeCloseTo(CHANCES.ratios.water!.intended, -1);
  });

  it('share each spread out among its causes, all of it', () => {
    for (const row of rowsOf(shown(CausesPicture, { chances: CHANCES }))) {
      const shares = row.slice(2).map(Number);
      const all = shares.reduce((sum, share) => sum + share, 0);
      expect(Math.abs(all - 100))
        .withContext(row[0]!)
        .toBeLessThanOrEqual(2);
    }
  });
});

describe('what is assumed', () => {
  it('stands there with its figure and what takes its place', () => {
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const rows = rowsOf(shown(HowItWorks, {}));
    const tool = rows.find(([name]) => name === 'size of a tool')!;
    expect(tool[1]).toBe('2.5 %');
    expect(tool[3]).toContain('Tools');
    expect(rows.find(([name]) => name === 'a hand')![1]).toBe('75 % of one fill');
  });
});
