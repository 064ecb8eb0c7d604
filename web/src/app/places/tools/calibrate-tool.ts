import { fixed, HEAVIEST_FILL_GRAMS, short, type KitchenTool } from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import {
  calibrationOfTool,
  FEWEST_FILLS,
  stampedMillilitresOf,
  waterVolume,
} from '@ypsigram/core/calibration';
import type { Standard } from '@ypsigram/core/units';
import { Store } from '@ngrx/store';
import { decimal } from '../../kit/figures/figures';
import { DEGREES, celsiusOf, degreesOf } from '../../kit/figures/heat';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { positive, problemIn, rule } from '../../kit/forms/rules';
import { DotLine } from '../../kit/dot-line/dot-line';
import { Icon } from '../../kit/icon/icon';
import { LiveScale } from '../../scale/live-scale';
import { weighedNext } from '../../scale/weighed-next';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { TakeReading } from '../../scale/take-reading';

type TypedFills = NonNullable<KitchenTool['calibration']>;

const TAP_WATER_CELSIUS = 18;
const FINE_GRID = 0.1;
const COLDEST = 0;
const WARMEST = 40;

/** Fills of water, weighed one after another: each lands on the line as it is entered. */
@Component({
  selector: 'yg-calibrate-tool',
  imports: [DotLine, Icon, ReactiveFormsModule, TakeReading],
  templateUrl: './calibrate-tool.html',
  styleUrl: './calibrate-tool.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CalibrateTool {
  readonly tool = input.required<KitchenTool>();
  readonly standard = input.required<Standard>();
  readonly changed = output<KitchenTool['calibration']>();

  private readonly scale = inject(LiveScale);
  private readonly store = inject(Store);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly unit = computed(() => this.formats().temperature);
  protected readonly degree = computed(() => DEGREES[this.unit()]);
  protected readonly waterDegrees = computed(() =>
    short(degreesOf(this.fills().celsius, this.unit()), 1),
  );
  protected readonly problem = signal<string | null>(null);
  protected readonly fills = computed<TypedFills>(
    () => this.tool().calibration ?? { grams: [], celsius: TAP_WATER_CELSIUS, grid: FINE_GRID },
  );
  protected readonly volumes = computed(() =>
    this.fills().grams.map((grams) => waterVolume(grams, this.fills().celsius)),
  );
  protected readonly found = computed(() => calibrationOfTool(this.tool(), this.standard()));
  protected readonly interval = computed<readonly [number, number] | null>(() => {
    const found = this.found();
    if (!found || !Number.isFinite(found.uncertainty)) return null;
    return [found.millilitres - found.uncertainty, found.millilitres + found.uncertainty];
  });
  protected readonly marks = computed(() => [
    { at: stampedMillilitresOf(this.tool(), this.standard()), label: 'should hold' },
  ]);
  protected readonly summary = computed(() => {
    const found = this.found();
    if (!found) return 'No fills yet.';
    const holds = `Mean ${fixed(found.millilitres, 1)} mL`;
    const missing = FEWEST_FILLS - found.fills;
    if (missing > 0)
      return `${holds}. ${missing} more ${missing === 1 ? 'fill' : 'fills'} until recipes use this size.`;
    const use = this.tool().aside
      ? 'Recipes use this size once the tool is out of the wash.'
      : 'Recipes use this size.';
    return `${holds}, ± ${fixed(found.uncertainty, 1)} mL (95 %). ${use}`;
  });

  protected readonly water = new FormControl('', {
    nonNullable: true,
    validators: positive(
      HEAVIEST_FILL_GRAMS,
      'Write the water’s weight in grams, without the tool: for example 121.5.',
    ),
  });
  protected readonly temperature = new FormControl('', {
    nonNullable: true,
    validators: rule(
      (typed) => this.celsiusIn(typed) !== null,
      () => {
        const [coldest, warmest] = [COLDEST, WARMEST].map((at) => degreesOf(at, this.unit()));
        return `Use water of ${coldest} to ${warmest} ${this.degree()}.`;
      },
    ),
  });

  constructor() {
    effect(() => this.temperature.setValue(this.waterDegrees()));
    // The scale is told that water is about to lie on it.
    effect((onCleanup) => {
      const tool = this.tool().name;
      const what = {
        ingredientId: 'water',
        form: null,
        method: 'poured',
        tool,
        handId: null,
      } as const;
      this.scale.weighing.set(weighedNext(what, this.shelf()));
      onCleanup(() => this.scale.weighing.set(null));
    });
  }

  protected add(field: HTMLInputElement): void {
    this.problem.set(problemIn(this.water));
    if (this.water.invalid) return;
    const grams = decimal(this.water.value)!;
    this.water.reset();
    this.changed.emit({ ...this.fills(), grams: [...this.fills().grams, grams] });
    field.focus();
  }

  /** Takes what the scale shows, and the step it shows it by. */
  protected take(grams: number): void {
    this.problem.set(null);
    const grid = Math.max(
      this.scale.gridGrams(),
      this.fills().grams.length ? this.fills().grid : 0,
    );
    this.changed.emit({ ...this.fills(), grams: [...this.fills().grams, grams], grid });
  }

  protected takeOut(index: number): void {
    const grams = this.fills().grams.filter((_, at) => at !== index);
    this.changed.emit(grams.length > 0 ? { ...this.fills(), grams } : null);
  }

  protected setTemperature(): void {
    const celsius = this.celsiusIn(this.temperature.value);
    this.problem.set(problemIn(this.temperature));
    if (celsius !== null) this.changed.emit({ ...this.fills(), celsius });
  }

  /** Null for what no tap gives. */
  private celsiusIn(typed: string): number | null {
    const degrees = decimal(typed);
    const celsius = degrees === null ? null : celsiusOf(degrees, this.unit());
    return celsius !== null && celsius >= COLDEST && celsius <= WARMEST ? celsius : null;
  }
}
