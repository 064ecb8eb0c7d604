import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { BAKE_KIND_NAMES } from '@ypsigram/contract';
import type { BakeKind } from '@ypsigram/core/baking';
import { forgivenessFor } from '@ypsigram/core/batch';
import type { Strictness } from '@ypsigram/core/fills';
import { JUG_READINGS, type JugReading } from '@ypsigram/core/chance';
import { BakeTray } from '../../kit/bake-tray/bake-tray';
import { isTypedIn } from '../../kit/keys/typed-in';
import { HowExact } from '../../kit/how-exact/how-exact';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { selectAssembled, selectLineKeys, selectPlan } from '../../state/recipe/recipe.selectors';
import { ChanceRuns } from '../../workers/chance-runs';
import { CausesPicture } from './causes-picture';
import { ChanceStudy } from './chance-study';
import { FlourPictures } from './flour-pictures';
import { HowItWorks } from './how-it-works';
import { LargerBatches } from './larger-batches';
import { LearnNext } from './learn-next';
import { LineChances } from './line-chances';
import { WeighThese } from './weigh-these';
import { giveOrTake, inWords, ofHundred } from './wording';

const BAKES = [2_000, 20_000, 200_000, 2_000_000] as const;
const JUG_NAMES: Readonly<Record<JugReading, string>> = {
  'eye-level': 'at eye level',
  above: 'from above',
};
/** In groups of three with a narrow space, which is no decimal mark anywhere. */
const GROUPED = {
  format: (count: number): string => String(count).replace(/\B(?=(?:\d{3})+$)/g, '\u202f'),
};

/** Chance: how likely this batch comes out, where weighing pays, and what it depends on. */
@Component({
  selector: 'yg-how-sure-page',
  imports: [
    BakeTray,
    CausesPicture,
    FlourPictures,
    HowExact,
    HowItWorks,
    LargerBatches,
    LearnNext,
    LineChances,
    RouterLink,
    WeighThese,
  ],
  templateUrl: './how-sure.page.html',
  styleUrl: './how-sure.page.scss',
  providers: [ChanceRuns, ChanceStudy],
  host: { '(document:keydown)': 'press($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowSurePage {
  private readonly store = inject(Store);
  protected readonly study = inject(ChanceStudy);

  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  private readonly keys = this.store.selectSignal(selectLineKeys);
  protected readonly plan = this.store.selectSignal(selectPlan);
  protected readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  protected readonly shelf = this.store.selectSignal(selectShelf);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly areLettersKeys = this.store.selectSignal(kitchenFeature.selectLetterKeys);
  private readonly history = this.store.selectSignal(recipeFeature.selectHistory);

  protected readonly allBakes = BAKES.map((count) => ({ count, name: GROUPED.format(count) }));
  protected readonly jugs = JUG_READINGS.map((id) => ({ id, name: JUG_NAMES[id] }));
  protected readonly recipe = this.store.selectSignal(selectAssembled);
  protected readonly forgives = computed(() => forgivenessFor(this.recipe().basis));
  protected readonly kindName = computed(
    () => BAKE_KIND_NAMES[this.balance().kind ?? this.recipe().guessedKind],
  );
  /** What is forgiven goes by the log of this recipe. */
  protected readonly learnedBy = computed(() => {
    const parts = Object.keys(this.recipe().basis.learned ?? {});
    return parts.length > 0 ? `, as its own bakes have shown for ${parts.join(', ')}` : '';
  });
  protected readonly result = this.study.result;
  protected readonly pictured = this.study.pictured;
  protected readonly hand = computed(
    () => this.hands().find(({ id }) => id === this.handId())?.name ?? 'anyone',
  );
  protected readonly base = computed(() => {
    const { saved } = this.state();
    return saved ? `/recipes/${saved.id}` : '/new';
  });
  protected readonly canUndo = computed(() => this.history().past.length > 0);
  protected readonly head = computed(() => {
    const result = this.result();
    if (!result) return null;
    const { good, asAuthored, bakes } = result.now;
    return {
      share: good,
      good: ofHundred(good),
      giveOrTake: giveOrTake(good, bakes),
      bakes: GROUPED.format(bakes),
      asAuthored: ofHundred(asAuthored),
    };
  });
  /** Flour as it could be done; the rest of the variants are larger batches. */
  protected readonly flour = computed(() => {
    const pictured = this.pictured();
    if (!pictured) return [];
    return pictured.of.flour.map(({ way }, at) => ({ way, chances: pictured.others[at]! }));
  });
  protected readonly batches = computed(() => {
    const pictured = this.pictured();
    if (!pictured) return [];
    const first = pictured.of.flour.length;
    return [
      { times: 1, chances: pictured.now },
      ...pictured.of.batches.map(({ times }, at) => ({
        times,
        chances: pictured.others[first + at]!,
      })),
    ];
  });
  /** What the figures leave out, and what they only assume. */
  protected readonly notes = computed(() => {
    const { lines, leftOut } = this.study.of();
    const filled = lines.filter(({ route, hand }) => route === 'measure' && hand !== null);
    const assumed = filled.filter(({ isHandKnown }) => !isHandKnown).length;
    const written = leftOut.map((index) => `“${this.plan()[index]?.written.trim() ?? ''}”`);
    return [
      ...(written.length > 0
        ? [`Left out, because their weight is not known: ${inWords(written)}.`]
        : []),
      ...(assumed > 0
        ? [
            `Of ${filled.length} measured ingredients, ${assumed} ${assumed === 1 ? 'has' : 'have'} no trials by this hand yet, so a usual hand is assumed.`,
          ]
        : []),
    ];
  });

  protected chooseKind(kind: BakeKind | null): void {
    this.store.dispatch(recipeActions.balanceSet({ change: { kind } }));
  }

  protected chooseStrictness(strictness: Strictness): void {
    this.store.dispatch(recipeActions.balanceSet({ change: { strictness } }));
  }

  protected chooseJug(jug: string): void {
    this.study.jug.set(jug as JugReading);
  }

  protected chooseBakes(bakes: string): void {
    this.study.bakes.set(Number(bakes));
  }

  /** With other random numbers: the answer moves by what is left to chance. */
  protected runAgain(): void {
    this.study.seed.update((seed) => seed + 1);
  }

  protected weigh(indexes: readonly number[]): void {
    if (indexes.length === 0) return;
    const lines = indexes.map((index) => this.keys()[index]!);
    this.store.dispatch(recipeActions.linesWeighed({ lines }));
  }

  protected undo(): void {
    this.store.dispatch(recipeActions.decisionUndone());
  }

  protected press(event: KeyboardEvent): void {
    const { key, ctrlKey, metaKey, altKey, shiftKey, target } = event;
    if (isTypedIn(target) || altKey) return;
    if (ctrlKey || metaKey) {
      if (key.toLowerCase() !== 'z') return;
      event.preventDefault();
      this.store.dispatch(
        shiftKey ? recipeActions.decisionRedone() : recipeActions.decisionUndone(),
      );
      return;
    }
    const result = this.result();
    if (key.toLowerCase() === 'e' && this.areLettersKeys() && result?.isFresh)
      this.weigh(result.pays?.weigh ?? []);
    if (key === 'Escape' && this.study.isRunning()) this.study.stop();
  }
}
