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
import { DotLine } from '../../kit/dot-line/dot-line';
import { Icon } from '../../kit/icon/icon';
import { LiveScale } from '../../scale/live-scale';
import { TakeReading } from '../../scale/take-reading';

type Fills = NonNullable<KitchenTool['calibration']>;

const TAP_WATER_CELSIUS = 18;
const FINE_GRID = 0.1;
const COLDEST = 0;
const WARMEST = 40;

/** Fills of water, weighed one after another: each lands on the line as it is entered. */
@Component({
  selector: 'yg-calibrate-tool',
  imports: [DotLine, Icon, TakeReading],
  templateUrl: './calibrate-tool.html',
  styleUrl: './calibrate-tool.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CalibrateTool {
  readonly tool = input.required<KitchenTool>();
  readonly standard = input.required<Standard>();
  readonly changed = output<KitchenTool['calibration']>();

  private readonly scale = inject(LiveScale);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);
  private readonly unit = computed(() => this.formats().temperature);
  protected readonly degree = computed(() => DEGREES[this.unit()]);
  protected readonly waterDegrees = computed(() =>
    short(degreesOf(this.fills().celsius, this.unit()), 1),
  );
  protected readonly problem = signal<string | null>(null);
  protected readonly fills = computed<Fills>(
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

  constructor() {
    // The scale is told that water is about to lie on it.
    effect((onCleanup) => {
      const tool = this.tool().name;
      this.scale.weighing.set({
        ingredientId: 'water',
        form: null,
        method: 'poured',
        tool,
        handId: null,
      });
      onCleanup(() => this.scale.weighing.set(null));
    });
  }

  protected add(field: HTMLInputElement): void {
    const grams = decimal(field.value);
    if (grams === null || grams <= 0 || grams > HEAVIEST_FILL_GRAMS) {
      this.problem.set('Write the water’s weight in grams, without the tool: for example 121.5.');
      return;
    }
    this.problem.set(null);
    field.value = '';
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

  protected setCelsius(text: string): void {
    const degrees = decimal(text);
    const celsius = degrees === null ? null : celsiusOf(degrees, this.unit());
    if (celsius === null || celsius < COLDEST || celsius > WARMEST) {
      const [coldest, warmest] = [COLDEST, WARMEST].map((at) => degreesOf(at, this.unit()));
      this.problem.set(`Use water of ${coldest} to ${warmest} ${DEGREES[this.unit()]}.`);
      return;
    }
    this.problem.set(null);
    this.changed.emit({ ...this.fills(), celsius });
  }
}
