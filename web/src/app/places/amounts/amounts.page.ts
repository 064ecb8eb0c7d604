import { askedText, CAUTION_MESSAGES, depthText, short } from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  Injector,
  afterNextRender,
  computed,
  inject,
  linkedSignal,
  resource,
  signal,
  viewChild,
  viewChildren,
  type ElementRef,
} from '@angular/core';
import { NgTemplateOutlet } from '@angular/common';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Beam } from '../../kit/beam/beam';
import { scaledYield } from '../../kit/amounts/amounts';
import { grams as showGrams } from '../../kit/figures/figures';
import { InView } from '../../kit/in-view/in-view';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { lookBehindTheShelf } from '../../state/recipe/look-behind';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import {
  selectAssembled,
  selectAuthorKnown,
  selectBatch,
  selectBatchProblem,
  selectFactor,
  selectPlan,
  selectReading,
} from '../../state/recipe/recipe.selectors';
import {
  columnTotals,
  forgivenessFor,
  setBatch,
  unweighedLines,
  type Columns,
} from '@ypsigram/core/batch';
import { Fraction } from '@ypsigram/core/amount';
import { loadsFor, panRatio, showFactor, writeFactor } from '@ypsigram/core/factor';
import { nearEnough } from '@ypsigram/core/fills';
import { cautionsFor } from '@ypsigram/core/formula';
import { KeepingQuestion } from '../../kit/keeping/keeping-question';
import { BalanceDecisions } from './balance-decisions';
import { BalanceTools } from './balance-tools';
import { balanceKey } from './balance-keys';
import { BatchBy, BatchControl, CleanOffers, HoldsControl, loadsMessage } from './batch';
import { BatchMore, RatiosFoot } from './views';
import { LedgerEntries, LedgerLine } from './ledger';
import { ShownColumns } from './shown-columns';
import { FirstStart } from '../../kit/first-start/first-start';
import { AboutPlace } from '../../kit/about/about-place';

/** What the keys + and − change the factor by. */
const HALF = new Fraction(1, 2);
const NEXT_COLUMNS = { both: 'measure', measure: 'weigh', weigh: 'both' } as const;

/** Ways to set a batch of which the count is told as what it makes. */
const COUNTED_ANYWAY: ReadonlySet<string> = new Set(['pieces', 'portions', 'eggs']);

/** The whole may be off by what its flour may. */
const WHOLE_TOLERANCE = nearEnough('flour');

/** Balance: what the author meant by weight, and your two columns in agreement. */
@Component({
  selector: 'yg-amounts-page',
  imports: [
    FirstStart,
    BalanceTools,
    BatchBy,
    BatchControl,
    BatchMore,
    Beam,
    CleanOffers,
    HoldsControl,
    InView,
    KeepingQuestion,
    LedgerLine,
    NgTemplateOutlet,
    RatiosFoot,
    RouterLink,
  ],
  templateUrl: './amounts.page.html',
  styleUrl: './amounts.page.scss',
  providers: [BalanceDecisions, LedgerEntries, ShownColumns],
  host: { '(document:keydown)': 'press($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AmountsPage {
  private readonly store = inject(Store);
  protected readonly decisions = inject(BalanceDecisions);
  protected readonly ledger = inject(LedgerEntries);
  protected readonly columns = inject(ShownColumns);
  private readonly router = inject(Router);
  protected readonly about = inject(AboutPlace);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectKitchenState);
  /** Nothing was ever said of this kitchen when the place was opened: all goes by what is usual. */
  protected readonly isKitchenUntold = linkedSignal<boolean, boolean>({
    source: () => this.kitchen().isLoaded && this.kitchen().revision === 0,
    computation: (isUntold, before) => isUntold || (before?.value ?? false),
  });
  private readonly cleanOffers = viewChild(CleanOffers);
  private readonly lines = viewChildren(LedgerLine);
  private readonly injector = inject(Injector);
  private readonly controls = viewChild<ElementRef<HTMLElement>>('controls');
  protected readonly areControlsOpen = signal(false);

  protected readonly wholeTolerance = WHOLE_TOLERANCE;
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly shelf = this.store.selectSignal(selectShelf);
  protected readonly known = this.store.selectSignal(selectAuthorKnown);
  protected readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  protected readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly areLettersKeys = this.store.selectSignal(kitchenFeature.selectLetterKeys);
  protected readonly reading = this.store.selectSignal(selectReading);
  protected readonly plan = this.store.selectSignal(selectPlan);

  /** Null where the batch can't be set as it was: `batchProblem` says why. */
  protected readonly batch = this.store.selectSignal(selectBatch);
  protected readonly batchProblem = this.store.selectSignal(selectBatchProblem);
  protected readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  protected readonly recipe = this.store.selectSignal(selectAssembled);
  private readonly factor = this.store.selectSignal(selectFactor);
  protected readonly times = computed(() => this.factor()?.valueOf() ?? 0);
  protected readonly isScaled = computed(() => this.factor()?.equals(1) === false);
  protected readonly forgives = computed(() => forgivenessFor(this.recipe().basis));
  protected readonly size = computed(() => this.recipe().size);
  protected readonly isByPan = computed(() => this.state().draft.batch.asked?.by === 'pan');
  /** What the batch means in the other terms; its mass stands beside it. */
  protected readonly makes = computed(() => {
    const factor = this.factor();
    if (!factor) return '';
    const { grams, eggs } = this.size();
    const [times, pieces] = [this.times(), this.pieces() ?? 0];
    // In another tin it makes no more of the recipe's own.
    const isOneTin = this.isByPan() && pieces <= 1;
    const yields = isOneTin ? null : scaledYield(this.reading().yield, factor);
    const count = eggs.valueOf() * times;
    return [
      `×${this.shownFactor()}${this.askedFor()}${yields ? ` makes ${yields}` : ''}`,
      ...(pieces > 1 ? [`${showGrams((grams * times) / pieces)} g each`] : []),
      ...(count > 0 ? [`with ${short(count, 2)} ${count === 1 ? 'egg' : 'eggs'}`] : []),
    ].join(', ');
  });
  /** What the batch is for, as it was asked: " for a 20 cm round tin". */
  private readonly askedFor = computed(() => {
    const [{ asked }, factor, shelf] = [this.state().draft.batch, this.factor(), this.shelf()];
    // Pieces and eggs are counted in the same sentence anyway.
    if (!asked || !factor || COUNTED_ANYWAY.has(asked.by)) return '';
    const said = askedText(asked, (id) => shelf.ingredient(id)?.name ?? id);
    if (asked.by !== 'pan') return ` ${said}`;
    const depth = depthText(factor.div(panRatio(asked.from, asked.to)).valueOf() - 1, asked.to);
    return ` ${said}${depth ? ` (${depth})` : ''}`;
  });
  protected readonly cautions = computed(() => {
    const factor = this.factor();
    return factor
      ? cautionsFor(this.reading(), factor, this.shelf(), this.recipe().keeping).map(
          (code) => CAUTION_MESSAGES[code],
        )
      : [];
  });

  protected readonly shownFactor = computed(() => {
    const factor = this.factor();
    return factor ? showFactor(factor) : this.state().draft.batch.factor;
  });
  /** The first pan that the text names, which a batch by another pan starts from. */
  private readonly namedPan = resource({
    params: () => this.reading().lines,
    loader: async ({ params }) =>
      (await import('@ypsigram/core/reading/facts')).factsOf(params).pans[0] ?? null,
  });
  protected readonly recipePan = computed(() =>
    this.namedPan.hasValue() ? this.namedPan.value() : null,
  );

  protected readonly pieces = computed(() => {
    const { pieces } = this.size();
    return pieces && pieces.valueOf() * this.times();
  });
  protected readonly loadsSaid = computed(() =>
    loadsMessage(loadsFor(this.size().grams * this.times(), this.pieces(), this.balance())),
  );
  protected readonly card = computed(() => {
    const { saved } = this.state();
    return saved && `/recipes/${saved.id}/card`;
  });

  protected readonly chance = computed(() => {
    const { saved } = this.state();
    return saved ? `/recipes/${saved.id}/how-sure` : '/new/how-sure';
  });

  protected readonly hasIngredients = computed(() =>
    this.reading().lines.some(({ kind }) => kind === 'ingredient'),
  );
  /** What is folded away now, since this kitchen has nothing for it. */
  protected readonly folded = computed(() =>
    this.columns.shown() === this.balance().columns ? null : this.columns.folded(),
  );
  protected readonly totals = computed(() => columnTotals(this.plan()));
  /** Ingredients that the totals leave out. */
  protected readonly leftOut = computed(() => {
    const count = unweighedLines(this.plan()).length;
    if (count === 0 || this.recipe().basis.isPreserving) return null;
    return `without ${count} ${count === 1 ? 'ingredient' : 'ingredients'} of unknown weight`;
  });
  /** Rounded once, as in Recipes: not the sum of what each line was rounded to. */
  protected readonly whole = computed(() => Math.round(this.totals().intendedGrams));

  constructor() {
    lookBehindTheShelf();
  }

  protected setTotal(grams: number): void {
    const set = setBatch(this.recipe(), { by: 'total', grams });
    if (set.ok) this.decisions.setFactor(writeFactor(set.batch.factor));
  }

  /** On a phone the controls are a sheet over the ledger. */
  protected openControls(): void {
    this.areControlsOpen.set(true);
    // Before it is drawn it can't have the focus.
    afterNextRender(() => this.controls()?.nativeElement.focus(), { injector: this.injector });
  }

  protected closeControls(opener: HTMLElement): void {
    this.areControlsOpen.set(false);
    opener.focus();
  }

  /** What lies under the sheet is not worked with while it is covered. */
  protected closeWhenLeft({ currentTarget, relatedTarget }: FocusEvent): void {
    if (!relatedTarget || (currentTarget as Node).contains(relatedTarget as Node)) return;
    this.areControlsOpen.set(false);
  }

  protected chooseColumns(columns: Columns): void {
    this.columns.unfold();
    this.decisions.set({ columns });
  }

  protected openText(): void {
    const { saved } = this.state();
    void this.router.navigateByUrl(saved ? `/recipes/${saved.id}/text` : '/new/text');
  }

  protected press(event: KeyboardEvent): void {
    const key = balanceKey(event, this.areLettersKeys());
    if (!key || !this.hasIngredients()) return;
    event.preventDefault();
    switch (key) {
      case 'undo':
        return this.decisions.undo();
      case 'redo':
        return this.decisions.redo();
      case 'columns':
        return this.chooseColumns(NEXT_COLUMNS[this.columns.shown()]);
      case 'more':
        return this.changeFactor(HALF);
      case 'less':
        return this.changeFactor(HALF.neg());
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
      default:
        return this.moveBetweenLines(key === 'next' ? 1 : -1);
    }
  }

  /** As near as the tools come, on the line at hand, or as it was. */
  private toggleNearest(): void {
    const index = this.lines()
      .find((line) => line.hasFocus())
      ?.index();
    if (index === undefined) return;
    this.decisions.decide(index, { nearest: this.ledger.isNearest(index) ? undefined : true });
  }

  private moveBetweenLines(by: 1 | -1): void {
    const lines = this.lines();
    lines[lines.findIndex((line) => line.hasFocus()) + by]?.focus();
  }

  private changeFactor(by: Fraction): void {
    const factor = this.factor()?.add(by);
    if (factor && factor.compare(0) > 0) this.decisions.setFactor(writeFactor(factor));
  }

  private mendFirst(): void {
    // By the plan as it is, not as it is shown a moment later.
    const advice = this.ledger.firstAdvice();
    if (advice) this.decisions.mend(advice);
  }
}
