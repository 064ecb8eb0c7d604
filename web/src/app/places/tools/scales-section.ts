import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { SCALE_UNIT_NAMES, HEAVIEST_PACK_GRAMS, type KitchenScale } from '@ypsigram/contract';
import { Fraction, mixed } from '@ypsigram/core/amount';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import { beamSetting } from '@ypsigram/core/bench';
import { gramsIn } from '@ypsigram/core/units';
import { decimal } from '../../kit/figures/figures';
import { positive, problemIn, unlike, written } from '../../kit/forms/rules';
import { Icon } from '../../kit/icon/icon';
import { Opened } from '../../kit/opened/opened';

const POUND_GRAMS = gramsIn('lb').valueOf();
const COARSEST_GRID = 100;
const NOTCHES_PER_OUNCE = 4;
const USUAL_MOST_GRAMS = '5000';
const USUAL_BEAM_POUNDS = '10';

function about({ kind, gridGrams, capacityGrams, units, hasTare }: KitchenScale): string {
  if (kind === 'beam') {
    return `by quarter ounces up to ${Math.round(capacityGrams / POUND_GRAMS)} lb, poise and loose weights`;
  }
  const shown = units.map((unit) => SCALE_UNIT_NAMES[unit]).join(', ');
  const tare = hasTare ? '' : ', no tare';
  return `steps of ${gridGrams} g up to ${capacityGrams} g, shows ${shown}${tare}`;
}

/** The scales of the kitchen: what weights are rounded to. */
@Component({
  selector: 'yg-scales-section',
  imports: [Opened, Icon, ReactiveFormsModule],
  templateUrl: './scales-section.html',
  styleUrl: './things.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScalesSection {
  readonly owned = input<readonly KitchenScale[]>([]);
  readonly kept = output<KitchenScale>();
  readonly removed = output<string>();

  protected readonly isAdding = signal(false);
  protected readonly form = new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: [
        written('Give the scale a name.'),
        unlike(() => this.owned().map(({ name }) => name)),
      ],
    }),
    kind: new FormControl<KitchenScale['kind']>('kitchen', { nonNullable: true }),
    step: new FormControl('1', {
      nonNullable: true,
      validators: positive(COARSEST_GRID, 'Write its step in grams, for example 1 or 0.1.'),
    }),
    most: new FormControl(USUAL_MOST_GRAMS, {
      nonNullable: true,
      validators: positive(HEAVIEST_PACK_GRAMS, 'Write the most it can weigh.'),
    }),
    hasTare: new FormControl(true, { nonNullable: true }),
  });
  private readonly kind = toSignal(this.form.controls.kind.valueChanges, {
    initialValue: 'kitchen',
  });
  protected readonly isBeam = computed(() => this.kind() === 'beam');
  protected readonly problem = signal<string | null>(null);
  protected readonly scales = computed(() =>
    this.owned().map((scale) => ({
      name: scale.name,
      about: about(scale),
      isBeam: scale.kind === 'beam',
    })),
  );

  /** What is to be weighed on the beam, as typed, and how to set it for that. */
  protected readonly wanted = signal('');
  protected readonly setting = computed(() => {
    const grams = decimal(this.wanted());
    if (!grams || grams > HEAVIEST_PACK_GRAMS) return '';
    const { weights, notches } = beamSetting(grams);
    const loose =
      weights.length === 0 ? 'no loose weight' : `${weights.length} lb of loose weights`;
    const poise = mixed(new Fraction(notches, NOTCHES_PER_OUNCE));
    return `Empty scoop against its counterweight, ${loose}, poise at ${poise} oz.`;
  });

  /** A beam has notches instead of a step, and its most is told in pounds. */
  protected chooseKind(): void {
    const { kind, step, most } = this.form.controls;
    if (kind.value === 'beam') step.disable();
    else step.enable();
    most.setValue(kind.value === 'beam' ? USUAL_BEAM_POUNDS : USUAL_MOST_GRAMS);
  }

  protected add(): void {
    this.problem.set(problemIn(this.form));
    if (this.form.invalid) return;
    const { name, kind, step, most, hasTare } = this.form.getRawValue();
    const isBeam = kind === 'beam';
    this.isAdding.set(false);
    this.form.reset();
    this.form.controls.step.enable();
    this.kept.emit({
      name: name.trim(),
      kind,
      capacityGrams: Math.min(HEAVIEST_PACK_GRAMS, decimal(most)! * (isBeam ? POUND_GRAMS : 1)),
      gridGrams: isBeam ? BEAM_NOTCH_GRAMS : decimal(step)!,
      units: isBeam ? ['oz'] : ['g', 'oz', 'lb-oz', 'ml'],
      hasTare: !isBeam && hasTare,
    });
  }
}
