import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import {
  CLASS_NAMES,
  KEEPS_NAMES,
  ROLE_NAMES,
  HEAVIEST_DENSITY,
  type KitchenIngredient,
} from '@ypsigram/contract';
import {
  CLASSES,
  KEEPS,
  ROLES,
  UNKNOWN_ALLERGENS,
  wordsOf,
  type Ingredient,
  type IngredientClass,
  type Keeps,
  type Role,
} from '@ypsigram/core/catalogue';
import type { OwnWeight } from '@ypsigram/core/shelf';
import { defaultMethod } from '@ypsigram/core/measuring';
import { millilitresIn } from '@ypsigram/core/units';
import { decimal } from '../figures/figures';
import { optional, problemIn, rule } from '../forms/rules';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { ownIdOf } from './taken-from-table';

/** What a baker adds, with what a cup of it weighs where that is known. */
export interface NewIngredient {
  readonly ingredient: KitchenIngredient;
  readonly weight: OwnWeight | null;
}

/** So many letters say enough to look through three thousand foods; so many are offered. */
const LEAST_TYPED = 3;
const MOST_OFFERED = 5;

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** Adds an ingredient that the tables do not know. */
@Component({
  selector: 'yg-add-ingredient',
  imports: [ReactiveFormsModule],
  templateUrl: './add-ingredient.html',
  styles: `
    h2 {
      margin-bottom: 0.4rem;
    }
    .offered {
      grid-column: 1 / -1;
    }
    .short {
      width: 8rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddIngredient {
  /** What it was called where it was missed. */
  readonly called = input('');
  readonly added = output<NewIngredient>();
  readonly cancelled = output();

  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);

  protected readonly classes = CLASSES.filter((id) => id !== 'egg').map((id) => ({
    id,
    name: CLASS_NAMES[id],
  }));
  protected readonly roles = ROLES.map((id) => ({ id, name: ROLE_NAMES[id] }));
  protected readonly keeps = KEEPS.map((id) => ({ id, name: KEEPS_NAMES[id] }));
  protected readonly problem = signal<string | null>(null);

  protected readonly form = new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: [
        rule((typed) => wordsOf(typed).length > 0, 'Give the ingredient a name.'),
        rule(
          (typed) => !this.isOnShelf(typed),
          (typed) => `“${typed}” is already in Ingredients. Set its weight there.`,
        ),
      ],
    }),
    class: new FormControl<IngredientClass>('powder', { nonNullable: true }),
    role: new FormControl<Role>(ROLES[0]!, { nonNullable: true }),
    keeps: new FormControl<Keeps | ''>('', { nonNullable: true }),
    water: new FormControl('', {
      nonNullable: true,
      validators: optional(
        rule((typed) => {
          const percent = decimal(typed);
          return percent !== null && percent <= 100;
        }, 'Write the water as a number from 0 to 100.'),
      ),
    }),
    cup: new FormControl('', {
      nonNullable: true,
      validators: optional(
        rule((typed) => {
          const density = this.densityOf(typed);
          return density > 0 && density <= HEAVIEST_DENSITY;
        }, 'Write what one cup weighs in grams, or leave that field empty.'),
      ),
    }),
    aliases: new FormControl('', { nonNullable: true }),
    allergens: new FormControl('', { nonNullable: true }),
  });

  private readonly table = this.store.selectSignal(kitchenFeature.selectTable);
  private readonly typedName = toSignal(this.form.controls.name.valueChanges, { initialValue: '' });
  /** What the public table has of the name that is being typed. */
  protected readonly offered = computed(() => {
    const typed = this.typedName().trim();
    const table = this.table();
    return table && typed.length >= LEAST_TYPED ? table.typed(typed, MOST_OFFERED) : [];
  });
  /** The food that it weighs as, once one was chosen. */
  protected readonly chosen = signal<Ingredient | null>(null);

  constructor() {
    effect(() => {
      const called = this.called();
      // The rules of the name look at the shelf: what changes there must not take back what was typed.
      untracked(() => this.form.controls.name.setValue(called));
    });
    this.store.dispatch(kitchenActions.tableWanted());
  }

  /** Takes class, water and weights from a food of the table; what it is called stays. */
  protected weighAs(food: Ingredient): void {
    this.chosen.set(food);
    const { class: ofClass, role, waterPercent } = food;
    this.form.patchValue({ class: ofClass, role, water: String(waterPercent), cup: '' });
  }

  protected add(): void {
    this.problem.set(problemIn(this.form));
    if (this.form.invalid) return;
    const { name, water, aliases, allergens, cup, keeps, ...kind } = this.form.getRawValue();
    const food = this.chosen()?.tableFood;
    const ingredient: KitchenIngredient = {
      ...kind,
      id: ownIdOf(name),
      name: name.trim(),
      waterPercent: decimal(water) ?? 0,
      ...(keeps && { keeps }),
      aliases: listed(aliases),
      ...(food !== undefined && { tableFood: food }),
      // Of a food of the table nobody knows them until they are told.
      allergens:
        food !== undefined && allergens.trim() === '' ? [UNKNOWN_ALLERGENS] : listed(allergens),
    };
    this.added.emit({ ingredient, weight: cup.trim() === '' ? null : this.weightOf(ingredient) });
  }

  private isOnShelf(name: string): boolean {
    return this.shelf().all.some((other) => other.id === ownIdOf(name) || other.name === name);
  }

  private weightOf(ingredient: KitchenIngredient): OwnWeight {
    return {
      ingredientId: ingredient.id,
      form: null,
      method: defaultMethod({ ...ingredient, keeps: null, weights: [] }),
      gramsPerMillilitre: this.densityOf(this.form.controls.cup.value),
    };
  }

  /** In g/mL, of what a cup of this kitchen weighs; 0 for what is no figure. */
  private densityOf(cupGrams: string): number {
    return (decimal(cupGrams) ?? 0) / millilitresIn('cup', this.standard()).valueOf();
  }
}
