import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { debounceTime, switchMap } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import { LogApi, logFile } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { Retry } from '../../../kit/retry/retry';
import { SearchField } from '../../../kit/search-field/search-field';
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
  private readonly router = inject(Router);

  protected readonly csv = logFile('csv');
  protected readonly json = logFile('json');
  protected readonly search = signal('');
  protected readonly bakes = signal<readonly BakeSummary[] | null>(null);
  protected readonly hasMore = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly chosen = signal<readonly string[]>([]);
  private readonly asked = computed(() => ({ search: this.search().trim() }));

  constructor() {
    toObservable(this.asked)
      .pipe(
        debounceTime(TYPING_MILLISECONDS),
        switchMap(({ search }) => [search]),
        takeUntilDestroyed(),
      )
      .subscribe((search) => this.load(search));
  }

  protected load(search = this.search().trim()): void {
    this.api.list(search ? { search } : {}).subscribe({
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
    const search = this.search().trim();
    const before = known.at(-1)!.begunAt;
    this.api.list({ before, ...(search && { search }) }).subscribe({
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
