import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { BakeSummary } from '@ypsigram/contract';
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import { v4 as newId } from 'uuid';
import { BakesApi } from '../../../api/bakes-api';
import { LogApi } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { whenChanged } from '../../../kit/when-changed/when-changed';
import { Icon } from '../../../kit/icon/icon';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { learnedFeature } from '../../../state/learned/learned.feature';
import { ForgivenessPanel } from '../learned/forgiveness-panel';
import { ProvenPanel } from '../learned/proven-panel';
import { LogList } from './log-list';
import { Opened } from '../../../kit/opened/opened';

/** The Log of a recipe: its bakes, what they proved, and what it forgives. */
@Component({
  selector: 'yg-recipe-log-page',
  imports: [Opened, ForgivenessPanel, Icon, LogList, ProvenPanel],
  templateUrl: './recipe-log.page.html',
  styleUrl: './recipe-log.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecipeLogPage {
  /** From the address. */
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly api = inject(LogApi);
  private readonly bakesApi = inject(BakesApi);
  private readonly router = inject(Router);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  protected readonly learned = this.store.selectSignal(learnedFeature.selectLearned);
  protected readonly deleted = computed(() => {
    const deleted = this.store.selectSignal(bakesFeature.selectDeleted)();
    return deleted?.recipeId === this.id() ? deleted : null;
  });
  protected readonly bakes = signal<readonly BakeSummary[] | null>(null);
  protected readonly outcomes = signal<readonly BakeOutcomeReply[]>([]);
  protected readonly problem = signal<string | null>(null);
  protected readonly chosen = signal<readonly string[]>([]);
  protected readonly isAdding = signal(false);
  protected readonly today = new Date().toISOString().slice(0, 10);

  constructor() {
    effect(() => {
      this.deleted();
      this.load(this.id());
    });
    whenChanged(['bakes'], () => this.load(this.id()));
  }

  private load(recipeId: string): void {
    this.api.list({ recipeId }).subscribe({
      next: (bakes) => this.bakes.set(bakes),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
    this.api.outcomes(recipeId).subscribe({
      next: (outcomes) => this.outcomes.set(outcomes),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  /** A bake that was done on paper, in the size the recipe has now. */
  protected add(day: string): void {
    const at = new Date(`${day}T12:00`);
    if (Number.isNaN(at.getTime()) || at.getTime() > Date.now() + 24 * 60 * 60 * 1000) {
      this.problem.set('Choose the day on which it was baked.');
      return;
    }
    const bakedAt = new Date(Math.min(at.getTime(), Date.now())).toISOString();
    const recipeId = this.id();
    const draft = {
      id: newId(),
      recipeId,
      handId: this.handId(),
      way: 'planned',
      bakedAt,
    } as const;
    this.bakesApi.begin(draft).subscribe({
      next: (bake) => void this.router.navigateByUrl(`/recipes/${recipeId}/log/${bake.id}`),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected restore(bake: BakeSummary): void {
    this.store.dispatch(bakesActions.deletionUndone({ bake }));
  }

  protected choose(id: string): void {
    const chosen = this.chosen();
    this.chosen.set(
      chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-2),
    );
  }

  protected compare(): void {
    const [a, b] = this.chosen();
    void this.router.navigate(['/log/compare'], { queryParams: { a, b } });
  }
}
