import { fixed, type Recipe } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { Fraction } from '@ypsigram/core/amount';
import type { Compared } from '@ypsigram/core/formula';
import {
  RATIO_PARTS,
  ratioDrift,
  assembleRecipe,
  forgivenessFor,
  planBatch,
  setFactor,
} from '@ypsigram/core/batch';
import { answerReading, readRecipe } from '@ypsigram/core/reading';
import { catchError, map, of } from 'rxjs';
import { RecipesApi, problemOf } from '../../../api/recipes-api';
import { authorsFeature } from '../../../state/authors/authors.feature';
import { knownOf, selectKnownByAuthor } from '../../../state/authors/authors.selectors';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectPlanning } from '../../../state/kitchen/kitchen.selectors';
import { selectKnownNow } from '../../../state/trials/trials.selectors';
import { recipeFeature } from '../../../state/recipe/recipe.feature';

/** As many recipes as are offered to stand beside this one. */
const MOST_OFFERED = 200;

const AS_WRITTEN = new Fraction(1);

/** Another recipe on equal footing: both to 100 g of flour, however each was written. */
@Component({
  selector: 'yg-other-recipe',
  templateUrl: './other-recipe.html',
  styleUrl: './compare-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OtherRecipe {
  private readonly store = inject(Store);
  private readonly api = inject(RecipesApi);

  readonly now = input.required<Compared>();

  private readonly saved = this.store.selectSignal(recipeFeature.selectSaved);
  private readonly planning = this.store.selectSignal(selectPlanning);
  private readonly hand = this.store.selectSignal(selectKnownNow);
  private readonly answers = this.store.selectSignal(kitchenFeature.selectAnswers);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly knownByAuthor = this.store.selectSignal(selectKnownByAuthor);

  protected readonly problem = signal<string | null>(null);
  private readonly all = toSignal(
    this.api.list('', 1, MOST_OFFERED).pipe(
      map(({ items }) => items),
      catchError((error: unknown) => {
        this.problem.set(problemOf(error));
        return of([]);
      }),
    ),
    { initialValue: [] },
  );
  protected readonly choices = computed(() =>
    this.all().filter(({ id }) => id !== this.saved()?.id),
  );
  protected readonly other = signal<Recipe | null>(null);
  private readonly ratios = computed(() => {
    const other = this.other();
    if (!other) return null;
    const { shelf } = this.planning();
    const { authorId } = other;
    const byAuthor = this.authors().find(({ id }) => id === authorId)?.answers ?? [];
    const reading = answerReading(
      readRecipe(other.text, other.standard, shelf),
      { recipe: other.answers, author: byAuthor, kitchen: this.answers() },
      shelf,
    );
    const recipe = assembleRecipe({
      reading,
      kitchen: this.planning(),
      author: knownOf(this.knownByAuthor(), authorId),
      hand: this.hand(),
      methods: other.methods,
      balance: other.balance,
    });
    const plan = planBatch(reading, setFactor(recipe, AS_WRITTEN));
    return ratioDrift(plan, shelf, forgivenessFor(recipe.basis));
  });
  protected readonly isUnlike = computed(() => {
    const ratios = this.ratios();
    return ratios !== null && (ratios.base === 'flour') !== this.now().flourGrams > 0;
  });
  protected readonly rows = computed(() => {
    const ratios = this.ratios();
    if (!ratios) return [];
    return RATIO_PARTS.map((part) => ({
      part,
      mine: fixed(this.now().ratios[part], 1),
      theirs: fixed(ratios.ratios[part].intended, 1),
    })).filter(({ mine, theirs }) => Number(mine) > 0 || Number(theirs) > 0);
  });

  protected choose(id: string): void {
    this.problem.set(null);
    if (id === '') return this.other.set(null);
    this.api.read(id).subscribe({
      next: (recipe) => this.other.set(recipe),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
