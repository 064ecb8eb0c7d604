import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { whenChanged } from '../../../kit/when-changed/when-changed';
import { Store } from '@ngrx/store';
import { EMPTY, Subject, catchError, debounceTime, merge, switchMap, type Observable } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import { LogApi, logFile, type LogQuery } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { Retry } from '../../../kit/retry/retry';
import { SearchField } from '../../../kit/search-field/search-field';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { LogList } from './log-list';
import { OpenedMenu } from '../../../kit/opened/opened-menu';
import {
  NgbDropdown,
  NgbDropdownItem,
  NgbDropdownMenu,
  NgbDropdownToggle,
} from '@ng-bootstrap/ng-bootstrap/dropdown';

const TYPING_MILLISECONDS = 150;
const PAGE = 50;

/** The Log: all bakes by date, with search, to compare, over time, and as files. */
@Component({
  selector: 'yg-log-page',
  imports: [
    NgbDropdown,
    NgbDropdownItem,
    NgbDropdownMenu,
    NgbDropdownToggle,
    OpenedMenu,
    LogList,
    Retry,
    RouterLink,
    SearchField,
  ],
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
  private readonly wanted = new Subject<void>();
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
    const typed = toObservable(this.asked).pipe(debounceTime(TYPING_MILLISECONDS));
    merge(typed, this.wanted)
      .pipe(
        // An answer to what was asked before is no longer of use.
        switchMap(() => this.api.list(this.asked()).pipe(catchError(this.notLoaded))),
        takeUntilDestroyed(),
      )
      .subscribe((bakes) => {
        this.problem.set(null);
        this.bakes.set(bakes);
        this.hasMore.set(bakes.length === PAGE);
      });
    whenChanged(['bakes', 'recipes'], () => this.load());
  }

  protected load(): void {
    this.wanted.next();
  }

  protected more(): void {
    const known = this.bakes() ?? [];
    const before = known.at(-1)!.begunAt;
    this.api
      .list({ ...this.asked(), before })
      .pipe(catchError(this.notLoaded))
      .subscribe((more) => {
        this.bakes.set([...known, ...more]);
        this.hasMore.set(more.length === PAGE);
      });
  }

  private readonly notLoaded = (error: unknown): Observable<never> => {
    this.problem.set(problemOf(error));
    return EMPTY;
  };

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
