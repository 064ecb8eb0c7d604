import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { HAZARD_CAUTIONS, SPOON_TECHNIQUE, techniqueFor } from '@ypsigram/contract';
import { defaultMethod } from '@ypsigram/core/measuring';
import type { Ingredient, Method } from '@ypsigram/core/catalogue';
import { drawingsOf } from './drawings';
import { PractiseLink } from './practise-link';

/** How to fill a measure well: tool, drawings, steps, the common slip and the check. */
@Component({
  selector: 'yg-technique-card',
  imports: [PractiseLink],
  templateUrl: './technique-card.html',
  styleUrl: './technique-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TechniqueCard {
  readonly ingredient = input.required<Ingredient>();
  /** Your method; the usual one where absent. */
  readonly method = input<Method | null>(null);
  /** Whether the amount is of a spoon's size. */
  readonly bySpoon = input(false);

  /** Whether it leads to where this is practised; not where one is there already. */
  readonly leadsToPractice = input(true);

  protected readonly technique = computed(() =>
    techniqueFor(this.ingredient().class, this.method()),
  );
  protected readonly errs = computed(() => {
    const { errs } = this.technique();
    return errs === 'either way' ? 'That can give too much or too little.' : `That gives ${errs}.`;
  });
  protected readonly drawings = computed(() =>
    drawingsOf(this.ingredient().class, this.method() ?? defaultMethod(this.ingredient())),
  );
  protected readonly spoon = computed(() =>
    this.bySpoon() && this.ingredient().class === 'powder' ? SPOON_TECHNIQUE : null,
  );
  protected readonly caution = computed(() => {
    const [hazard] = this.ingredient().hazards ?? [];
    return hazard && HAZARD_CAUTIONS[hazard];
  });
}
