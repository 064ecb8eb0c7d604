import { TestBed } from '@angular/core/testing';
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import { forgivenessChart } from './forgiveness-chart';
import { ForgivenessPanel } from './forgiveness-panel';
import { ProvenPanel } from './proven-panel';

const words = (element: unknown): string =>
  (element as HTMLElement).textContent.replace(/\s+/g, ' ');

describe('what bakes have taught', () => {
  it('says what is proven, by how many bakes', () => {
    const fixture = TestBed.createComponent(ProvenPanel);
    const line = { written: '2 cups flour', nth: 0, ingredientId: 'flour' };
    fixture.componentRef.setInput('proven', [{ ...line, grams: 252.4, spread: 0.012, bakes: 3 }]);
    fixture.detectChanges();
    expect(words(fixture.nativeElement)).toContain('2 cups flour252 g± 1.2 %3 bakes');
    fixture.componentRef.setInput('proven', []);
    fixture.detectChanges();
    expect(words(fixture.nativeElement)).toContain('Use these amounts next time');
  });

  it('says how far a ratio may go, with its doubt and what it rests on', () => {
    const fixture = TestBed.createComponent(ForgivenessPanel);
    const limit = {
      part: 'water',
      limit: 0.11,
      low: 0.07,
      high: 0.16,
      usual: 0.13,
      bakes: 10,
      isUsed: true,
    };
    fixture.componentRef.setInput('limits', [limit]);
    fixture.componentRef.setInput('outcomes', [
      { deviations: { water: 0.02 }, rating: 5, isGood: true },
      { deviations: { water: -0.15 }, rating: 2, isGood: false },
      { deviations: {}, rating: 2, isGood: false },
    ] as Partial<BakeOutcomeReply>[]);
    fixture.detectChanges();
    const told = words(fixture.nativeElement);
    expect(told).toContain('Water: up to 11 % off goes unnoticed here');
    expect(told).toContain('(7 to 16 %)');
    expect(told).toContain('rests on 10 bakes; bakes of this kind usually forgive 13 %');
    expect(told).toContain('Amounts and How sure go by it.');
  });

  it('draws each bake once, by whether it came out, on an axis that holds the limit', () => {
    const dots = [
      { percent: 2, rating: 5, isGood: true },
      { percent: -15, rating: 2, isGood: false },
    ];
    const options = forgivenessChart(dots, { limit: 0.11, low: 0.07, high: 0.16 }) as {
      xAxis: { min: number; max: number };
      series: { data: unknown[] }[];
    };
    expect([options.xAxis.min, options.xAxis.max]).toEqual([-20, 20]);
    expect(options.series.map(({ data }) => data.length)).toEqual([1, 1, 0]);
  });
});
