import { FACTOR_PROBLEMS, short } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { LARGEST_FACTOR } from '@ypsigram/core/factor';
import {
  formulaOf,
  massForPercent,
  massesForHydration,
  type Formula,
  type FormulaPart,
  type NewMasses,
} from '@ypsigram/core/formula';
import type { PlanLine } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import { decimal, grams } from '../../../kit/figures/figures';
import { positive, problemOfTyped, rule } from '../../../kit/forms/rules';

const percent = (value: number): string => short(value, value < 10 ? 2 : 1);

const DOUGH_WEIGHT = positive(Infinity, 'Write the dough weight in grams.');

/** The recipe as a baker's formula: everything to 100 of flour, and set by that. */
@Component({
  selector: 'yg-formula-view',
  templateUrl: './formula-view.html',
  styleUrl: './formula-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FormulaView {
  readonly plan = input.required<readonly PlanLine[]>();
  readonly shelf = input.required<Shelf>();
  readonly factor = input.required<number>();
  /** Masses of lines at factor 1. */
  readonly massesSet = output<NewMasses>();
  /** The mass of the whole dough that is wanted. */
  readonly totalSet = output<number>();

  protected readonly problem = signal<string | null>(null);
  protected readonly formula = computed(() => formulaOf(this.plan(), this.shelf()));
  protected readonly hydration = computed(() => percent(this.formula()?.hydration ?? 0));
  protected readonly total = computed(() => grams(this.formula()?.totalGrams ?? 0));
  protected readonly parts = computed(() =>
    (this.formula()?.parts ?? []).map((part, at) => ({
      key: `${at} ${part.name}`,
      name: part.name,
      about: this.aboutPart(part),
      rows: part.lines.map((line) => ({
        index: line.index,
        name: this.shelf().ingredient(line.ingredientId)?.name ?? line.ingredientId,
        grams: grams(line.grams),
        percent: percent(line.percent),
      })),
    })),
  );

  protected setPercent(index: number, text: string): void {
    this.setBy(
      text,
      (formula, wanted) => massForPercent(formula, index, wanted),
      'Write a percentage above 0. A flour can be 100 % only if it is the only one.',
    );
  }

  protected setHydration(text: string): void {
    this.setBy(
      text,
      massesForHydration,
      'The liquids can’t reach that: the other ingredients already hold more water, or there are no liquids.',
    );
  }

  protected setTotal(text: string): void {
    const isWithin = rule(
      (typed) => this.factorFor(typed) <= LARGEST_FACTOR,
      FACTOR_PROBLEMS['too-large'],
    );
    this.problem.set(problemOfTyped(DOUGH_WEIGHT, text) ?? problemOfTyped(isWithin, text));
    if (this.problem() === null) this.totalSet.emit(decimal(text)!);
  }

  /** The factor of a dough of so many grams, as typed. */
  private factorFor(typed: string): number {
    const mass = decimal(typed) ?? 0;
    return (this.factor() * mass) / (this.formula()?.totalGrams ?? mass);
  }

  private setBy(
    text: string,
    massesFor: (formula: Formula, wanted: number) => NewMasses | null,
    sentence: string,
  ): void {
    const formula = this.formula();
    if (!formula) return;
    const massesOf = (typed: string): NewMasses | null => {
      const wanted = decimal(typed);
      return wanted === null ? null : massesFor(formula, wanted);
    };
    this.problem.set(
      problemOfTyped(
        rule((typed) => massesOf(typed) !== null, sentence),
        text,
      ),
    );
    const masses = massesOf(text);
    if (masses) this.save(masses);
  }

  private save(masses: NewMasses): void {
    const atOnce = Object.entries(masses).map(([index, mass]) => [index, mass / this.factor()]);
    this.massesSet.emit(Object.fromEntries(atOnce) as NewMasses);
  }

  private aboutPart({ isPreferment, flourPercent, hydration, grams: mass }: FormulaPart): string {
    return [
      ...(isPreferment ? [`preferment with ${percent(flourPercent)} % of the flour`] : []),
      `${grams(mass)} g`,
      ...(hydration === null ? [] : [`water ${percent(hydration)} % of its flour`]),
    ].join(', ');
  }
}
