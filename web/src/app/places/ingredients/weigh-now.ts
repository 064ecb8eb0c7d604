import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { METHOD_NAMES, HEAVIEST_DENSITY } from '@ypsigram/contract';
import { heldMillilitresOf } from '@ypsigram/core/calibration';
import type { Ingredient, Method } from '@ypsigram/core/catalogue';
import type { OwnWeight } from '@ypsigram/core/shelf';
import { defaultMethod, methodsFor } from '@ypsigram/core/measuring';
import { decimal } from '../../kit/figures/figures';
import { problemIn, rule } from '../../kit/forms/rules';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../scale/live-scale';
import { weighedNext } from '../../scale/weighed-next';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { TakeReading } from '../../scale/take-reading';

/** Fill one, weigh it, and the weight is this kitchen's. */
@Component({
  selector: 'yg-weigh-now',
  imports: [ReactiveFormsModule, TakeReading],
  template: `
    <h3>Weigh a cup or spoon</h3>
    <div class="fields">
      <label>
        <span>Filled</span>
        <select #methodField class="choice" (change)="method.set(asMethod(methodField.value))">
          @for (option of methods(); track option.id) {
            <option [value]="option.id" [selected]="option.id === method()">
              {{ option.name }}
            </option>
          }
        </select>
      </label>
      <label>
        <span>With</span>
        <select #toolField class="choice" (change)="toolName.set(toolField.value)">
          @for (name of names(); track name) {
            <option [value]="name" [selected]="name === toolName()">{{ name }}</option>
          }
        </select>
      </label>
      <label>
        <span>It weighs, g</span>
        <input
          class="form-control"
          [formControl]="mass"
          inputmode="decimal"
          autocomplete="off"
          (keydown.enter)="keep()"
        />
      </label>
      <button type="button" class="btn btn-outline-primary" (click)="keep()">
        Use this weight
      </button>
      <yg-take-reading (taken)="use($event)" />
    </div>
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: `
    h3 {
      font-size: 1.05rem;
    }
    input {
      width: 7rem;
      font-variant-numeric: tabular-nums;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeighNow {
  readonly ingredient = input.required<Ingredient>();
  readonly weighed = output<OwnWeight>();

  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly tools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);

  private readonly scale = inject(LiveScale);
  protected readonly problem = signal<string | null>(null);
  protected readonly names = computed(() => this.tools().map(({ name }) => name));
  protected readonly toolName = linkedSignal(() => this.names()[0] ?? '');
  protected readonly methods = computed(() =>
    methodsFor(this.ingredient())
      .filter((id) => id !== 'count')
      .map((id) => ({ id, name: METHOD_NAMES[id] })),
  );
  protected readonly method = linkedSignal<Method>(() => {
    const usual = defaultMethod(this.ingredient());
    return usual === 'count' ? (this.methods()[0]?.id ?? usual) : usual;
  });
  private readonly tool = computed(() => this.tools().find(({ name }) => name === this.toolName()));
  protected readonly mass = new FormControl('', {
    nonNullable: true,
    validators: rule(
      (typed) => this.densityOf(typed) !== null,
      () =>
        this.tool()
          ? `Write what the ${this.toolName()} weighs in grams, without the tool itself.`
          : 'Add a cup or a spoon to Tools first.',
    ),
  });
  /** The form that the usual weight is for: null, or the only ones there are. */
  private readonly form = computed(() => {
    const { weights } = this.ingredient();
    return weights.length === 0 || weights.some(({ form }) => form === null)
      ? null
      : weights[0]!.form;
  });

  constructor() {
    effect((onCleanup) => {
      const what = {
        ingredientId: this.ingredient().id,
        form: this.form(),
        method: this.method(),
        tool: this.toolName(),
        handId: null,
      };
      this.scale.weighing.set(weighedNext(what, this.shelf()));
      onCleanup(() => this.scale.weighing.set(null));
    });
  }

  protected asMethod(method: string): Method {
    return method as Method;
  }

  protected keep(): void {
    // Another tool may have been chosen since the weight was typed.
    this.mass.updateValueAndValidity();
    this.problem.set(problemIn(this.mass));
    const gramsPerMillilitre = this.densityOf(this.mass.value);
    if (this.mass.invalid || gramsPerMillilitre === null) return;
    const { id: ingredientId } = this.ingredient();
    this.weighed.emit({
      ingredientId,
      form: this.form(),
      method: this.method(),
      gramsPerMillilitre,
    });
  }

  protected use(shown: number): void {
    this.mass.setValue(String(shown));
    this.keep();
  }

  /** Null for what no filling of the tool weighs. */
  private densityOf(typed: string): number | null {
    const [mass, tool] = [decimal(typed), this.tool()];
    if (mass === null || !tool) return null;
    const gramsPerMillilitre = mass / heldMillilitresOf(tool, this.standard());
    return gramsPerMillilitre > 0 && gramsPerMillilitre <= HEAVIEST_DENSITY
      ? gramsPerMillilitre
      : null;
  }
}
