import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BakeKind } from '@ypsigram/core/baking';
import type { BakingFacts } from '@ypsigram/core/baking/steps';
import { decimal } from '../../../kit/figures/figures';
import { celsiusOf, DEGREES } from '../../../kit/figures/heat';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { recipeActions } from '../../../state/recipe/recipe.actions';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { OvenSession } from '../oven-session';

const COOLEST = 50;
const HOTTEST = 320;
/** Kinds that are baked in a tin: buns and biscuits rest in none. */
const IN_TINS: readonly (BakeKind | undefined)[] = ['airy', 'cake', 'quick', 'bar'];

/** What the text does not say of the baking: asked once, and saved with the recipe. */
@Component({
  selector: 'yg-baking-questions',
  templateUrl: './baking-questions.html',
  styles: `
    section {
      padding: 0.7rem 1.1rem;
    }
    h2 {
      font-size: 1.1rem;
    }
    .short {
      width: 6rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BakingQuestions {
  private readonly store = inject(Store);
  private readonly session = inject(OvenSession);
  private readonly saved = this.store.selectSignal(recipeFeature.selectSaved);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);

  protected readonly sign = computed(() => DEGREES[this.formats().temperature]);
  protected readonly problem = signal('');
  protected readonly asked = computed(() => {
    const isHere = this.saved()?.id === this.session.bake()?.recipeId;
    const hasTin = IN_TINS.includes(this.session.state()?.plan.kind);
    const missing = (isHere ? this.session.walk().missing : []).filter(
      (question) => question !== 'pan' || hasTin,
    );
    return {
      isAny: missing.length > 0,
      celsius: missing.includes('celsius'),
      minutes: missing.includes('minutes'),
      pan: missing.includes('pan'),
    };
  });

  protected answer(heat: string, from: string, to: string, pan: string): void {
    const asked = this.asked();
    const unit = this.formats().temperature;
    const [degrees, min, max, rest] = [heat, from, to, pan].map(decimal) as (number | null)[];
    const celsius = typeof degrees === 'number' ? celsiusOf(degrees, unit) : null;
    const change: BakingFacts = {
      ...this.balance().baking,
      ...(asked.celsius && celsius !== null && { celsius }),
      ...(asked.minutes &&
        typeof min === 'number' && { minMinutes: min, maxMinutes: Math.max(min, max ?? min) }),
      ...(asked.pan && typeof rest === 'number' && { panMinutes: rest }),
    };
    const isWrong = celsius !== null && (celsius < COOLEST || celsius > HOTTEST);
    const isNothing = Object.keys(change).length === Object.keys(this.balance().baking).length;
    this.problem.set(
      isWrong
        ? `Write a heat that an oven has, in ${this.sign()}.`
        : isNothing
          ? 'Write at least one of them.'
          : '',
    );
    if (this.problem()) return;
    this.store.dispatch(recipeActions.balanceSet({ change: { baking: change } }));
    this.store.dispatch(recipeActions.saveWanted());
  }
}
