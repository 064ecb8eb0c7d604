import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { METHOD_NAMES } from '@ypsigram/contract';
import type { TrialOf } from '@ypsigram/core/calibration';
import type { Ingredient, Method, Shelf } from '@ypsigram/core/catalogue';
import { defaultMethod, methodsFor } from '@ypsigram/core/measuring';
import { chosen, problemIn } from '../../kit/forms/rules';
import {
  CHOOSE_FROM_SHELF,
  IngredientField,
  NOT_ON_SHELF,
} from '../../kit/ingredient-field/ingredient-field';

/** Chooses what is filled, how, and with what. */
@Component({
  selector: 'yg-filling-choice',
  imports: [IngredientField, ReactiveFormsModule],
  template: `
    <h2>Weigh another filling</h2>
    <form class="fields" [formGroup]="form" (ngSubmit)="choose(methodField.value, toolField.value)">
      <yg-ingredient-field
        label="Ingredient"
        [shelf]="shelf()"
        [chosen]="ingredient()"
        (picked)="pick($event)"
      />
      <label>
        <span>Filled</span>
        <select #methodField class="choice" [disabled]="methods().length === 0">
          @if (methods().length === 0) {
            <option>as usual</option>
          }
          @for (option of methods(); track option.id) {
            <option [value]="option.id" [selected]="option.isUsual">{{ option.name }}</option>
          }
        </select>
      </label>
      <label>
        <span>With</span>
        <select #toolField class="choice">
          @for (name of tools(); track name) {
            <option [value]="name">{{ name }}</option>
          }
        </select>
      </label>
      <button type="submit" class="btn btn-outline-primary">Start weighing</button>
    </form>
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: 'h2 { margin: 0.8rem 0 0.2rem; font-size: 1.1rem; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillingChoice {
  readonly shelf = input.required<Shelf>();
  readonly tools = input.required<readonly string[]>();
  readonly started = output<TrialOf>();

  protected readonly form = new FormGroup({
    ingredient: new FormControl<Ingredient | null>(null, chosen(CHOOSE_FROM_SHELF)),
  });
  protected readonly ingredient = toSignal(this.form.controls.ingredient.valueChanges, {
    initialValue: null,
  });
  protected readonly problem = signal<string | null>(null);
  protected readonly methods = computed(() => {
    const ingredient = this.ingredient();
    if (!ingredient) return [];
    const usual = defaultMethod(ingredient);
    return methodsFor(ingredient)
      .filter((id) => id !== 'count')
      .map((id) => ({ id, name: METHOD_NAMES[id], isUsual: id === usual }));
  });

  protected pick(ingredient: Ingredient | null): void {
    this.form.controls.ingredient.setValue(ingredient);
    this.problem.set(ingredient ? null : NOT_ON_SHELF);
  }

  protected choose(method: string, tool: string): void {
    const { ingredient } = this.form.getRawValue();
    this.problem.set(problemIn(this.form));
    if (!ingredient) return;
    const { id: ingredientId } = ingredient;
    this.started.emit({ ingredientId, form: null, method: method as Method, tool });
  }
}
