import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ratiosOf, type PlanLine, type Ratios } from '@ypsigram/core/batch';

type RatioName = Exclude<keyof Ratios, 'flourGrams'>;

const NAMES: readonly RatioName[] = ['water', 'fat', 'sugar', 'egg', 'leavening', 'yeast', 'salt'];

/** Baker's percentages: as intended, as measured and as weighed. */
@Component({
  selector: 'yg-ratios-foot',
  templateUrl: './ratios-foot.html',
  styleUrl: './ratios-foot.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RatiosFoot {
  readonly plan = input.required<readonly PlanLine[]>();

  protected readonly ratios = computed(() => {
    const by = (grams: (line: PlanLine) => number | undefined): Ratios | null =>
      ratiosOf(
        this.plan().flatMap((line) =>
          line.ingredientId && line.intended
            ? { ingredientId: line.ingredientId, grams: grams(line) ?? line.intended.grams }
            : [],
        ),
      );
    const intended = by((line) => line.intended?.grams);
    const measured = by((line) => line.measure?.grams);
    const weighed = by((line) => line.weight?.grams);
    if (!intended || !measured || !weighed) return null;
    return {
      flour: Math.round(intended.flourGrams),
      rows: NAMES.filter((name) => intended[name] > 0).map((name) => ({
        name,
        intended: shown(intended[name]),
        measured: shown(measured[name]),
        weighed: shown(weighed[name]),
      })),
    };
  });
}

function shown(percent: number): string {
  return percent.toFixed(percent < 10 ? 2 : 1);
}
