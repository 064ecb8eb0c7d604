import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { openLineMessage, type BakeSummary } from '@ypsigram/contract';
import { showFactor } from '@ypsigram/core/factor';
import { timesText } from '../../../kit/figures/times';
import { Store } from '@ngrx/store';
import { WAY_NAMES } from '@ypsigram/contract/bench';
import { WAYS, type BenchWay } from '@ypsigram/core/bench';
import { v4 as newId } from 'uuid';
import { BakesApi } from '../../../api/bakes-api';
import { problemOf } from '../../../api/recipes-api';
import { Icon } from '../../../kit/icon/icon';
import { showMoment } from '../../../kit/figures/dates';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { recipeActions } from '../../../state/recipe/recipe.actions';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import {
  selectFactor,
  selectOpenLines,
  selectReading,
} from '../../../state/recipe/recipe.selectors';

/** Before a bake: go on with one that is under way, or begin one from the batch as it is planned. */
@Component({
  selector: 'yg-bench-start-page',
  imports: [Icon, RouterLink],
  templateUrl: './measure-start.page.html',
  styleUrl: './measure-start.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeasureStartPage {
  /** From the address; absent for a recipe that was never saved. */
  readonly id = input<string>();

  private readonly store = inject(Store);
  private readonly api = inject(BakesApi);
  private readonly router = inject(Router);
  private readonly bakes = this.store.selectSignal(bakesFeature.selectBakesState);
  private readonly recipe = this.store.selectSignal(recipeFeature.selectRecipeState);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  protected readonly timesText = timesText;
  private readonly factor = this.store.selectSignal(selectFactor);

  protected readonly ways = WAYS.map((id) => ({ id, ...WAY_NAMES[id] }));
  protected readonly way = signal<BenchWay>('planned');
  protected readonly isBeginning = signal(false);
  protected readonly problem = signal<string | null>(null);
  private readonly ofRecipe = computed(() =>
    this.bakes()
      .bakes.filter(({ recipeId }) => recipeId === this.id())
      .map((bake) => ({
        bake,
        link: `/recipes/${bake.recipeId}/${bake.stage === 'oven' ? 'make' : 'measure'}/${bake.id}`,
        begun: showMoment(bake.begunAt, this.formats().dateOrder),
      })),
  );
  protected readonly groups = computed(() =>
    [
      { name: 'Being measured', stage: 'bench' },
      { name: 'In the oven', stage: 'oven' },
    ]
      .map(({ name, stage }) => ({
        name,
        bakes: this.ofRecipe().filter(({ bake }) => bake.stage === stage),
      }))
      .filter(({ bakes }) => bakes.length > 0),
  );
  protected readonly deleted = computed(() => this.bakes().deleted);
  protected readonly isSaved = computed(() => this.recipe().status === 'saved');
  private readonly openLines = this.store.selectSignal(selectOpenLines);
  private readonly reading = this.store.selectSignal(selectReading);
  /** What is not counted, or asked, of the recipe. */
  protected readonly open = computed(() =>
    this.openLines().map((one) => ({
      line: one.line,
      written: this.reading().lines[one.line]?.written.trim() ?? '',
      says: openLineMessage(one),
    })),
  );
  protected readonly times = computed(() => {
    const factor = this.factor();
    return factor && showFactor(factor);
  });
  protected readonly hand = computed(
    () => this.hands().find(({ id }) => id === this.handId())?.name ?? null,
  );

  constructor() {
    this.store.dispatch(bakesActions.bakesAskedFor());
    effect(() => {
      // What was decided a moment ago belongs to the bake.
      if (this.recipe().status === 'changed') {
        untracked(() => this.store.dispatch(recipeActions.saveWanted()));
      }
    });
  }

  protected begin(): void {
    const recipeId = this.id();
    if (!recipeId || this.isBeginning()) return;
    this.isBeginning.set(true);
    this.problem.set(null);
    const draft = { id: newId(), recipeId, handId: this.handId(), way: this.way() };
    this.api.begin(draft).subscribe({
      next: (bake) => {
        this.store.dispatch(bakesActions.bakeBegun({ bake }));
        void this.router.navigateByUrl(`/recipes/${recipeId}/measure/${bake.id}`);
      },
      error: (error: unknown) => {
        this.isBeginning.set(false);
        this.problem.set(problemOf(error));
      },
    });
  }

  protected remove(bake: BakeSummary): void {
    this.store.dispatch(bakesActions.deletionWanted({ bake }));
  }

  protected restore(bake: BakeSummary): void {
    this.store.dispatch(bakesActions.deletionUndone({ bake }));
  }
}
