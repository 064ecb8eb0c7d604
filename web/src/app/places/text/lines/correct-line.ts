import { HEAVIEST_PACK_GRAMS, METHOD_NAMES, short } from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  output,
  signal,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { midpoint, readAmount, type Amount } from '@ypsigram/core/amount';
import type { Ingredient, Method, Shelf } from '@ypsigram/core/catalogue';
import { methodsFor } from '@ypsigram/core/measuring';
import type { Line, OtherReading } from '@ypsigram/core/reading';
import { UNITS, gramsIn, isMassUnit, isVolumeUnit, type Unit } from '@ypsigram/core/units';
import { decimal } from '../../../kit/figures/figures';
import { optional, positive, problemIn, rule } from '../../../kit/forms/rules';
import { CHOOSE_FROM_SHELF, IngredientField } from '../../../kit/ingredient-field/ingredient-field';

const AMOUNT_PROBLEM = 'Write the amount as 1, 1/2, 1 1/2 or 2-3.';

/** The other side of a line: says what is meant, while the text stays as it was written. */
@Component({
  selector: 'yg-correct-line',
  imports: [IngredientField, ReactiveFormsModule],
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

  protected readonly form = new FormGroup({
    amount: new FormControl('', {
      nonNullable: true,
      validators: optional(rule((typed) => wholeAmount(typed) !== null, AMOUNT_PROBLEM)),
    }),
    unit: new FormControl<Unit>('g', { nonNullable: true }),
    method: new FormControl<Method | ''>('', { nonNullable: true }),
    grams: new FormControl('', {
      nonNullable: true,
      validators: optional(positive(HEAVIEST_PACK_GRAMS, 'Write the weight in grams.')),
    }),
  });

  constructor() {
    // What was understood is what is corrected.
    effect(() => {
      const { unit, authorMethod } = this.line();
      this.form.setValue({
        amount: this.amount(),
        unit: unit ?? this.units[0]!,
        method: authorMethod ?? '',
        grams: this.stated(),
      });
    });
  }

  protected save(): void {
    const ingredient = this.ingredient();
    if (!ingredient) return this.problem.set(CHOOSE_FROM_SHELF);
    this.problem.set(problemIn(this.form));
    if (this.form.invalid) return;
    const { amount: typed, unit, method, grams } = this.form.getRawValue();
    const [amount, stated] = [wholeAmount(typed), decimal(grams)];
    if (!amount && stated === null) return this.problem.set(AMOUNT_PROBLEM);
    this.corrected.emit({
      ingredientId: ingredient.id,
      ...(amount && {
        amount: [amount.min.toFraction(), amount.max.toFraction()] as const,
        unit,
      }),
      ...(isVolumeUnit(unit) && method !== '' && { method }),
      statedGrams: stated ?? massOf(amount, unit),
    });
  }
}

/** The amount that is all of what was typed; null for anything else. */
function wholeAmount(typed: string): Amount | null {
  const written = typed.trim();
  const found = readAmount(written);
  return found && found.length === written.length ? found.amount : null;
}

/** Grams of an amount that is a weight itself; null for one that is filled or counted. */
function massOf(amount: Amount | null, unit: Unit): number | null {
  return amount && isMassUnit(unit) ? midpoint(amount).mul(gramsIn(unit)).valueOf() : null;
}
