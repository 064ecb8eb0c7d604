import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  CLASS_NAMES,
  ROLE_NAMES,
  HEAVIEST_DENSITY,
  type KitchenIngredient,
} from '@ypsigram/contract';
import {
  CLASSES,
  ROLES,
  wordsOf,
  type IngredientClass,
  type OwnWeight,
  type Role,
} from '@ypsigram/core/catalogue';
import { defaultMethod } from '@ypsigram/core/measuring';
import { millilitresIn } from '@ypsigram/core/units';
import { decimal } from '../figures/figures';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';

/** What a baker adds, with what a cup of it weighs where that is known. */
export interface NewIngredient {
  readonly ingredient: KitchenIngredient;
  readonly weight: OwnWeight | null;
}

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** Adds an ingredient that the tables do not know. */
@Component({
  selector: 'yg-add-ingredient',
  templateUrl: './add-ingredient.html',
  styles: `
    h2 {
      margin-bottom: 0.4rem;
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
  private readonly shelf = this.store.selectSignal(kitchenFeature.selectShelf);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);

  protected readonly classes = CLASSES.filter((id) => id !== 'egg').map((id) => ({
    id,
    name: CLASS_NAMES[id],
  }));
  protected readonly roles = ROLES.map((id) => ({ id, name: ROLE_NAMES[id] }));
  protected readonly problem = signal<string | null>(null);

  protected add(
    name: string,
    ofClass: string,
    role: string,
    water: string,
    aliases: string,
    allergens: string,
    cup: string,
  ): void {
    const called = name.trim();
    const id = `own-${wordsOf(called).join('-')}`.slice(0, 70);
    const waterPercent = water.trim() === '' ? 0 : decimal(water);
    if (wordsOf(called).length === 0) return this.problem.set('Give the ingredient a name.');
    if (this.shelf().all.some((other) => other.id === id || other.name === called)) {
      return this.problem.set(`“${called}” is already on the Shelf. Set its weight there.`);
    }
    if (waterPercent === null || waterPercent > 100) {
      return this.problem.set('Write the water as a number from 0 to 100.');
    }
    const ingredient: KitchenIngredient = {
      id,
      name: called,
      class: ofClass as IngredientClass,
      role: role as Role,
      waterPercent,
      aliases: listed(aliases),
      allergens: listed(allergens),
    };
    const weight = cup.trim() === '' ? null : this.weightOf(ingredient, cup);
    if (weight === undefined) {
      return this.problem.set('Write what one cup weighs in grams, or leave that field empty.');
    }
    this.problem.set(null);
    this.added.emit({ ingredient, weight });
  }

  /** Undefined for what can't be the weight of a cup. */
  private weightOf(ingredient: KitchenIngredient, text: string): OwnWeight | undefined {
    const grams = decimal(text);
    const gramsPerMillilitre = (grams ?? 0) / millilitresIn('cup', this.standard()).valueOf();
    if (gramsPerMillilitre <= 0 || gramsPerMillilitre > HEAVIEST_DENSITY) return undefined;
    return {
      ingredientId: ingredient.id,
      form: null,
      method: defaultMethod({ ...ingredient, weights: [] }),
      gramsPerMillilitre,
    };
  }
}
