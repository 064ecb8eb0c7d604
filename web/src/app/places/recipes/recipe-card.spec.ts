import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import type { Author, RecipeSummary } from '@ypsigram/contract';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { RecipeCard } from './recipe-card';
import { RecipeFacts } from './recipe-facts';

const AUTHOR = '00000000-0000-4000-8000-0000000000b1';

const BUNS: RecipeSummary = {
  id: '1',
  title: 'Buns',
  batch: { by: 'factor', factor: '3/2' },
  revision: 1,
  updatedAt: '2026-01-01T00:00:00.000Z',
  authorId: null,
  yield: 'Makes 12',
  kind: 'rich-dough',
  lastBake: null,
  provenLines: 0,
  ingredientCount: 1,
  openCount: 2,
  totalGrams: 250.4,
  measuredGrams: 245,
  weighedGrams: 250,
  problem: null,
};

describe('RecipeCard', () => {
  const show = (recipe: RecipeSummary): HTMLElement => {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(authorsFeature),
        provideState(kitchenFeature),
      ],
    });
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
      '×1 1/2',
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

describe('what is known of a recipe', () => {
  const facts = (change: Partial<RecipeSummary>, authorName = ''): string => {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(authorsFeature),
        provideState(kitchenFeature),
      ],
    });
    if (authorName) {
      const author = { id: AUTHOR, name: authorName } as Author;
      TestBed.inject(Store).dispatch(authorsActions.authorsLoaded({ authors: [author] }));
    }
    const fixture = TestBed.createComponent(RecipeFacts);
    fixture.componentRef.setInput('recipe', { ...BUNS, ...change });
    fixture.detectChanges();
    return (fixture.nativeElement as HTMLElement).textContent!.replace(/\s+/g, ' ');
  };
  const lastBake = { at: '2026-03-14T09:00:00.000Z', rating: 4, isGood: true, bakes: 3 };

  it('is its kind and its author', () => {
    expect(facts({ authorId: AUTHOR }, 'The blue binder')).toContain(
      'rich yeast dough · The blue binder',
    );
  });

  it('is when it was baked last, and how it went', () => {
    expect(facts({ lastBake })).toMatch(/Baked 3 times, last .*2026: good/);
    TestBed.resetTestingModule();
    expect(facts({ lastBake: { ...lastBake, rating: null, bakes: 1 } })).toContain('Baked once');
    TestBed.resetTestingModule();
    expect(facts({})).toContain('Not baked yet');
  });

  it('is how much of it good bakes have proven', () => {
    expect(facts({ provenLines: 1, ingredientCount: 4 })).toContain('1 line proven');
    TestBed.resetTestingModule();
    expect(facts({ provenLines: 4, ingredientCount: 4 })).toMatch(/(?<!lines?) proven/);
    TestBed.resetTestingModule();
    expect(facts({})).not.toContain('proven');
  });
});
