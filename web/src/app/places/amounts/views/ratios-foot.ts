import { fixed } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Shelf } from '@ypsigram/core/catalogue';
import { RATIO_PARTS, ratioDrift, type PlanLine } from '@ypsigram/core/batch';
import type { Forgiveness } from '@ypsigram/core/baking';

/** The ratios of the batch as baker's percentages: as written, as measured and as weighed. */
@Component({
  selector: 'yg-ratios-foot',
  templateUrl: './ratios-foot.html',
  styleUrl: './ratios-foot.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RatiosFoot {
  readonly plan = input.required<readonly PlanLine[]>();
  readonly shelf = input.required<Shelf>();
  readonly forgives = input.required<Forgiveness>();

  protected readonly ratios = computed(() => {
    const { base, ratios } = ratioDrift(this.plan(), this.shelf(), this.forgives());
    const rows = RATIO_PARTS.filter((part) => ratios[part].intended > 0).map((name) => {
      const { intended, measured, weighed, drift, isOver } = ratios[name];
      return {
        name,
        intended: shown(intended),
        measured: shown(measured),
        weighed: shown(weighed),
        drift: `${fixed(100 * drift, 1)} %`,
        isOver,
      };
    });
    const flour = this.plan().reduce(
      (sum, { ingredientId, intended }) =>
        ingredientId && this.shelf().ingredient(ingredientId)?.role === 'flour'
          ? sum + (intended?.grams ?? 0)
          : sum,
      0,
    );
    return { hasFlour: base === 'flour', flour: Math.round(flour), rows };
  });
}

function shown(percent: number): string {
  return fixed(percent, percent < 10 ? 2 : 1);
}
