import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import { batchProblemMessage } from '@ypsigram/contract';
import {
  batchFactor,
  factorOfLoads,
  writeFactor,
  type Holds,
  type Pan,
  type RecipeSize,
  type AskedSetting,
  type BatchSetting,
} from '@ypsigram/core/factor';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { PanSize } from '@ypsigram/core/reading/facts';
import { decimal } from '../../../kit/figures/figures';
import { positive, problemOfTyped } from '../../../kit/forms/rules';

/** A factor, and how it was asked for where that was not by a factor. */
export interface BatchChange {
  readonly factor: string;
  readonly asked?: AskedSetting;
}

const WAYS = [
  { id: 'factor', name: 'factor' },
  { id: 'pieces', name: 'pieces' },
  { id: 'portions', name: 'grams per piece' },
  { id: 'total', name: 'dough weight' },
  { id: 'limit', name: 'what I have' },
  { id: 'eggs', name: 'eggs' },
  { id: 'pan', name: 'another pan' },
  { id: 'loads', name: 'full loads' },
] as const;
type SettingWay = (typeof WAYS)[number]['id'];

/** What stands before the one figure that a batch is set by. */
const ASKED: Readonly<Partial<Record<SettingWay, string>>> = {
  pieces: 'pieces',
  total: 'dough weight, g',
  eggs: 'eggs',
  loads: 'loads',
};

const SHAPES = [
  { id: 'round', name: 'round', sides: ['across'] },
  { id: 'square', name: 'square', sides: ['side'] },
  { id: 'rectangle', name: 'rectangle', sides: ['long', 'wide'] },
  { id: 'ring', name: 'ring', sides: ['across', 'hole'] },
  { id: 'loaf', name: 'loaf tin', sides: ['long', 'wide'] },
  { id: 'moulds', name: 'tray of moulds', sides: ['moulds', 'ml each'] },
] as const;
type PanShape = (typeof SHAPES)[number]['id'];

const FIGURE = positive(Infinity, 'Write a number above 0.');
const PORTION = positive(Infinity, 'Write how many pieces you want and how many grams each.');

/** A factor from what a bowl holds is taken to so many digits. */
const DIGITS = 12;

const CENTIMETRES = { cm: 1, inch: 2.54 } as const;
type PanLength = keyof typeof CENTIMETRES;

/** A pan as it is being typed: sides in the unit chosen, the second only where the shape has one. */
interface TypedPan {
  readonly shape: PanShape;
  readonly sides: readonly [string, string];
  readonly height: string;
}

const A_PAN: TypedPan = { shape: 'round', sides: ['20', ''], height: '5' };

/** A pan of the typed sizes, in units of so many centimetres; null while one is missing. */
function panOf({ shape, sides, height }: TypedPan, centimetres: number): Pan | null {
  const [first, second, heightCm] = [decimal(sides[0]), decimal(sides[1]), decimal(height)].map(
    (value, at) => value && (shape === 'moulds' && at < 2 ? value : value * centimetres),
  );
  if (shape === 'moulds') {
    const isWhole = first && second && Number.isInteger(first);
    return isWhole ? { shape, count: first, millilitresEach: second } : null;
  }
  if (!first || !heightCm) return null;
  switch (shape) {
    case 'round':
      return { shape, diameterCm: first, heightCm };
    case 'square':
      return { shape, sideCm: first, heightCm };
    case 'rectangle':
    case 'loaf':
      return second ? { shape: 'rectangle', lengthCm: first, widthCm: second, heightCm } : null;
    case 'ring':
      return second ? { shape, diameterCm: first, innerDiameterCm: second, heightCm } : null;
  }
}

/** A length as it stands in a field: to a tenth of a millimetre or so. */
const shownSide = (centimetres: number | null, unit: number): string =>
  centimetres === null ? '' : String(Math.round((100 * centimetres) / unit) / 100);

const USUAL_HEIGHT_CM = 5;

/** A pan that was set before, as it is typed in units of so many centimetres. */
function typedPan(pan: Pan, unit: number): TypedPan {
  if (pan.shape === 'moulds') {
    const sides = [String(pan.count), String(pan.millilitresEach)] as const;
    return { shape: 'moulds', sides, height: shownSide(USUAL_HEIGHT_CM, unit) };
  }
  const typed = (first: number, second: number | null = null): TypedPan => ({
    shape: pan.shape,
    sides: [shownSide(first, unit), shownSide(second, unit)],
    height: shownSide(pan.heightCm, unit),
  });
  switch (pan.shape) {
    case 'round':
      return typed(pan.diameterCm);
    case 'square':
      return typed(pan.sideCm);
    case 'rectangle':
      return typed(pan.lengthCm, pan.widthCm);
    case 'ring':
      return typed(pan.diameterCm, pan.innerDiameterCm);
  }
}

/** The pan that a recipe names, as it is typed; null for what has no sides. */
function typedOf({ shape, lengthCm, widthCm, heightCm }: PanSize, unit: number): TypedPan | null {
  if (shape === 'moulds' || lengthCm === null) return null;
  return {
    shape,
    sides: [shownSide(lengthCm, unit), shownSide(widthCm, unit)],
    height: shownSide(heightCm ?? USUAL_HEIGHT_CM, unit),
  };
}

/** How large the batch is: by a factor, which is given as content, or by what a baker has, wants or bakes in. */
@Component({
  selector: 'yg-batch-by',
  templateUrl: './batch-by.html',
  styleUrl: './batch-by.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BatchBy {
  readonly size = input.required<RecipeSize>();
  readonly shelf = input.required<Shelf>();
  readonly holds = input<Holds>({ bowlMillilitres: null, piecesPerLoad: null });
  /** How the batch was set before, which stands here again. */
  readonly asked = input<AskedSetting | undefined>();
  /** The pan that the recipe names. */
  readonly recipePan = input<PanSize | null>(null);
  /** The exact factor that follows, as a fraction, and how it was asked for. */
  readonly changed = output<BatchChange>();

  protected readonly ways = WAYS;
  protected readonly shapes = SHAPES;
  readonly way = linkedSignal((): SettingWay => this.asked()?.by ?? 'factor');
  protected readonly problem = signal<string | null>(null);
  protected readonly limitedBy = signal<string | null>(null);
  /** The unit that pans are measured in. */
  protected readonly unit = signal<PanLength>('cm');
  protected readonly from = linkedSignal(() => this.startOf('from'));
  protected readonly to = linkedSignal(() => this.startOf('to'));
  protected readonly ends = [
    { key: 'from', name: 'the recipe’s pan', pan: this.from },
    { key: 'to', name: 'mine', pan: this.to },
  ] as const;
  /** Ingredients that can limit a batch, by name. */
  protected readonly ingredients = computed(() =>
    [...this.size().byIngredient.keys()].map((id) => ({
      id,
      name: this.shelf().ingredient(id)?.name ?? id,
    })),
  );
  /** What there is of each, as typed. */
  protected readonly have = linkedSignal((): ReadonlyMap<string, number> => {
    const asked = this.asked();
    return new Map(
      asked?.by === 'limit'
        ? asked.limits.map(({ ingredientId, grams }) => [ingredientId, grams])
        : [],
    );
  });

  protected readonly label = computed(() => ASKED[this.way()]);
  /** The one figure that the batch was set by, while it is set by that. */
  protected readonly figure = computed(() => {
    const asked = this.asked();
    if (asked?.by !== this.way()) return '';
    if (asked.by === 'pieces') return asked.pieces;
    if (asked.by === 'total') return asked.grams;
    return asked.by === 'eggs' ? asked.eggs : '';
  });
  protected readonly portions = computed(() => {
    const asked = this.asked();
    return asked?.by === 'portions' ? asked : null;
  });

  /** What stands in the fields of a pan: as it was set, else as the recipe names it. */
  private startOf(end: 'from' | 'to'): TypedPan {
    const [asked, read] = [this.asked(), this.recipePan()];
    const centimetres = CENTIMETRES[untracked(this.unit)];
    if (asked?.by === 'pan') return typedPan(asked[end], centimetres);
    return (read && typedOf(read, centimetres)) ?? A_PAN;
  }

  protected choose(way: string): void {
    this.way.set(way as SettingWay);
    this.problem.set(null);
    this.limitedBy.set(null);
  }

  protected count(text: string): void {
    this.problem.set(problemOfTyped(FIGURE, text));
    const number = decimal(text);
    if (!number) return;
    const way = this.way();
    if (way === 'loads') this.fill(number);
    else if (way === 'eggs') this.set({ by: 'eggs', eggs: number });
    else if (way === 'total') this.set({ by: 'total', grams: number });
    else this.set({ by: 'pieces', pieces: number });
  }

  private fill(loads: number): void {
    const { grams, pieces } = this.size();
    const factor = factorOfLoads(
      loads,
      { grams, pieces: pieces && pieces.valueOf() },
      this.holds(),
    );
    if (factor === null) {
      return this.problem.set('First say under “Your way” what your bowl or oven holds.');
    }
    this.set({ by: 'factor', factor: String(Number(factor.toPrecision(DIGITS))) });
  }

  protected portion(pieces: string, each: string): void {
    this.problem.set(problemOfTyped(PORTION, pieces) ?? problemOfTyped(PORTION, each));
    const [count, gramsEach] = [decimal(pieces), decimal(each)];
    if (!count || !gramsEach) return;
    this.set({ by: 'portions', pieces: count, gramsEach });
  }

  protected limit(ingredientId: string, text: string): void {
    const grams = decimal(text);
    this.have.update((have) => {
      const next = new Map(have);
      if (grams) next.set(ingredientId, grams);
      else next.delete(ingredientId);
      return next;
    });
    const limits = [...this.have()].map(([id, of]) => ({ ingredientId: id, grams: of }));
    if (limits.length > 0) this.set({ by: 'limit', limits });
  }

  protected pan(end: 'from' | 'to', change: Partial<TypedPan>): void {
    this[end].update((pan) => ({ ...pan, ...change }));
    this.goByPans();
  }

  protected measureIn(unit: string): void {
    this.unit.set(unit as PanLength);
    this.goByPans();
  }

  private goByPans(): void {
    const centimetres = CENTIMETRES[this.unit()];
    const [from, to] = [panOf(this.from(), centimetres), panOf(this.to(), centimetres)];
    if (from && to) this.set({ by: 'pan', from, to });
    else this.problem.set('Write the sizes of both pans. Moulds are counted in whole numbers.');
  }

  protected shapeChosen(end: 'from' | 'to', shape: string): void {
    this.pan(end, { shape: shape as PanShape });
  }

  protected sidesOf(shape: PanShape): readonly string[] {
    return SHAPES.find(({ id }) => id === shape)!.sides;
  }

  protected withSide(pan: TypedPan, at: number, text: string): TypedPan['sides'] {
    return at === 0 ? [text, pan.sides[1]] : [pan.sides[0], text];
  }

  private set(setting: BatchSetting): void {
    const found = batchFactor(setting, this.size());
    if (!found.ok) return this.problem.set(batchProblemMessage(found.problem));
    this.problem.set(null);
    const tightest = found.limitedBy;
    this.limitedBy.set(tightest && (this.shelf().ingredient(tightest)?.name ?? tightest));
    const factor = writeFactor(found.factor);
    this.changed.emit(setting.by === 'factor' ? { factor } : { factor, asked: setting });
  }
}
