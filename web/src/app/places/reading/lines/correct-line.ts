import { METHOD_NAMES, short } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { midpoint, readAmount, type Amount } from '@ypsigram/core/amount';
import type { Ingredient, Method, Shelf } from '@ypsigram/core/catalogue';
import { methodsFor } from '@ypsigram/core/measuring';
import type { Line, OtherReading } from '@ypsigram/core/reading';
import { UNITS, gramsIn, isMassUnit, isVolumeUnit, type Unit } from '@ypsigram/core/units';
import { decimal } from '../../../kit/figures/figures';
import { IngredientField } from '../../../kit/ingredient-field/ingredient-field';

const AMOUNT_PROBLEM = 'Write the amount as 1, 1/2, 1 1/2 or 2-3.';

/** The other side of a line: says what is meant, while the text stays as it was written. */
@Component({
  selector: 'yg-correct-line',
  imports: [IngredientField],
  templateUrl: './correct-line.html',
  styleUrl: './correct-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CorrectLine {
  readonly line = input.required<Line>();
  readonly shelf = input.required<Shelf>();
  readonly corrected = output<OtherReading>();
  readonly cancelled = output();

  protected readonly units = UNITS;
  private readonly picked = signal<Ingredient | null | undefined>(undefined);
  protected readonly problem = signal<string | null>(null);
  protected readonly ingredient = computed(() => {
    const picked = this.picked();
    if (picked !== undefined) return picked;
    const { ingredientId } = this.line();
    return ingredientId === null ? null : (this.shelf().ingredient(ingredientId) ?? null);
  });
  protected readonly methods = computed(() => {
    const ingredient = this.ingredient();
    const methods = ingredient ? methodsFor(ingredient) : [];
    return methods
      .filter((method) => method !== 'count')
      .map((id) => ({ id, name: METHOD_NAMES[id] }));
  });
  /** A weight beside a volume; one that is the amount itself says nothing more. */
  protected readonly stated = computed(() => {
    const { stated, unit } = this.line();
    return !stated || (unit !== null && isMassUnit(unit)) ? '' : short(stated.grams, 1);
  });
  protected readonly amount = computed(() => {
    const { amount } = this.line();
    if (!amount) return '';
    const ends = [amount.min.toFraction(true), amount.max.toFraction(true)];
    return [...new Set(ends)].join('-');
  });

  protected pick(ingredient: Ingredient | null): void {
    this.picked.set(ingredient);
  }

  protected save(amount: string, unit: string, method: string, grams: string): void {
    const ingredient = this.ingredient();
    if (!ingredient) return this.problem.set('Choose an ingredient from the Shelf.');
    const written = amount.trim();
    const found = readAmount(written);
    if (written !== '' && found?.length !== written.length) return this.problem.set(AMOUNT_PROBLEM);
    const stated = grams.trim() === '' ? null : decimal(grams);
    if (grams.trim() !== '' && !stated) return this.problem.set('Write the weight in grams.');
    if (!found && stated === null) return this.problem.set(AMOUNT_PROBLEM);
    this.problem.set(null);
    const isFilled = isVolumeUnit(unit as Unit);
    this.corrected.emit({
      ingredientId: ingredient.id,
      ...(found && {
        amount: [found.amount.min.toFraction(), found.amount.max.toFraction()] as const,
        unit: unit as Unit,
      }),
      ...(isFilled && method !== '' && { method: method as Method }),
      statedGrams: stated ?? massOf(found?.amount, unit as Unit),
    });
  }
}

/** Grams of an amount that is a weight itself; null for one that is filled or counted. */
function massOf(amount: Amount | undefined, unit: Unit): number | null {
  return amount && isMassUnit(unit) ? midpoint(amount).mul(gramsIn(unit)).valueOf() : null;
}
