import { readText } from '../../../testing/read';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { Fraction } from '@ypsigram/core/amount';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { planBatch } from '@ypsigram/core/batch';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { kitchenChanges } from '../../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { CostView } from './cost-view';

describe('CostView', () => {
  let fixture: ComponentFixture<CostView>;

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideStore(), provideState(kitchenFeature), provideRouter([])],
    });
    fixture = TestBed.createComponent(CostView);
    const batch = { factor: new Fraction(2), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
    const reading = readText('500 g bread flour\n10 g table salt');
    fixture.componentRef.setInput('plan', planBatch(reading, batch));
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.componentRef.setInput('pieces', 8);
    fixture.detectChanges();
  });

  const text = (): string =>
    (fixture.nativeElement as HTMLElement).textContent!.replace(/\s+/g, ' ');
  const price = (ingredientId: string, packGrams: number, costs: number): void => {
    TestBed.inject(Store).dispatch(
      kitchenChanges.priceKept({ price: { ingredientId, packGrams, price: costs } }),
    );
    fixture.detectChanges();
  };

  it('counts nothing while no price is known, and leads to where one is set', () => {
    expect(text()).toContain('Set a price to see what this batch costs.');
    expect(text()).not.toContain('0.00');
    const links = [...(fixture.nativeElement as HTMLElement).querySelectorAll('a')];
    expect(links.map((link) => link.getAttribute('href'))).toEqual([
      '/ingredients/flour-wheat-bread',
      '/ingredients/salt-table',
    ]);
  });

  it('tells what the batch and a piece cost, and the whole packs to buy', () => {
    TestBed.inject(Store).dispatch(kitchenChanges.settingsChosen({ change: { currency: '€' } }));
    price('flour-wheat-bread', 750, 1.5);
    expect(text()).toContain('2.00 € for this batch');
    expect(text()).toContain('0.25 € per piece');
    expect(text()).toContain('2 × 750 g');
    expect(text()).toContain('500 g');
    expect(text()).toContain('1 ingredient has no price yet and is not counted');
  });

  it('tells where the money goes', () => {
    price('flour-wheat-bread', 750, 1.5);
    expect(text()).toContain('100 %');
    price('salt-table', 1000, 25);
    // 1000 g of flour for 2.00 beside 20 g of salt for 0.50.
    expect(text()).toContain('80 %');
    expect(text()).toContain('20 %');
    price('salt-table', 1000, 0.4);
    expect(text()).toContain('under 1 %');
    price('salt-table', 1000, 25);
    const bars = [...(fixture.nativeElement as HTMLElement).querySelectorAll('rect')];
    expect(bars.map((bar) => Math.round(Number(bar.getAttribute('width'))))).toEqual([80, 20]);
  });

  it('does not call a whole cake a piece', () => {
    price('flour-wheat-bread', 750, 1.5);
    fixture.componentRef.setInput('pieces', 1);
    fixture.detectChanges();
    expect(text()).toContain('for this batch.');
    expect(text()).not.toContain('per piece');
  });
});
