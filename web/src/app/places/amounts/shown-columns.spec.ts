import { TestBed } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import type { Columns } from '@ypsigram/core/batch';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { ShownColumns } from './shown-columns';

describe('ShownColumns', () => {
  /** In a kitchen that lacks something, by what its baker goes. */
  function without(lacks: 'scales' | 'tools' | null, columns: Columns = 'both'): ShownColumns {
    TestBed.configureTestingModule({
      providers: [provideStore(), provideState(kitchenFeature), provideState(recipeFeature)],
    });
    const store = TestBed.inject(Store);
    const kitchen = { ...USUAL_KITCHEN, ...(lacks && { [lacks]: [] }) };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    store.dispatch(recipeActions.balanceSet({ change: { columns } }));
    return TestBed.runInInjectionContext(() => new ShownColumns());
  }

  it('are those that the baker goes by', () => {
    expect(without(null).shown()).toBe('both');
  });

  it('are those also where the kitchen lacks something', () => {
    expect(without('scales', 'weigh').shown()).toBe('weigh');
  });

  it('fold the weights where there is no scale, until they are asked for', () => {
    const columns = without('scales');
    expect(columns.shown()).toBe('measure');
    columns.unfold();
    expect(columns.shown()).toBe('both');
  });

  it('fold the measures where there is nothing to fill', () => {
    expect(without('tools').shown()).toBe('weigh');
  });
});
