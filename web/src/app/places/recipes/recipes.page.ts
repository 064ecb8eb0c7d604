import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { NgbToast } from '@ng-bootstrap/ng-bootstrap/toast';
import { Store } from '@ngrx/store';
import type { RecipeSummary } from '@ypsigram/contract';
import { Beam } from '../../kit/beam/beam';
import { Icon } from '../../kit/icon/icon';
import { SearchField } from '../../kit/search-field/search-field';
import { Retry } from '../../kit/retry/retry';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { bookActions, bookFeature } from './book.feature';
import { bakesActions, bakesFeature } from '../../state/bakes/bakes.feature';
import { whenChanged } from '../../kit/when-changed/when-changed';
import { FirstStart } from '../../kit/first-start/first-start';
import { RecipeCard } from './recipe-card';
import { SampleRecipes } from './sample-recipes';
import { timesText } from '../../kit/figures/times';

/** Recipes: every recipe of the kitchen, to open, to find, to throw out and bring back. */
@Component({
  selector: 'yg-recipes-page',
  imports: [
    Beam,
    FirstStart,
    Icon,
    NgbToast,
    RecipeCard,
    RouterLink,
    SampleRecipes,
    SearchField,
    Retry,
  ],
  templateUrl: './recipes.page.html',
  styleUrl: './recipes.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecipesPage {
  protected readonly times = timesText;
  private readonly store = inject(Store);

  protected readonly state = this.store.selectSignal(bookFeature.selectBookState);
  protected readonly recipes = this.store.selectSignal(bookFeature.selectAll);

  /** Nothing in it at all: then there is nothing to look for either. */
  protected readonly isEmpty = computed(() => {
    const { status, query, total } = this.state();
    return status === 'ready' && query.trim() === '' && total === 0;
  });

  /** Bakes at the bench: what is to go on with comes first. */
  protected readonly underWay = this.store.selectSignal(bakesFeature.selectAtBench);

  protected readonly areLettersKeys = this.store.selectSignal(kitchenFeature.selectLetterKeys);

  constructor() {
    this.store.dispatch(bookActions.bookOpened());
    this.store.dispatch(bakesActions.bakesAskedFor());
    whenChanged(['recipes', 'bakes'], () =>
      this.store.dispatch(bookActions.bookChangedElsewhere()),
    );
  }

  protected remove(recipe: RecipeSummary): void {
    this.store.dispatch(bookActions.deletionWanted({ recipe }));
  }

  protected undo(recipe: RecipeSummary): void {
    this.store.dispatch(bookActions.deletionUndone({ recipe }));
  }

  protected dismissUndo(id: string): void {
    this.store.dispatch(bookActions.undoDismissed({ id }));
  }

  protected more(): void {
    this.store.dispatch(bookActions.moreWanted());
  }

  protected again(): void {
    this.store.dispatch(bookActions.bookOpened());
  }

  protected search(query: string): void {
    this.store.dispatch(bookActions.searchTyped({ query }));
  }
}
