import { readText } from '../../testing/read';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { lookedThrough, type OpenQuestion, type Reader } from './open-questions';
import { rowsOf } from './rows';

const BY: Reader = {
  standard: 'us-customary',
  shelf: BUILT_IN_SHELF,
  known: [],
  proven: new Map(),
};

/** What is asked of a text that fits into one slice. */
function openIn(text: string): readonly OpenQuestion[] {
  const rows = signal(rowsOf(text, readText(text)));
  const looked = TestBed.runInInjectionContext(() => lookedThrough(rows, signal(BY)));
  TestBed.tick();
  return looked().open;
}

describe('what is asked of a recipe', () => {
  const asked = (text: string): string[] => openIn(text).map(({ about }) => about);

  it('asks first for what has no weight, then for what moves the most grams', () => {
    expect(
      asked(
        'Knots\n1 tbsp kosher salt\n3 cups cake flour, sifted\n1 tbsp sea buckthorn\n1 cup milk',
      ),
    ).toEqual(['1 tbsp sea buckthorn', '3 cups cake flour, sifted', '1 tbsp kosher salt']);
  });

  it('does not ask what every author means, nor what the line forgives', () => {
    expect(asked('2 cups flour\n2 eggs\n1 cup brown sugar\n1 cup butter, melted')).toEqual([]);
    expect(asked('8 oz sour cream')).toEqual([]);
  });

  it('knows the line of a question in a text with blank lines', () => {
    const text = 'Knots\n\n\n1 tbsp kosher salt';
    const [question] = openIn(text);
    expect(question?.index).toBe(0);
    expect(question?.gramsAtStake).toBeCloseTo(6, 6);
  });

  it('looks through a long text in slices, and from the start when it changes', async () => {
    const line = '1 tbsp kosher salt';
    const textOf = (count: number): string => Array.from({ length: count }, () => line).join('\n');
    const rowsIn = (text: string) => rowsOf(text, readText(text));
    const rows = signal(rowsIn(textOf(400)));
    const looked = TestBed.runInInjectionContext(() => lookedThrough(rows, signal(BY)));
    TestBed.tick();
    expect(looked().done).toBe(150);
    rows.set(rowsIn(textOf(350)));
    TestBed.tick();
    expect(looked().all).toBe(350);
    while (looked().done < 350) await new Promise((resolve) => setTimeout(resolve));
    expect(looked().open.length).toBe(350);
  });
});
