import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { SCALE_UNIT_NAMES, HEAVIEST_PACK_GRAMS, type KitchenScale } from '@ypsigram/contract';
import { Fraction, mixed } from '@ypsigram/core/amount';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import { beamSetting } from '@ypsigram/core/bench';
import { gramsIn } from '@ypsigram/core/units';
import { decimal } from '../../kit/figures/figures';
import { Icon } from '../../kit/icon/icon';

const POUND_GRAMS = gramsIn('lb').valueOf();
const COARSEST_GRID = 100;
const NOTCHES_PER_OUNCE = 4;

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
  imports: [Icon],
  templateUrl: './scales-section.html',
  styleUrl: './things.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScalesSection {
  readonly owned = input.required<readonly KitchenScale[]>();
  readonly kept = output<KitchenScale>();
  readonly removed = output<string>();

  protected readonly isAdding = signal(false);
  protected readonly kind = signal<KitchenScale['kind']>('kitchen');
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

  protected asKind(kind: string): KitchenScale['kind'] {
    return kind as KitchenScale['kind'];
  }

  protected add(name: string, kind: string, step: string, most: string, hasTare: boolean): void {
    const called = name.trim();
    const beam = kind === 'beam';
    const gridGrams = beam ? BEAM_NOTCH_GRAMS : decimal(step);
    const carried = decimal(most);
    if (called === '') return this.problem.set('Give the scale a name.');
    if (this.owned().some((scale) => scale.name === called)) {
      return this.problem.set(`There is already a “${called}”. Choose another name.`);
    }
    if (!gridGrams || gridGrams > COARSEST_GRID) {
      return this.problem.set('Write its step in grams, for example 1 or 0.1.');
    }
    const capacityGrams = (carried ?? 0) * (beam ? POUND_GRAMS : 1);
    if (capacityGrams <= 0 || capacityGrams > HEAVIEST_PACK_GRAMS) {
      return this.problem.set('Write the most it can weigh.');
    }
    this.problem.set(null);
    this.isAdding.set(false);
    this.kept.emit({
      name: called,
      kind: this.asKind(kind),
      capacityGrams,
      gridGrams,
      units: beam ? ['oz'] : ['g', 'oz', 'lb-oz', 'ml'],
      hasTare: !beam && hasTare,
    });
  }
}
