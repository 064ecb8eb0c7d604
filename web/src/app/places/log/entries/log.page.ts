import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { whenChanged } from '../../../kit/when-changed/when-changed';
import { Store } from '@ngrx/store';
import { debounceTime } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import { LogApi, logFile, type LogQuery } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { Retry } from '../../../kit/retry/retry';
import { SearchField } from '../../../kit/search-field/search-field';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { LogList } from './log-list';

const TYPING_MILLISECONDS = 150;
const PAGE = 50;

/** The Log: all bakes by date, with search, to compare, over time, and as files. */
@Component({
  selector: 'yg-log-page',
  imports: [LogList, Retry, RouterLink, SearchField],
  templateUrl: './log.page.html',
  styleUrl: './log.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogPage {
  private readonly api = inject(LogApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  protected readonly csv = logFile('csv');
  protected readonly json = logFile('json');
  protected readonly search = signal('');
  protected readonly bakes = signal<readonly BakeSummary[] | null>(null);
  protected readonly hasMore = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly chosen = signal<readonly string[]>([]);
  protected readonly recipeId = signal('');
  private readonly asked = computed((): LogQuery => {
    const [search, recipeId] = [this.search().trim(), this.recipeId()];
    return { ...(search && { search }), ...(recipeId && { recipeId }) };
  });
  private readonly known = this.store.selectSignal(bakesFeature.selectBakes);
  /** Recipes that were baked, by their titles. */
  protected readonly recipes = computed(() => {
    const titles = new Map(this.known().map(({ recipeId, title }) => [recipeId, title]));
    return [...titles]
      .map(([id, title]) => ({ id, title }))
      .sort((a, b) => a.title.localeCompare(b.title));
  });

  constructor() {
    this.store.dispatch(bakesActions.bakesAskedFor());
    toObservable(this.asked)
      .pipe(debounceTime(TYPING_MILLISECONDS), takeUntilDestroyed())
      .subscribe(() => this.load());
    whenChanged(['bakes', 'recipes'], () => this.load());
  }

  protected load(): void {
    this.api.list(this.asked()).subscribe({
      next: (bakes) => {
        this.problem.set(null);
        this.bakes.set(bakes);
        this.hasMore.set(bakes.length === PAGE);
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected more(): void {
    const known = this.bakes() ?? [];
    const before = known.at(-1)!.begunAt;
    this.api.list({ ...this.asked(), before }).subscribe({
      next: (more) => {
        this.bakes.set([...known, ...more]);
        this.hasMore.set(more.length === PAGE);
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
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
