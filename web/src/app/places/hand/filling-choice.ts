import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { METHOD_NAMES } from '@ypsigram/contract';
import type { TrialOf } from '@ypsigram/core/calibration';
import type { Ingredient, Method, Shelf } from '@ypsigram/core/catalogue';
import { defaultMethod, methodsFor } from '@ypsigram/core/measuring';
import { IngredientField } from '../../kit/ingredient-field/ingredient-field';

/** Chooses what is filled, how, and with what. */
@Component({
  selector: 'yg-filling-choice',
  imports: [IngredientField],
  template: `
    <h2>Weigh another filling</h2>
    <div class="fields">
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
      <button
        type="button"
        class="btn btn-outline-primary"
        (click)="choose(methodField.value, toolField.value)"
      >
        Start weighing
      </button>
    </div>
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: 'h2 { margin: 0.8rem 0 0.2rem; font-size: 1.1rem; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillingChoice {
  readonly shelf = input.required<Shelf>();
  readonly tools = input.required<readonly string[]>();
  readonly chosen = output<TrialOf>();

  protected readonly ingredient = signal<Ingredient | null>(null);
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
    this.ingredient.set(ingredient);
    this.problem.set(
      ingredient ? null : 'Nothing on the Shelf has that name. Add the ingredient there first.',
    );
  }

  protected choose(method: string, tool: string): void {
    const ingredient = this.ingredient();
    if (!ingredient) return this.problem.set('Choose an ingredient from the Shelf first.');
    const { id: ingredientId } = ingredient;
    this.chosen.emit({ ingredientId, form: null, method: method as Method, tool });
  }
}
