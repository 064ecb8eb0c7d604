import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { wordsOf, type Ingredient, type Shelf } from '@ypsigram/core/catalogue';

let fields = 0;

/** What is told where a name was typed that the Shelf does not have. */
export const NOT_ON_SHELF = 'No ingredient has that name. Add it in Ingredients first.';
export const CHOOSE_FROM_SHELF = 'Choose an ingredient first.';

/** A field to name an ingredient in, with the Shelf's names offered while one types. */
@Component({
  selector: 'yg-ingredient-field',
  template: `
    <label>
      <span>{{ label() }}</span>
      <input
        #field
        class="form-control"
        autocomplete="off"
        [attr.list]="listId"
        [value]="shown()"
        (change)="choose(field.value)"
      />
    </label>
    <datalist [id]="listId">
      @for (name of names(); track name) {
        <option [value]="name"></option>
      }
    </datalist>
  `,
  styles: `
    span {
      display: block;
      font-size: 0.9rem;
      color: var(--yg-ink-soft);
    }
    input {
      min-height: 2.75rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IngredientField {
  readonly label = input.required<string>();
  readonly shelf = input.required<Shelf>();
  readonly chosen = input<Ingredient | null>(null);
  /** Null when what was typed names nothing on the Shelf. */
  readonly picked = output<Ingredient | null>();

  protected readonly listId = `ingredients-${++fields}`;
  protected readonly shown = computed(() => this.chosen()?.name ?? '');
  protected readonly names = computed(() =>
    this.shelf()
      .all.map(({ name }) => name)
      .sort((a, b) => a.localeCompare(b)),
  );

  protected choose(text: string): void {
    const shelf = this.shelf();
    const wanted = text.trim().toLowerCase();
    const exact = shelf.all.find(({ name }) => name.toLowerCase() === wanted);
    const named = exact ? undefined : shelf.findName(wordsOf(text))?.ingredientId;
    this.picked.emit(exact ?? (named === undefined ? null : (shelf.ingredient(named) ?? null)));
  }
}
