import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { METHOD_NAMES, basisMeaning, basisName } from '@ypsigram/contract';
import { methodsForLine, onScaleGrid, type PlanLine } from '@ypsigram/core/batch';
import { intendedMass, intendedOtherwise } from '@ypsigram/core/conversion';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Line } from '@ypsigram/core/reading';
import { isVolumeUnit, type Standard } from '@ypsigram/core/units';
import { spread } from '../../kit/amounts/amounts';

/** What the intended mass of a line rests on, and what it would be had the author filled otherwise. */
@Component({
  selector: 'yg-line-basis',
  templateUrl: './line-basis.html',
  styleUrl: './line-basis.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineBasis {
  readonly line = input.required<Line>();
  readonly plan = input.required<PlanLine>();
  readonly standard = input.required<Standard>();
  readonly shelf = input.required<Shelf>();
  readonly notes = input.required<readonly string[]>();

  protected readonly basis = computed(() => this.plan().intended?.basis ?? null);
  protected readonly rung = computed(() => basisName(this.basis()));
  protected readonly meaning = computed(() => basisMeaning(this.basis()));
  protected readonly source = computed(() => {
    const { source, derivedFrom } = this.basis()!;
    const from = derivedFrom ? `, from the weight when ${METHOD_NAMES[derivedFrom]}` : '';
    return `Source: ${source}${from}.`;
  });
  protected readonly spread = computed(() => spread(this.plan().intended));

  /** The amount, in this batch, by each method its author could have used. */
  protected readonly otherwise = computed(() => {
    const line = this.line();
    if (!line.unit || !isVolumeUnit(line.unit)) return [];
    const methods = methodsForLine(line).filter((method) => method !== 'count');
    const taken = intendedMass(line, this.standard(), this.shelf());
    const planned = this.plan().intended;
    if (methods.length < 2 || !taken || !planned) return [];
    const factor = planned.grams / taken.grams;
    return methods.flatMap((method) => {
      const intended = intendedOtherwise(
        { ...line, stated: null },
        { method },
        this.standard(),
        this.shelf(),
      );
      if (!intended) return [];
      return {
        name: METHOD_NAMES[method],
        shown: onScaleGrid(intended.grams * factor).shown,
        rung: basisName(intended.basis),
        isAuthors: method === line.authorMethod,
      };
    });
  });
}
