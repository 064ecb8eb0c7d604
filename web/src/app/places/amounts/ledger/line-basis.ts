import { basisMeaning, basisName, METHOD_NAMES, weightText, sourceText } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { methodsForLine, type PlanLine } from '@ypsigram/core/batch';
import { onScaleGrid } from '@ypsigram/core/fills';
import { groundsOf, intendedOtherwise } from '@ypsigram/core/conversion';
import { isSameSource, type Shelf } from '@ypsigram/core/catalogue';
import type { KnownWeight } from '@ypsigram/core/measuring';
import type { Line } from '@ypsigram/core/reading';
import { isVolumeUnit, type Standard } from '@ypsigram/core/units';
import { spread } from '../../../kit/amounts/amounts';

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
  readonly known = input<readonly KnownWeight[]>([]);
  readonly factor = input(1);
  readonly notes = input.required<readonly string[]>();

  protected readonly basis = computed(() => this.plan().intended?.basis ?? null);
  protected readonly rung = computed(() => basisName(this.basis()));
  protected readonly meaning = computed(() => basisMeaning(this.basis()));
  protected readonly source = computed(() => {
    const { source, derivedFrom } = this.basis()!;
    const from = derivedFrom
      ? `, worked out from the weight when ${METHOD_NAMES[derivedFrom]}`
      : '';
    return `Source: ${sourceText(source)}${from}.`;
  });
  /** What the weight of your own fills rests on, where that is something else. */
  protected readonly measured = computed(() => {
    const basis = this.plan().measure?.basis;
    const intended = this.basis();
    if (!basis) return null;
    const isSame =
      intended && basis.rung === intended.rung && isSameSource(basis.source, intended.source);
    return isSame
      ? null
      : {
          name: basisName(basis),
          meaning: basisMeaning(basis),
          source: sourceText(basis.source),
        };
  });
  protected readonly spread = computed(() => spread(this.plan().intended));

  /** What the other rungs of the ladder would say, in this batch. */
  protected readonly grounds = computed(() => {
    const [taken, ...others] = groundsOf(this.line(), this.standard(), this.shelf(), this.known());
    const basis = this.basis();
    if (!taken || !basis) return [];
    // Of a pinned weight all that was worked out is another ground.
    const all = basis.source.from === 'pinned' ? [taken, ...others] : others;
    return all.map(({ grams, basis: ground }) => ({
      key: `${ground.rung} ${sourceText(ground.source)}`,
      name: basisName(ground),
      source: sourceText(ground.source),
      shown: weightText(onScaleGrid(grams * this.factor())),
    }));
  });

  /** The amount, in this batch, by each method its author could have used. */
  protected readonly otherwise = computed(() => {
    const line = this.line();
    if (!line.unit || !isVolumeUnit(line.unit)) return [];
    const methods = methodsForLine(line, this.shelf()).filter((method) => method !== 'count');
    if (methods.length < 2) return [];
    return methods.flatMap((method) => {
      const intended = intendedOtherwise(
        { ...line, stated: null },
        { method },
        this.standard(),
        this.shelf(),
        this.known(),
      );
      if (!intended) return [];
      return {
        name: METHOD_NAMES[method],
        shown: weightText(onScaleGrid(intended.grams * this.factor())),
        rung: basisName(intended.basis),
        isAuthors: method === line.authorMethod,
      };
    });
  });
}
