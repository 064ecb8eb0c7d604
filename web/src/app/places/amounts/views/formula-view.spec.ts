import { readText } from '../../../testing/read';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Fraction } from '@ypsigram/core/amount';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { planBatch } from '@ypsigram/core/batch';
import type { NewMasses } from '@ypsigram/core/formula';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { FormulaView } from './formula-view';

describe('FormulaView', () => {
  let fixture: ComponentFixture<FormulaView>;
  let masses: NewMasses[];
  let totals: number[];

  function open(text: string, factor = 2): void {
    const batch = { factor: new Fraction(factor), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
    fixture = TestBed.createComponent(FormulaView);
    fixture.componentRef.setInput('plan', planBatch(readText(text), batch));
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.componentRef.setInput('factor', factor);
    masses = [];
    totals = [];
    fixture.componentInstance.massesSet.subscribe((set) => masses.push(set));
    fixture.componentInstance.totalSet.subscribe((grams) => totals.push(grams));
    fixture.detectChanges();
  }
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  function change(label: string, value: string): void {
    const field = [...element().querySelectorAll('input')].find(
      (input) =>
        input.getAttribute('aria-label')?.startsWith(label) ||
        input.closest('label')?.textContent?.includes(label),
    )!;
    field.value = value;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  }

  const LOAF = '500 g bread flour\n300 g water\n10 g table salt';

  it('pins the mass that a percentage asks for, at factor 1', () => {
    open(LOAF);
    change('Fine table salt', '1.8');
    expect(masses.length).toBe(1);
    expect(masses[0]![2]).toBeCloseTo(9, 9);
  });

  it('reaches a hydration by its water', () => {
    open(LOAF);
    change('Hydration', '80');
    // 500 g of flour bring 67 g of water of their own, 10 g of salt 0.02 g.
    expect(masses[0]![1]).toBeCloseTo(400 - 67 - 0.02, 6);
  });

  it('passes the mass of the whole dough on', () => {
    open(LOAF);
    change('Dough weight', '1000');
    expect(totals).toEqual([1000]);
  });

  it('says what can not be, and changes nothing', () => {
    open(LOAF);
    change('Bread flour', '80');
    change('Hydration', '2');
    change('Dough weight', 'much');
    expect(masses).toEqual([]);
    expect(totals).toEqual([]);
    expect(element().querySelector('.problem')!.textContent).toContain('Write the dough weight');
  });

  it('has no percentages without flour', () => {
    open('200 g butter\n200 g sugar');
    expect(element().textContent).toContain('no flour');
  });
});
