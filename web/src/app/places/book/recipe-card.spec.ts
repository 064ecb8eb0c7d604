import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { RecipeSummary } from '@ypsigram/contract';
import { RecipeCard } from './recipe-card';

const BUNS: RecipeSummary = {
  id: '1',
  title: 'Buns',
  batch: { by: 'factor', factor: '3/2' },
  revision: 1,
  updatedAt: '2026-01-01T00:00:00.000Z',
  yield: 'Makes 12',
  ingredientCount: 1,
  openCount: 2,
  totalGrams: 250.4,
  measuredGrams: 245,
  weighedGrams: 250,
  problem: null,
};

describe('RecipeCard', () => {
  const show = (recipe: RecipeSummary): HTMLElement => {
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const fixture = TestBed.createComponent(RecipeCard);
    fixture.componentRef.setInput('recipe', recipe);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  };
  const text = (recipe: RecipeSummary): string => show(recipe).textContent!.replace(/\s+/g, ' ');

  it('says what it makes, what it weighs and what is open', () => {
    const shown = text(BUNS);
    for (const part of [
      'Buns',
      'Makes 12',
      '250 g',
      '1 ingredient',
      '2 without a weight',
      '×3/2',
    ]) {
      expect(shown).withContext(part).toContain(part);
    }
  });

  it('leans its beam by the difference of the two routes', () => {
    const beam = show(BUNS).querySelector('svg[role=img]');
    expect(beam?.getAttribute('aria-label')).toContain('Leans to weight by 2.0 %');
  });

  it('makes no fuss of an ordinary recipe', () => {
    const shown = text({
      ...BUNS,
      openCount: 0,
      batch: { by: 'factor', factor: '1' },
      yield: null,
    });
    expect(shown).not.toContain('without a weight');
    expect(shown).not.toContain('×');
    expect(shown).toContain('Yield not given');
  });
});
