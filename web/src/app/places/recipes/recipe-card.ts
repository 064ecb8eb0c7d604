import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { RecipeSummary } from '@ypsigram/contract';
import { Beam } from '../../kit/beam/beam';
import { timesText } from '../../kit/figures/times';
import { RecipeFacts } from './recipe-facts';

/** A whole recipe is taken as balanced when its two routes differ by no more than flour may. */
const WHOLE_TOLERANCE = 0.03;

/** One recipe of the list. */
@Component({
  selector: 'yg-recipe-card',
  imports: [Beam, RecipeFacts, RouterLink],
  templateUrl: './recipe-card.html',
  styleUrl: './recipe-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'enamel' },
})
export class RecipeCard {
  readonly recipe = input.required<RecipeSummary>();
  readonly removed = output();

  protected readonly tolerance = WHOLE_TOLERANCE;
  protected readonly gap = computed(() => {
    const { measuredGrams, weighedGrams } = this.recipe();
    return weighedGrams > 0 ? measuredGrams / weighedGrams - 1 : null;
  });
  protected readonly times = timesText;
  protected readonly total = computed(() => Math.round(this.recipe().totalGrams));
}
