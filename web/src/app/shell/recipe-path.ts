import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { showFactor } from '@ypsigram/core/factor';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { Icon } from '../kit/icon/icon';
import { bakesActions, bakesFeature } from '../state/bakes/bakes.feature';
import { showTime } from '../kit/figures/dates';
import { learnedFeature } from '../state/learned/learned.feature';
import { recipeActions } from '../state/recipe/recipe.actions';
import { recipeFeature, type SaveStatus } from '../state/recipe/recipe.feature';
import {
  selectFactor,
  selectKeeping,
  selectOpenLines,
  selectPlan,
  selectReading,
} from '../state/recipe/recipe.selectors';

const SAVE_WORDS: Readonly<Record<SaveStatus, string>> = {
  new: 'Not saved yet',
  saved: 'Saved',
  changed: 'Saving…',
  saving: 'Saving…',
  failed: 'Not saved',
  conflict: 'Changed elsewhere',
};

/** The path of an open recipe: its name, its places in the order of the work, and their state. */
@Component({
  selector: 'yg-recipe-path',
  imports: [Icon, RouterLink, RouterLinkActive, RouterOutlet],
  templateUrl: './recipe-path.html',
  styleUrl: './recipe-path.scss',
  host: {
    '(document:keydown.control.s)': 'save($event)',
    '(document:keydown.meta.s)': 'save($event)',
    '(window:beforeunload)': 'warnBeforeLeaving($event)',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecipePath {
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  /** From the address; absent for a new recipe. */
  readonly id = input<string>();

  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  private readonly reading = this.store.selectSignal(selectReading);
  private readonly open = this.store.selectSignal(selectOpenLines);
  private readonly keeping = this.store.selectSignal(selectKeeping);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly factor = this.store.selectSignal(selectFactor);

  private readonly bakes = this.store.selectSignal(bakesFeature.selectAtBench);
  private readonly inOven = this.store.selectSignal(bakesFeature.selectInOven);
  private readonly learned = this.store.selectSignal(learnedFeature.selectLearnedState);

  protected readonly base = computed(() => {
    const id = this.id();
    return id === undefined ? '/new' : `/recipes/${id}`;
  });
  protected readonly title = computed(() => {
    const { saved, draft } = this.state();
    if (this.isMissing()) return 'No such recipe';
    return this.reading().title ?? (saved || draft.text.trim() ? 'Untitled recipe' : 'New recipe');
  });
  /** An address was opened whose recipe could not be fetched: there is nothing to show. */
  protected readonly isMissing = computed(() => {
    const { saved, problem } = this.state();
    return this.id() !== undefined && saved === null && problem !== null;
  });
  /** It waits in this browser for the server: nothing is to be done. */
  protected readonly isWaiting = computed(
    () => this.state().status === 'failed' && this.state().isKept !== false,
  );
  protected readonly saveWord = computed(() =>
    this.isWaiting() ? 'Kept here' : SAVE_WORDS[this.state().status],
  );
  private readonly isKept = computed(() => this.keeping() === 'preserve');
  protected readonly readState = computed(() => {
    // One with several ingredients is one line.
    const lines = this.reading().lines.filter(
      ({ kind, partOf }) => kind === 'ingredient' && !partOf?.index,
    );
    const open = this.open().length;
    if (lines.length === 0) return 'no ingredients yet';
    const read = lines.length === 1 ? '1 line' : `${lines.length} lines`;
    return open === 0 || this.isKept() ? `${read} read` : `${read} read, ${open} open`;
  });
  protected readonly balanceState = computed(() => {
    if (this.isKept()) return 'for keeping: as written';
    const out = this.plan().filter(({ level }) => level === 'out').length;
    const factor = this.factor();
    if (!factor) return 'nothing to convert yet';
    const times = `×${showFactor(factor)}`;
    if (out > 0) return `${times}, ${out} out`;
    // What has no weight hangs on neither arm.
    const missing = this.open().filter(({ is }) => is !== 'question').length;
    return missing === 0 ? `${times}, balanced` : `${times}, ${missing} left out`;
  });

  /** How many lines go by the scale: what a chance depends on most. */
  protected readonly routeState = computed(() => {
    const lines = this.plan().filter(({ intended, weight }) => intended && weight);
    if (lines.length === 0) return 'nothing to simulate yet';
    const { columns } = this.state().draft.balance;
    const weighed = lines.filter(({ isWeighed, measure }) => isWeighed || !measure).length;
    return `${columns === 'weigh' ? lines.length : weighed} of ${lines.length} weighed`;
  });

  /** The bakes of this recipe that are under way, the newest first. */
  private readonly underWay = computed(() =>
    this.bakes().filter(({ recipeId }) => recipeId === this.id()),
  );
  /** To the one that is under way; where there are several or none, to the choice. */
  protected readonly bench = computed(() => {
    const [one, another] = this.underWay();
    return one && !another ? `${this.base()}/measure/${one.id}` : `${this.base()}/measure`;
  });
  protected readonly benchState = computed(() => {
    const [one, another] = this.underWay();
    if (!one) return 'nothing under way';
    return another
      ? `${this.underWay().length} bakes under way`
      : `${one.ready} of ${one.of} ready`;
  });

  /** The bake that is in the oven, or is to go there next. */
  private readonly ovenBake = computed(() => {
    const mine = ({ recipeId }: { recipeId: string }): boolean => recipeId === this.id();
    return this.inOven().find(mine) ?? this.underWay()[0] ?? null;
  });
  protected readonly oven = computed(() => {
    const bake = this.ovenBake();
    return bake ? `${this.base()}/make/${bake.id}` : null;
  });
  protected readonly ovenState = computed(() => {
    const bake = this.ovenBake();
    if (!bake) return '';
    if (bake.readyAt) return `ready at ${showTime(bake.readyAt)}`;
    return bake.stage === 'oven' ? 'under way' : 'after measuring';
  });
  protected readonly logState = computed(() => {
    const { learned, recipeId } = this.learned();
    if (!learned || recipeId !== this.id() || learned.bakes === 0) return 'no bakes yet';
    const bakes = learned.bakes === 1 ? '1 bake' : `${learned.bakes} bakes`;
    return learned.good > 0 ? `${bakes}, ${learned.good} proven` : bakes;
  });

  constructor() {
    this.store.dispatch(bakesActions.bakesAskedFor());
  }

  /** A bake goes on whatever became of its recipe. */
  protected isAtBake(): boolean {
    return /\/(?:measure|make|log)\//.test(this.router.url);
  }

  protected retry(): void {
    this.store.dispatch(recipeActions.saveWanted());
  }

  protected takeTheirs(): void {
    this.store.dispatch(recipeActions.theirsTaken());
  }

  protected keepMine(): void {
    this.store.dispatch(recipeActions.mineKept());
  }

  protected save(event: Event): void {
    event.preventDefault();
    this.store.dispatch(recipeActions.saveWanted());
  }

  protected warnBeforeLeaving(event: Event): void {
    const { status, saved } = this.state();
    if (saved && status !== 'saved') event.preventDefault();
  }
}
