import { provideRouter } from '@angular/router';
import type { Store, Action } from '@ngrx/store';
import type { Recipe } from '@ypsigram/contract';
import { bakesActions } from '../state/bakes/bakes.feature';
import { recipeActions } from '../state/recipe/recipe.actions';
import { recipeFeature } from '../state/recipe/recipe.feature';
import { bakeOf, benchWith } from '../testing/bake';
import { Acting } from '../testing/practice';
import { savedRecipe } from '../testing/recipe';
import { RecipePath } from './recipe-path';

const BUNS = 'Buns\nMakes 12 buns\n2 cups flour\n1 cup sugar\n3 eggs';

describe('the path of a recipe', () => {
  let view: Acting<RecipePath>;
  let store: Store;
  const place = (name: string): HTMLAnchorElement =>
    [...view.element.querySelectorAll<HTMLAnchorElement>('nav a')].find(
      (link) => link.querySelector('b')?.textContent === name,
    )!;
  const stands = (name: string): string => place(name).querySelector('span')!.textContent.trim();
  function openPath(change: Partial<Recipe> = {}): Recipe {
    const recipe = savedRecipe({ text: BUNS, ...change });
    ({ store } = benchWith(bakeOf('fill'), provideRouter([])));
    store.dispatch(recipeActions.recipeLoaded({ recipe }));
    view = new Acting(RecipePath, { id: recipe.id });
    return recipe;
  }
  const told = (action: Action): void => {
    store.dispatch(action);
    view.fixture.detectChanges();
  };

  it('says of each place how far it is', () => {
    openPath();
    expect(view.element.querySelector('h1')!.textContent).toBe('Buns');
    expect(stands('Text')).toBe('3 lines read');
    expect(stands('Amounts')).toBe('×1, balanced');
    // Eggs are counted: two of three go by cup, and nothing is weighed yet.
    expect(stands('How sure')).toBe('0 of 3 weighed');
    expect(stands('Measure')).toBe('nothing under way');
    expect(stands('Log')).toBe('no bakes yet');
    expect(place('Make')).toBeUndefined();
  });

  it('says which lines have no weight yet', () => {
    openPath({ text: 'Buns\n2 cups flour\n1 cup moonberries' });
    expect(stands('Text')).toBe('2 lines read, 1 open');
  });

  it('converts nothing that is for keeping', () => {
    openPath({ text: 'Plum jam\n1 kg plums\n1 kg sugar\nPour into sterilised jars and seal.' });
    expect(stands('Text')).toBe('2 lines read');
    expect(stands('Amounts')).toBe('for keeping: as written');
  });

  it('leads to the one bake under way, and to the choice of several', () => {
    const { id: recipeId } = openPath();
    const { plan: _, readings: __, recipeRevision: ___, ...bake } = bakeOf('fill');
    const one = { ...bake, recipeId, ready: 1 };
    told(bakesActions.bakesLoaded({ bakes: [one] }));
    expect(stands('Measure')).toBe('1 of 2 ready');
    expect(place('Measure').getAttribute('href')).toBe(`/recipes/${recipeId}/measure/${one.id}`);
    const another = { ...one, id: '00000000-0000-4000-8000-0000000000b2' };
    told(bakesActions.bakesLoaded({ bakes: [another, one] }));
    expect(stands('Measure')).toBe('2 bakes under way');
    expect(place('Measure').getAttribute('href')).toBe(`/recipes/${recipeId}/measure`);
    // A bake of another recipe is none of this path's.
    told(bakesActions.bakesLoaded({ bakes: [{ ...one, recipeId: another.id }] }));
    expect(stands('Measure')).toBe('nothing under way');
  });

  it('asks which version to keep where both were changed, and loses neither', () => {
    const recipe = openPath();
    told(recipeActions.factorSet({ factor: '2' }));
    expect(view.words()).toContain('Saving…');
    const theirs = { ...recipe, text: 'Buns\n3 cups flour', revision: 2 };
    told(recipeActions.newerVersionMet({ theirs }));
    expect(view.words()).toContain('Which version do you want to keep?');
    const state = store.selectSignal(recipeFeature.selectRecipeState);
    expect(state().draft.batch.factor).toBe('2');
    view.click('Keep the other version');
    expect(state().draft.text).toBe(theirs.text);
    expect(view.words()).not.toContain('Which version');
  });

  it('says calmly that a change waits in this browser, and loudly that one does not', () => {
    openPath();
    told(recipeActions.factorSet({ factor: '2' }));
    told(recipeActions.recipeNotSaved({ problem: 'The server is away.', isAway: true }));
    told(recipeActions.draftKept({ isKept: true }));
    expect(view.words()).toContain('Kept here');
    expect(view.element.querySelector('[role=alert]')).toBeNull();
    told(recipeActions.draftKept({ isKept: false }));
    expect(view.words()).toContain('Not saved');
    expect(view.element.querySelector('[role=alert]')!.textContent).toContain(
      'The server is away.',
    );
  });
});
