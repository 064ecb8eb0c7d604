import { savedRecipe } from '../../testing/recipe';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import type { Recipe } from '@ypsigram/contract';
import { authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { EMPTY_DRAFT } from '../../state/recipe/draft';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { learnedFeature } from '../../state/learned/learned.feature';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { trialsFeature } from '../../state/trials/trials.feature';
import { CardPage } from './card.page';

const RECIPE = savedRecipe({
  text: 'Makes 12 buns\nFor the dough:\n2 cups flour\n1 cup milk\n2 eggs\n1 cup moon dust\nMethod\nKnead.\nBake.',
  batch: { by: 'factor', factor: '3/2' },
  balance: { ...EMPTY_DRAFT.balance, piecesPerLoad: 9 },
});

describe('the card', () => {
  let fixture: ComponentFixture<CardPage>;
  let store: Store;

  const open = (change: Partial<Recipe> = {}): void => {
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(recipeFeature),
        provideState(learnedFeature),
        provideState(kitchenFeature),
        provideState(trialsFeature),
        provideState(authorsFeature),
        provideRouter([]),
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(recipeActions.recipeLoaded({ recipe: { ...RECIPE, ...change } }));
    fixture = TestBed.createComponent(CardPage);
    fixture.detectChanges();
  };
  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const rows = (): string[][] =>
    [...page().querySelectorAll('tbody tr')].map((row) =>
      [...row.children].map(({ textContent }) => textContent!.trim()),
    );

  it('says how large the batch is, in how many loads, and both columns of each line', () => {
    open();
    expect(page().textContent).toContain('×1 1/2, makes 18 buns');
    expect(page().textContent).toContain('Make 2 equal loads of');
    const flour = rows().find(([written]) => written!.startsWith('2 cups flour'))!;
    expect(flour[0]).toMatch(/→ 3 cups$/);
    expect(flour.slice(1)).toEqual(['3 cups', '375 g']);
    expect(rows().find(([written]) => written!.startsWith('2 eggs'))![0]).toMatch(/→ 3$/);
    expect(rows()[0]).toEqual(['For the dough:']);
  });

  it('leaves out no line: one without a weight stands there with a dash', () => {
    open();
    expect(
      rows()
        .find(([written]) => written!.startsWith('1 cup moon dust'))!
        .at(-1),
    ).toBe('–');
  });

  it('has one column for whoever goes by one', () => {
    open({ balance: { ...RECIPE.balance, columns: 'weigh' } });
    expect(rows().find(([written]) => written!.startsWith('2 cups flour'))!.length).toBe(2);
    expect(page().querySelectorAll('thead th').length).toBe(2);
  });

  it('ends with the steps, the allergens and what to watch out for', () => {
    open();
    const steps = [...page().querySelectorAll('ol li')].map(({ textContent }) => textContent);
    expect(steps).toEqual(['Knead.', 'Bake.']);
    expect(page().textContent).toContain('Allergens gluten: wheat; egg; milk');
    expect(page().textContent).toContain('Raw egg is not safe to taste.');
  });

  it('shows each way of filling once, with all that is filled so', () => {
    open({ text: '2 cups flour\n1 cup rye flour\n1 cup milk' });
    [...page().querySelectorAll('button')]
      .find(({ textContent }) => textContent!.includes('Technique sheet'))!
      .click();
    fixture.detectChanges();
    const titles = [...page().querySelectorAll('article h2')].map(({ textContent }) => textContent);
    expect(titles).toEqual(['powders', 'liquids']);
    expect(page().textContent).toMatch(/All-purpose wheat flour, .*rye flour/i);
  });

  it('says so where there is nothing to print', () => {
    open({ text: 'A thought' });
    expect(page().textContent).toContain('This card is empty.');
  });
});
