import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { IngredientUse } from '@ypsigram/contract';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { defaultMethod, densityOf, pieceOf } from '@ypsigram/core/measuring';
import { problemOf, RecipesApi } from '../../api/recipes-api';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';

const USUAL = { form: null, size: 'cup' } as const;

/** Whether what it weighs as it usually comes is a guess, or not known at all. */
function isGuessed(ingredient: Ingredient): boolean {
  if (ingredient.class === 'egg') return false;
  const filled = densityOf({ ingredient, method: defaultMethod(ingredient), ...USUAL });
  const found = filled ?? pieceOf(ingredient, 'each', null) ?? pieceOf(ingredient, 'packet', null);
  return found === null || found.rung === 'estimate';
}

/** What this kitchen knows least and bakes with most: one weighing of those pays. */
@Component({
  selector: 'yg-least-known',
  imports: [RouterLink],
  templateUrl: './least-known.html',
  styles: `
    ol {
      padding-left: 0;
      list-style: none;
    }
    li {
      display: flex;
      justify-content: space-between;
      gap: 0.6rem;
      padding: 0.25rem 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LeastKnown {
  private readonly api = inject(RecipesApi);
  private readonly shelf = inject(Store).selectSignal(selectShelf);
  private readonly uses = signal<readonly IngredientUse[]>([]);

  protected readonly problem = signal<string | null>(null);
  private readonly guessed = computed(() => this.shelf().all.filter(isGuessed));
  protected readonly list = computed(() => {
    const recipes = new Map(this.uses().map((use) => [use.ingredientId, use.recipes]));
    return this.guessed()
      .map(({ id, name }) => ({ id, name, recipes: recipes.get(id) ?? 0 }))
      .sort((a, b) => b.recipes - a.recipes || a.name.localeCompare(b.name));
  });

  constructor() {
    this.api.uses(this.guessed().map(({ id }) => id)).subscribe({
      next: (uses) => this.uses.set(uses),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
