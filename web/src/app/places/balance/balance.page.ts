import {
  ChangeDetectionStrategy,
  Component,
  HostListener,
  computed,
  inject,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Beam } from '../../kit/beam/beam';
import { grams as showGrams } from '../../kit/figures/figures';
import { InView } from '../../kit/in-view/in-view';
import { kitchenFeature } from '../../kitchen/kitchen.feature';
import { recipeFeature } from '../../recipe/recipe.feature';
import { CAUTION_MESSAGES } from '@ypsigram/contract';
import { Fraction } from '@ypsigram/core/amount';
import { batchFactor, cautionsFor, loadsFor, recipeSize, writeFactor } from '@ypsigram/core/batch';
import { BalanceDecisions } from './balance-decisions';
import { BalanceTools } from './balance-tools';
import { balanceKey } from './balance-keys';
import { BatchBy } from './batch-by';
import { BatchControl } from './batch-control';
import { CleanOffers } from './clean-offers';
import { BatchMore } from './batch-more';
import { HabitsControl } from './habits-control';
import { HoldsControl } from './holds-control';
import { LedgerEntries } from './ledger-entries';
import { LedgerLine } from './ledger-line';
import { RatiosFoot } from './ratios-foot';
import { ShortcutSheet } from './shortcut-sheet';

/** What the keys + and − change the factor by. */
const HALF = new Fraction(1, 2);
const NEXT_COLUMNS = { both: 'measure', measure: 'weigh', weigh: 'both' } as const;

/** Index of the line whose basis has the focus. */
function lineAtHand(): number | null {
  const id = document.activeElement?.getAttribute('aria-controls') ?? '';
  const found = /^basis-(\d+)$/.exec(id);
  return found ? Number(found[1]) : null;
}

/** From the basis of one line to that of the next. */
function moveBetweenLines(by: 1 | -1): void {
  const all = [...document.querySelectorAll<HTMLElement>('yg-ledger-line .rung')];
  const at = all.indexOf(document.activeElement as HTMLElement);
  all[at + by]?.focus();
}

/** A phone has no room for all ways to set a batch before the ledger. */
const ROOM = '(min-width: 40.01rem)';

/** The whole may be off by what its flour may. */
const WHOLE_TOLERANCE = 0.03;

/** Balance: what the author meant by weight, and your two columns in agreement. */
@Component({
  selector: 'yg-balance-page',
  imports: [
    BalanceTools,
    BatchBy,
    BatchControl,
    BatchMore,
    Beam,
    CleanOffers,
    HabitsControl,
    HoldsControl,
    InView,
    LedgerLine,
    RatiosFoot,
    RouterLink,
    ShortcutSheet,
  ],
  templateUrl: './balance.page.html',
  styleUrl: './balance.page.scss',
  providers: [BalanceDecisions, LedgerEntries],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BalancePage {
  private readonly store = inject(Store);
  protected readonly decisions = inject(BalanceDecisions);
  protected readonly ledger = inject(LedgerEntries);
  private readonly router = inject(Router);
  private readonly sheet = viewChild(ShortcutSheet);
  private readonly cleanOffers = viewChild(CleanOffers);

  protected readonly wholeTolerance = WHOLE_TOLERANCE;
  protected readonly hasRoom = matchMedia(ROOM).matches;
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly shelf = this.store.selectSignal(kitchenFeature.selectOwnShelf);
  protected readonly known = this.store.selectSignal(recipeFeature.selectAuthorKnown);
  protected readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  protected readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  protected readonly habits = this.store.selectSignal(kitchenFeature.selectHabits);
  protected readonly weighedIn = this.store.selectSignal(kitchenFeature.selectWeighedIn);
  protected readonly reading = this.store.selectSignal(recipeFeature.selectReading);
  protected readonly plan = this.store.selectSignal(recipeFeature.selectPlan);

  protected readonly factor = this.store.selectSignal(recipeFeature.selectFactor);
  protected readonly times = computed(() => this.factor().valueOf());
  protected readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  protected readonly batch = this.store.selectSignal(recipeFeature.selectBatchSetting);
  protected readonly size = computed(() =>
    recipeSize(this.reading(), this.shelf(), this.known(), this.balance().lines),
  );
  /** What the batch means in the other terms. */
  protected readonly makes = computed(() => {
    const times = this.factor().valueOf();
    const { grams, eggs } = this.size();
    const count = eggs.mul(this.factor()).valueOf();
    return [
      `${Math.round(grams * times)} g of dough`,
      ...(this.pieces() ? [`${showGrams((grams * times) / this.pieces()!)} g a piece`] : []),
      ...(count > 0 ? [`${Number(count.toFixed(2))} ${count === 1 ? 'egg' : 'eggs'}`] : []),
    ].join(', ');
  });
  protected readonly cautions = computed(() =>
    cautionsFor(this.reading(), this.factor(), this.shelf()).map((code) => CAUTION_MESSAGES[code]),
  );

  protected readonly pieces = computed(() => {
    const { pieces } = this.size();
    return pieces && pieces.mul(this.factor()).valueOf();
  });
  protected readonly loads = computed(() =>
    loadsFor(this.size().grams * this.factor().valueOf(), this.pieces(), this.balance()),
  );
  protected readonly card = computed(() => {
    const { saved } = this.state();
    return saved && `/recipes/${saved.id}/card`;
  });

  protected readonly chance = computed(() => {
    const { saved } = this.state();
    return saved ? `/recipes/${saved.id}/chance` : '/new/chance';
  });

  protected readonly hasIngredients = computed(() =>
    this.reading().lines.some(({ kind }) => kind === 'ingredient'),
  );
  protected readonly totals = computed(() => {
    let measured = 0;
    let weighed = 0;
    for (const { measure, weight, isWeighed } of this.plan()) {
      if (!measure || !weight) continue;
      measured += isWeighed ? weight.grams : measure.grams;
      weighed += weight.grams;
    }
    return { weighed, gap: weighed > 0 ? measured / weighed - 1 : null };
  });
  protected readonly whole = computed(() =>
    Math.round(this.plan().reduce((sum, { weight }) => sum + (weight?.grams ?? 0), 0)),
  );

  protected setTotal(grams: number): void {
    const found = batchFactor({ by: 'total', grams }, this.size());
    if (found.ok) this.decisions.setFactor(writeFactor(found.factor));
  }

  protected showKeys(): void {
    this.sheet()?.open();
  }

  @HostListener('document:keydown', ['$event'])
  protected press(event: KeyboardEvent): void {
    const key = balanceKey(event);
    if (!key || !this.hasIngredients()) return;
    event.preventDefault();
    switch (key) {
      case 'undo':
        return this.decisions.undo();
      case 'redo':
        return this.decisions.redo();
      case 'columns':
        return this.decisions.set({ columns: NEXT_COLUMNS[this.balance().columns] });
      case 'more':
        return this.decisions.setFactor(writeFactor(this.factor().add(HALF)));
      case 'less': {
        const less = this.factor().sub(HALF);
        return less.compare(0) > 0 ? this.decisions.setFactor(writeFactor(less)) : undefined;
      }
      case 'mend':
        return this.mendFirst();
      case 'card': {
        const card = this.card();
        return card ? void this.router.navigateByUrl(card) : undefined;
      }
      case 'cleaner':
        return this.cleanOffers()?.takeFirst();
      case 'nearest':
        return this.toggleNearest();
      case 'chance':
        return void this.router.navigateByUrl(this.chance());
      case 'keys':
        return this.showKeys();
      default:
        return moveBetweenLines(key === 'next' ? 1 : -1);
    }
  }

  /** As near as the tools come, on the line at hand, or as it was. */
  private toggleNearest(): void {
    const index = lineAtHand();
    if (index === null) return;
    this.decisions.decide(index, { nearest: this.ledger.isNearest(index) ? undefined : true });
  }

  private mendFirst(): void {
    // By the plan as it is, not as it is shown a moment later.
    const advice = this.ledger.firstAdvice();
    if (advice) this.decisions.mend(advice);
  }
}
