import { readUsualLine, usualBatch } from '../../../testing/read';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Fraction } from '@ypsigram/core/amount';
import { planLine, type LineChoice } from '@ypsigram/core/batch';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import type { Decision } from '../../../state/recipe/recipe.actions';
import { LineDecisions } from './line-decisions';

describe('LineDecisions', () => {
  let fixture: ComponentFixture<LineDecisions>;
  let decisions: Decision[];

  function open(written: string, choice: LineChoice = {}, factor = 2): void {
    const line = readUsualLine(written);
    const batch = usualBatch({ factor: new Fraction(factor) });
    fixture = TestBed.createComponent(LineDecisions);
    const inputs = {
      line,
      plan: planLine(line, 'us-customary', batch, choice),
      choice,
      factor,
      shelf: BUILT_IN_SHELF,
      drawer: batch.drawer,
    };
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    decisions = [];
    fixture.componentInstance.decided.subscribe((change) => decisions.push(change));
    fixture.detectChanges();
  }
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  function change(field: HTMLInputElement | HTMLSelectElement, value: string): void {
    field.value = value;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  }

  it('pins what this batch weighs as the weight at factor 1', () => {
    open('2 cups flour');
    change(element().querySelector('input')!, '520');
    expect(decisions).toEqual([{ grams: 260 }]);
    change(element().querySelector('input')!, '');
    expect(decisions.at(-1)).toEqual({ grams: undefined });
  });

  it('keeps a weight that is none, says so and decides nothing', () => {
    open('2 cups flour');
    change(element().querySelector('input')!, 'a handful');
    expect(decisions).toEqual([]);
    expect(element().textContent).toContain('Write the weight in grams');
    expect(element().querySelector('input')!.value).toBe('a handful');
  });

  it('offers other kinds, and says what one changes', () => {
    open('30 g fresh yeast', { instead: { ingredientId: 'yeast-instant', form: null } });
    const kinds = [...element().querySelectorAll('select')[0]!.options].map(({ text }) =>
      text.trim(),
    );
    expect(kinds[0]).toContain('as written');
    expect(kinds).toContain('Instant yeast');
    expect(element().textContent).toContain('0.33 g for every gram');
    expect(element().textContent).toContain('adds no allergen');
  });

  it('has each thing of the drawer once to fill only that', () => {
    open('1 cup milk');
    const field = [...element().querySelectorAll('select')].at(-1)!;
    const names = [...field.options].map(({ value }) => value);
    expect(names.filter((name) => name === 'jug').length).toBe(1);
    change(field, '1/4 cup');
    expect(decisions).toEqual([{ tools: ['1/4 cup'] }]);
  });

  it('goes back to how it was', () => {
    open('2 cups flour', { grams: 130, weighed: true });
    element().querySelector<HTMLButtonElement>('button')!.click();
    expect(Object.values(decisions[0]!)).toEqual(new Array(6).fill(undefined));
  });

  it('fills as near as the tools come, and stops weighing as a premix', () => {
    open('2 cups flour', { premix: true });
    const box = (name: string): HTMLInputElement =>
      [...element().querySelectorAll('label')]
        .find((label) => label.textContent!.includes(name))!
        .querySelector('input')!;
    box('use as many fills as it takes to come nearest').click();
    box('weigh as a premix').click();
    expect(decisions).toEqual([{ nearest: true }, { premix: undefined }]);
  });
});
