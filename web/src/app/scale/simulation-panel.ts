import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { METHOD_NAMES, type SimulationCommand, type SimulationState } from '@ypsigram/contract';
import type { Method } from '@ypsigram/core/catalogue';
import { defaultMethod, methodsFor } from '@ypsigram/core/measuring';
import { problemOf } from '../api/recipes-api';
import { ScaleApi } from '../api/scale-api';
import { decimal } from '../kit/figures/figures';
import { problemOfTyped, rule } from '../kit/forms/rules';
import { Icon } from '../kit/icon/icon';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { selectShelf } from '../state/kitchen/kitchen.selectors';
import { LiveScale } from './live-scale';

const POURED_GRAMS_PER_SECOND = 40;
const FIRST_INGREDIENT = 'flour-wheat-all-purpose';

const GRAMS = rule((typed) => decimal(typed) !== null, 'Write how many grams: for example 50.');
const SEED = rule(
  (typed) => /^\d+$/.test(typed),
  'Write the random seed as a whole number, for example 7.',
);

/** What a person would do at a real scale, done by buttons. */
@Component({
  selector: 'yg-simulation-panel',
  imports: [Icon],
  templateUrl: './simulation-panel.html',
  styleUrl: './simulation-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SimulationPanel {
  private readonly api = inject(ScaleApi);
  private readonly scale = inject(LiveScale);
  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly allScales = this.store.selectSignal(kitchenFeature.selectScales);
  private readonly allTools = this.store.selectSignal(kitchenFeature.selectTools);

  protected readonly containers = this.store.selectSignal(kitchenFeature.selectContainers);
  protected readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  protected readonly state = signal<SimulationState | null>(null);
  protected readonly problem = signal<string | null>(null);

  protected readonly scales = computed(() =>
    this.allScales().filter(({ kind }) => kind !== 'beam'),
  );
  protected readonly tools = computed(() => this.allTools().map(({ name }) => name));
  protected readonly ingredients = computed(() =>
    [...this.shelf().all].sort((a, b) => a.name.localeCompare(b.name)),
  );

  // It follows the place that is open until something else is chosen here.
  protected readonly ingredientId = linkedSignal(
    () => this.scale.weighing()?.ingredientId ?? FIRST_INGREDIENT,
  );
  protected readonly tool = linkedSignal(() => this.scale.weighing()?.tool ?? '1 cup');
  protected readonly handId = linkedSignal(() => this.scale.weighing()?.handId ?? null);
  private readonly ingredient = computed(() => this.shelf().ingredient(this.ingredientId()));
  protected readonly methods = computed(() => {
    const ingredient = this.ingredient();
    return ingredient ? methodsFor(ingredient).map((id) => ({ id, name: METHOD_NAMES[id] })) : [];
  });
  protected readonly method = linkedSignal<Method>(() => {
    const weighing = this.scale.weighing();
    const ingredient = this.ingredient();
    if (weighing && weighing.ingredientId === ingredient?.id) return weighing.method;
    return ingredient ? defaultMethod(ingredient) : 'level';
  });

  constructor() {
    this.api.simulation().subscribe({
      next: (state) => this.state.set(state),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected use(scale: string): void {
    this.simulate({ do: 'use', scale });
  }

  protected putContainer(name: string, grams: number): void {
    this.simulate({ do: 'put-container', name, grams });
  }

  protected pick(ingredientId: string): void {
    this.ingredientId.set(ingredientId);
  }

  protected put(text: string): void {
    this.problem.set(problemOfTyped(GRAMS, text));
    const grams = decimal(text);
    if (grams === null) return;
    this.simulate({ do: 'put', ingredientId: this.ingredientId(), grams });
  }

  protected pour(): void {
    if (this.state()?.isPouring) return;
    const gramsPerSecond = POURED_GRAMS_PER_SECOND;
    this.simulate({ do: 'pour', ingredientId: this.ingredientId(), gramsPerSecond });
    this.state.update((state) => state && { ...state, isPouring: true });
  }

  protected pourByKey(event: Event): void {
    event.preventDefault();
    if (!(event as KeyboardEvent).repeat) this.pour();
  }

  protected stop(): void {
    if (this.state()?.isPouring) this.simulate({ do: 'stop-pouring' });
  }

  protected fill(): void {
    this.simulate({
      do: 'typical-fill',
      handId: this.handId(),
      ingredientId: this.ingredientId(),
      form: this.formOfPlace(),
      method: this.method(),
      tool: this.tool(),
    });
  }

  protected chooseMethod(method: string): void {
    this.method.set(method as Method);
  }

  protected reseed(text: string): void {
    this.problem.set(problemOfTyped(SEED, text));
    if (this.problem() === null) this.simulate({ do: 'seed', seed: Number(text) });
  }

  protected takeOff(id: number): void {
    this.simulate({ do: 'take-off', id });
  }

  protected clear(): void {
    this.simulate({ do: 'clear' });
  }

  private formOfPlace(): string | null {
    const weighing = this.scale.weighing();
    return weighing?.ingredientId === this.ingredientId() ? weighing.form : null;
  }

  private simulate(command: SimulationCommand): void {
    this.problem.set(null);
    this.api.simulate(command).subscribe({
      next: (state) => {
        this.state.set(state);
        if (command.do === 'use') this.scale.changed(state.scale);
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
