import { Fraction } from '@ypsigram/core/amount';
import type { MeasurePlan, PlannedFill } from '@ypsigram/core/fills';
import { nounFor } from './counted.js';
import { short } from './figures.js';

/** What is measured, and how it is filled: of a plan or of a bake. */
export type MeasureToSay = Pick<MeasurePlan, 'method' | 'fills'>;

/** Sums with these denominators tell by themselves which measures to fill; 1 5/6 cups does not. */
const ADDED_UP: ReadonlySet<number> = new Set([1, 2, 3, 4, 8]);

const HAS_PLURAL: ReadonlySet<PlannedFill['unit']> = new Set(['cup', 'stick']);

const sizeText = (size: Fraction, unit: PlannedFill['unit']): string =>
  `${size.toFraction(true)} ${unit}${HAS_PLURAL.has(unit) && size.compare(1) > 0 ? 's' : ''}`;

const nominalOf = ({ nominal }: PlannedFill): Fraction => new Fraction(nominal);

const isCounted = ({ kind }: PlannedFill): boolean => kind === 'egg' || kind === 'piece';
const isFinger = ({ kind }: PlannedFill): boolean => kind === 'pinch';
const isHalf = ({ halfOf }: PlannedFill): boolean => halfOf !== undefined;
/** A tool that is called by nothing but its size: such sizes can be added up. */
const isPlain = (fill: PlannedFill): boolean =>
  fill.name === null && !isHalf(fill) && !isFinger(fill);

const markOf = (fill: PlannedFill): string => sizeText(nominalOf(fill), fill.unit);

/** What a tool is called: "1/2 cup", "blue enamel mug", "350 ml in the jug", "half of 1/8 tsp", "egg". */
export function fillName(fill: PlannedFill): string {
  const { kind, name, unit } = fill;
  switch (kind) {
    case 'egg':
    case 'piece':
      return name ?? kind;
    case 'pinch':
      return isHalf(fill) ? `half a ${unit}` : `1 ${unit}`;
    case 'jug':
      return name === null ? markOf(fill) : `${markOf(fill)} in the ${name}`;
    case 'block':
      return unit === 'stick' ? markOf(fill) : `${markOf(fill)} at the mark`;
    case 'cup':
    case 'spoon':
      return isHalf(fill) ? `half of ${name ?? markOf(fill)}` : (name ?? markOf(fill));
  }
}

/** Its size in a word or two, to stand under a drawing: "1/2", "tbsp", "350 ml". */
export function fillMark(fill: PlannedFill): string {
  const { kind, name, nominal, unit } = fill;
  if (isCounted(fill)) return '';
  if (isFinger(fill)) return isHalf(fill) ? `half ${unit}` : unit;
  if (kind === 'jug' || kind === 'block') return markOf(fill);
  const size = name ?? (unit === 'cup' ? nominal : nominal === '1' ? unit : markOf(fill));
  return isHalf(fill) ? `half ${size}` : size;
}

/** "half a banana", "2 1/2 cakes", "1 egg". */
function piecesText({ count, name, kind }: PlannedFill): string {
  const noun = name ?? kind;
  if (count === 0.5) return `half ${/^[aeiou]/.test(noun) ? 'an' : 'a'} ${noun}`;
  return `${new Fraction(count).toFraction(true)} ${nounFor(count, noun)}`;
}

const eachText = (fills: readonly PlannedFill[]): string =>
  fills
    .map((fill) => (fill.count > 1 ? `${fill.count} × ${fillName(fill)}` : fillName(fill)))
    .join(' + ');

const sumOf = (fills: readonly PlannedFill[]): Fraction =>
  fills.reduce((total, fill) => total.add(nominalOf(fill).mul(fill.count)), new Fraction(0));

/** Thirds and quarters apart, whole ones with the thirds: "3 2/3 cups + 1/4 cup". */
function apartText(fills: readonly PlannedFill[], unit: PlannedFill['unit']): string {
  const isThirds = (fill: PlannedFill): boolean => Number(nominalOf(fill).d) % 3 === 0;
  const thirds = sumOf(fills.filter(isThirds));
  const others = sumOf(fills.filter((fill) => !isThirds(fill)));
  const whole = others.floor();
  const [first, second] = [whole.add(thirds), others.sub(whole)];
  if (![first, second].every((sum) => ADDED_UP.has(Number(sum.d)))) return eachText(fills);
  return [first, second]
    .filter((sum) => sum.compare(0) > 0)
    .map((sum) => sizeText(sum, unit))
    .join(' + ');
}

const IN_WORDS = ['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'] as const;
const MILLILITRES_PER_LITRE = 1000;

/** What one jug holds is its mark; more is told together: "3.5 litres, in four pours". */
function poursText(marks: readonly PlannedFill[]): string {
  const pours = marks.reduce((sum, { count }) => sum + count, 0);
  const [first] = marks;
  if (pours === 1 || !marks.every(({ name }) => name === first!.name)) return eachText(marks);
  const sum = sumOf(marks);
  const litres = sum.valueOf() / MILLILITRES_PER_LITRE;
  const together =
    first!.unit === 'cup' || litres < 1
      ? sizeText(sum, first!.unit)
      : `${short(litres, 3)} ${litres === 1 ? 'litre' : 'litres'}`;
  return `${together}, in ${IN_WORDS[pours - 2] ?? pours} pours`;
}

/** Whole sticks by their number, the rest by the mark where the knife goes. */
const cutText = (fill: PlannedFill): string =>
  fill.unit === 'stick' ? sizeText(new Fraction(fill.count), 'stick') : eachText([fill]);

/** Fingers by their number: "2 pinches" is what two of them are called. */
const pinchText = (fill: PlannedFill): string =>
  isHalf(fill) || fill.count === 1
    ? eachText([fill])
    : `${fill.count} ${nounFor(fill.count, fill.unit)}`;

/** Spoons and cups of one unit: those of a plain size added up where bakers would. */
function sameUnitText(fills: readonly PlannedFill[], unit: PlannedFill['unit']): string[] {
  const same = fills.filter((fill) => fill.unit === unit && !isHalf(fill));
  const named = same.filter((fill) => !isPlain(fill));
  const plain = same.filter(isPlain);
  const sum = sumOf(plain);
  return [
    ...(named.length > 0 ? [eachText(named)] : []),
    ...(plain.length === 0
      ? []
      : [ADDED_UP.has(Number(sum.d)) ? sizeText(sum, unit) : apartText(plain, unit)]),
  ];
}

/** Fills of tools, the largest first, halves last. */
function fillsText(fills: readonly PlannedFill[]): string {
  const marks = fills.filter(({ kind }) => kind === 'jug');
  const cuts = fills.filter(({ kind }) => kind === 'block');
  const tools = fills.filter(({ kind }) => kind === 'cup' || kind === 'spoon');
  const halves = fills.filter((fill) => isHalf(fill));
  return [
    ...(marks.length > 0 ? [poursText(marks)] : []),
    ...cuts.map(cutText),
    ...(['ml', 'cup', 'tbsp', 'tsp'] as const).flatMap((unit) =>
      unit === 'ml'
        ? tools
            .filter((fill) => fill.unit === unit && !isHalf(fill))
            .map((fill) => eachText([fill]))
        : sameUnitText(tools, unit),
    ),
    ...fills.filter((fill) => isFinger(fill) && !isHalf(fill)).map(pinchText),
    ...halves.map((fill) => eachText([fill])),
  ].join(' + ');
}

/** By how much the water in the jug has to rise: the marks, and their millilitres together. */
function risenText(fills: readonly PlannedFill[]): string {
  const marks = fills.map((fill) =>
    fill.count === 1 ? fillMark(fill) : `${fill.count} × ${fillMark(fill)}`,
  );
  const millilitres = fills.reduce((sum, fill) => sum + fill.count * (fill.millilitres ?? 0), 0);
  return `water up by ${marks.join(' + ')} (${Math.round(millilitres)} ml)`;
}

/**
 * What to fill as a baker says it: "1 3/4 cups + 1 tbsp", "2 eggs + 1 tbsp beaten egg", "water up by
 * 1/2 cup (118 ml)". Cups and spoons of one unit are added up where the sum is a fraction that
 * bakers use, and listed one by one where it is not.
 */
export function measureText({ method, fills }: MeasureToSay): string {
  if (method === 'displaced') return risenText(fills);
  const pieces = fills.filter(isCounted);
  const filled = fills.filter((fill) => !isCounted(fill));
  const beaten = filled[0]?.of;
  return [
    ...pieces.map(piecesText),
    ...(filled.length > 0
      ? [`${fillsText(filled)}${beaten === undefined ? '' : ` beaten ${beaten}`}`]
      : []),
  ].join(' + ');
}
