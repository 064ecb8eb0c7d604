import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import type { RecipeVersion } from '@ypsigram/contract';
import { RecipesApi, problemOf } from '../../../api/recipes-api';
import { Store } from '@ngrx/store';
import { showMoment, weeksAgo } from '../../../kit/figures/dates';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { Retry } from '../../../kit/retry/retry';
import { lineChanges, type LineChange } from './line-changes';

const WORDS: Readonly<Record<LineChange['kind'], string>> = { same: '', gone: 'was', new: 'now' };

/** Headings of the list, by how many weeks a version lies back; the last stands for all before. */
const WEEKS = ['This week', 'Last week', 'Earlier'] as const;

/** Versions of a recipe, each with what changed since, to be restored. */
@Component({
  selector: 'yg-earlier-versions',
  imports: [Retry],
  templateUrl: './earlier-versions.html',
  styleUrl: './earlier-versions.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EarlierVersions {
  readonly id = input.required<string>();
  /** What the server has last; a newer one means that there is one more earlier text. */
  readonly savedRevision = input.required<number>();
  readonly text = input.required<string>();
  readonly taken = output<RecipeVersion>();

  private readonly api = inject(RecipesApi);

  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly words = WORDS;
  protected readonly versions = signal<readonly RecipeVersion[] | null>(null);
  protected readonly problem = signal<string | null>(null);
  protected readonly revision = signal<number | null>(null);
  protected readonly chosen = computed(() => {
    const versions = this.versions() ?? [];
    return versions.find(({ revision }) => revision === this.revision()) ?? versions[0] ?? null;
  });
  protected readonly weeks = computed(() => {
    const { firstDay } = this.formats();
    const [versions, now] = [this.versions() ?? [], new Date()];
    return WEEKS.map((name, index) => ({
      name,
      versions: versions.filter(({ savedAt }) => {
        const ago = Math.max(0, weeksAgo(savedAt, now, firstDay));
        return Math.min(ago, WEEKS.length - 1) === index;
      }),
    })).filter((week) => week.versions.length > 0);
  });
  protected readonly changes = computed(() => {
    const chosen = this.chosen();
    return chosen ? lineChanges(chosen.text, this.text()) : [];
  });

  constructor() {
    effect(() => {
      this.id();
      this.savedRevision();
      untracked(() => this.load());
    });
  }

  protected moment(savedAt: string): string {
    return showMoment(savedAt, this.formats().dateOrder);
  }

  protected load(): void {
    this.problem.set(null);
    this.api.versions(this.id()).subscribe({
      next: (versions) => this.versions.set(versions),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
