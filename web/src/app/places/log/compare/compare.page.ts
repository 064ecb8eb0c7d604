import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { forkJoin } from 'rxjs';
import { fixed, type Bake } from '@ypsigram/contract';
import { SYMPTOM_NAMES } from '@ypsigram/contract/log';
import { bakeState } from '@ypsigram/core/bench';
import { RATIO_PARTS } from '@ypsigram/core/batch';
import { outcomeOf, type BakeOutcome } from '@ypsigram/core/log';
import { BakesApi } from '../../../api/bakes-api';
import { photoAddress } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { showDay } from '../../../kit/figures/dates';
import { grams } from '../../../kit/figures/figures';
import { showHeat } from '../../../kit/figures/oven-heat';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { Crumbs } from '../entries/crumbs';

interface Side {
  readonly outcome: BakeOutcome;
  readonly note: string;
}

/** Two bakes side by side: what went in, the oven, and how they turned out. */
@Component({
  selector: 'yg-compare-page',
  imports: [Crumbs, RouterLink],
  templateUrl: './compare.page.html',
  styleUrl: './compare.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ComparePage {
  /** From the address: ids of two bakes. */
  readonly a = input<string>();
  readonly b = input<string>();

  private readonly api = inject(BakesApi);
  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly bakes = signal<readonly [Bake, Bake] | null>(null);
  protected readonly problem = signal<string | null>(null);

  private readonly sides = computed((): readonly [Side, Side] | null => {
    const bakes = this.bakes();
    if (!bakes) return null;
    const side = (bake: Bake): Side => {
      const state = bakeState(bake.plan, bake.readings);
      return {
        outcome: outcomeOf(bake, state, this.shelf()),
        note: state.after.result?.note ?? '',
      };
    };
    return [side(bakes[0]), side(bakes[1])];
  });
  protected readonly heads = computed(() =>
    this.sides()?.map(({ outcome, note }) => ({
      link: `/recipes/${outcome.recipeId}/log/${outcome.bakeId}`,
      title: outcome.title,
      day: showDay(outcome.at, this.formats().dateOrder),
      hand: this.hands().find(({ id }) => id === outcome.handId)?.name ?? '',
      rating: outcome.rating,
      isGood: outcome.isGood,
      symptoms: outcome.symptoms
        .map((one) => (SYMPTOM_NAMES as Readonly<Record<string, string>>)[one])
        .join(', '),
      note,
      photo: outcome.photo && photoAddress(outcome.photo, 'large'),
    })),
  );
  protected readonly rows = computed(() => {
    const sides = this.sides();
    if (!sides) return [];
    const [a, b] = [sides[0].outcome, sides[1].outcome];
    const names = [...new Set([...a.lines, ...b.lines].map(({ ingredientId }) => ingredientId))];
    const massOf = ({ lines }: BakeOutcome, id: string): number | null => {
      const own = lines.filter(({ ingredientId }) => ingredientId === id);
      return own.length === 0 ? null : own.reduce((sum, line) => sum + line.grams, 0);
    };
    const masses = names.map((id) => ({
      name: this.shelf().ingredient(id)?.name ?? id,
      ...twoFigures(massOf(a, id), massOf(b, id), (mass) => `${grams(mass)} g`),
    }));
    const ratios = RATIO_PARTS.filter((part) => a.ratios[part] ?? b.ratios[part]).map((part) => ({
      name: `${part}, % of the flour`,
      ...twoFigures(a.ratios[part] ?? null, b.ratios[part] ?? null, (ratio) => fixed(ratio, 1)),
    }));
    const heat = (celsius: number): string => showHeat(celsius, this.formats().temperature);
    return [
      ...masses,
      ...ratios,
      { name: 'dial', ...twoFigures(a.dialCelsius, b.dialCelsius, heat) },
      { name: 'in the oven', ...twoFigures(a.minutes, b.minutes, (min) => `${fixed(min, 0)} min`) },
    ];
  });

  constructor() {
    effect(() => {
      const [a, b] = [this.a(), this.b()];
      if (!a || !b) {
        this.problem.set('Choose two bakes in the Log to compare them.');
        return;
      }
      forkJoin([this.api.read(a), this.api.read(b)]).subscribe({
        next: (bakes) => {
          this.problem.set(null);
          this.bakes.set(bakes);
        },
        error: (error: unknown) => this.problem.set(problemOf(error)),
      });
    });
  }
}

/** Two figures as they are shown, and how far the second is from the first. */
function twoFigures(a: number | null, b: number | null, show: (value: number) => string) {
  const by = a === null || b === null || a === 0 ? null : b / a - 1;
  const isSame = by !== null && Math.abs(by) < 0.005;
  return {
    a: a === null ? '' : show(a),
    b: b === null ? '' : show(b),
    by: by === null || isSame ? '' : `${by > 0 ? '+' : '−'}${fixed(100 * Math.abs(by), 1)} %`,
  };
}
