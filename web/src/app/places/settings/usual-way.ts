import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { CLASS_NAMES, METHOD_NAMES } from '@ypsigram/contract';
import type { Habits } from '@ypsigram/core/batch';
import type { WeighedIn } from '@ypsigram/core/fills';
import type { IngredientClass, Method } from '@ypsigram/core/catalogue';

/** The classes that can be filled in several ways. */
const WAYS: readonly { readonly of: IngredientClass; readonly methods: readonly Method[] }[] = [
  { of: 'powder', methods: ['sifted', 'spooned', 'dipped', 'tamped'] },
  { of: 'moist', methods: ['loose', 'packed'] },
  { of: 'chunk', methods: ['level', 'packed'] },
  { of: 'solid-fat', methods: ['pressed', 'block', 'displaced', 'melted'] },
];

/** How this kitchen fills and weighs, whoever wrote the recipe. */
@Component({
  selector: 'yg-usual-way',
  template: `
    <div class="fields">
      @for (way of ways(); track way.of) {
        <label>
          <span>{{ way.name }}</span>
          <select #field class="choice" (change)="choose(way.of, field.value)">
            <option value="" [selected]="way.chosen === ''">as the author does</option>
            @for (method of way.methods; track method.id) {
              <option [value]="method.id" [selected]="method.id === way.chosen">
                {{ method.name }}
              </option>
            }
          </select>
        </label>
      }
      <label>
        <span>show weights in</span>
        <select #unitField class="choice" (change)="weigh(unitField.value)">
          <option value="g" [selected]="weighedIn() === 'g'">grams</option>
          <option value="oz" [selected]="weighedIn() === 'oz'">pounds and ounces</option>
        </select>
      </label>
    </div>
    <p class="soft">For all recipes. You can still change single lines in Amounts.</p>
  `,
  styles: `
    label > span::first-letter {
      text-transform: uppercase;
    }
    p {
      margin: 0.2rem 0 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UsualWay {
  readonly habits = input.required<Habits>();
  readonly weighedIn = input.required<WeighedIn>();
  readonly habitChosen = output<{ of: IngredientClass; method: Method | null }>();
  readonly weighingChosen = output<WeighedIn>();

  protected readonly ways = computed(() =>
    WAYS.map(({ of, methods }) => ({
      of,
      name: CLASS_NAMES[of],
      chosen: this.habits()[of] ?? '',
      methods: methods.map((id) => ({ id, name: METHOD_NAMES[id] })),
    })),
  );

  protected choose(of: IngredientClass, method: string): void {
    this.habitChosen.emit({ of, method: method === '' ? null : (method as Method) });
  }

  protected weigh(unit: string): void {
    this.weighingChosen.emit(unit as WeighedIn);
  }
}
