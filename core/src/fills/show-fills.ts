import { Fraction } from '../amount/index.js';
import type { Tool } from '../drawer/index.js';

/** A tool and how often it is filled. */
export interface ToolFills {
  readonly tool: Tool;
  readonly count: number;
}

/** Sums with these denominators tell by themselves which measures to fill; 1 5/6 cups does not. */
const ADDED_UP: ReadonlySet<number> = new Set([1, 2, 3, 4, 8]);

const plural = (unit: string, amount: Fraction): string =>
  (unit === 'cup' || unit === 'stick') && amount.compare(1) > 0 ? `${unit}s` : unit;

/** A tool that is called by nothing but its size: such sizes can be added up. */
const isPlain = ({ id, nominal, unit }: Tool): boolean =>
  id === `${nominal.toFraction(true)} ${unit}`;

function showEach(fills: readonly ToolFills[]): string {
  return fills
    .map(({ tool, count }) => (count > 1 ? `${count} × ${tool.id}` : tool.id))
    .join(' + ');
}

const showSum = (sum: Fraction, unit: string): string =>
  `${sum.toFraction(true)} ${plural(unit, sum)}`;

const sumOf = (fills: readonly ToolFills[]): Fraction =>
  fills.reduce((total, { tool, count }) => total.add(tool.nominal.mul(count)), new Fraction(0));

/** Thirds and quarters apart, whole ones with the thirds: "3 2/3 cups + 1/4 cup". */
function showApart(fills: readonly ToolFills[], unit: string): string {
  const isThirds = ({ tool }: ToolFills): boolean => Number(tool.nominal.d) % 3 === 0;
  const thirds = sumOf(fills.filter(isThirds));
  const others = sumOf(fills.filter((fill) => !isThirds(fill)));
  const whole = others.floor();
  const [first, second] = [whole.add(thirds), others.sub(whole)];
  if (![first, second].every((sum) => ADDED_UP.has(Number(sum.d)))) return showEach(fills);
  return [first, second]
    .filter((sum) => sum.compare(0) > 0)
    .map((sum) => showSum(sum, unit))
    .join(' + ');
}

const IN_WORDS = ['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'] as const;
const MILLILITRES_PER_LITRE = 1000;

/** What one jug holds is its mark; more is told together: "3.5 litres, in four pours". */
function showPours(marks: readonly ToolFills[]): string {
  const pours = marks.reduce((sum, { count }) => sum + count, 0);
  const isOneJug = marks.every(({ tool }) => tool.wash === marks[0]!.tool.wash);
  if (pours === 1 || !isOneJug) return showEach(marks);
  const { unit } = marks[0]!.tool;
  const sum = sumOf(marks);
  const litres = sum.valueOf() / MILLILITRES_PER_LITRE;
  const together =
    unit === 'cup'
      ? `${sum.toFraction(true)} cups`
      : litres >= 1
        ? `${litres} ${litres === 1 ? 'litre' : 'litres'}`
        : `${sum.toFraction(true)} ml`;
  return `${together}, in ${IN_WORDS[pours - 2] ?? pours} pours`;
}

/** Whole sticks by their number, the rest by the mark where the knife goes. */
const showCut = ({ tool: { unit, mark }, count }: ToolFills): string =>
  unit === 'stick'
    ? `${count} ${count === 1 ? 'stick' : 'sticks'}`
    : `${count > 1 ? `${count} × ` : ''}${mark} at the mark`;

const showOne = ({ nominal, unit }: Tool): string =>
  `${nominal.toFraction(true)} ${plural(unit, nominal)}`;

/**
 * Fills as a baker says them: "1 3/4 cups + 1 tbsp". Cups (and spoons) of one unit are added
 * up where the sum is a fraction bakers use, and listed one by one where it is not.
 */
export function showFills(fills: readonly ToolFills[]): string {
  const [only] = fills;
  if (fills.length === 1 && only!.count === 1 && isPlain(only!.tool)) return showOne(only!.tool);
  const parts: string[] = [];
  const marks = fills.filter(({ tool }) => tool.kind === 'jug');
  if (marks.length > 0) parts.push(showPours(marks));
  const cuts = fills.filter(({ tool }) => tool.kind === 'block');
  if (cuts.length > 0) parts.push(cuts.map(showCut).join(' + '));
  const rest = fills.filter(({ tool }) => tool.unit === 'ml' && tool.kind !== 'jug');
  if (rest.length > 0) parts.push(showEach(rest));
  const halves: ToolFills[] = [];
  for (const unit of ['cup', 'tbsp', 'tsp'] as const) {
    const same = fills.filter(
      ({ tool }) => tool.unit === unit && ['cup', 'spoon', 'pinch'].includes(tool.kind),
    );
    if (same.length === 0) continue;
    const named = same.filter(({ tool }) => !isPlain(tool));
    const whole = named.filter(({ tool }) => tool.halfOf === undefined);
    if (whole.length > 0) parts.push(showEach(whole));
    halves.push(...named.filter(({ tool }) => tool.halfOf !== undefined));
    const stamped = same.filter(({ tool }) => isPlain(tool));
    if (stamped.length === 0) continue;
    const sum = sumOf(stamped);
    parts.push(ADDED_UP.has(Number(sum.d)) ? showSum(sum, unit) : showApart(stamped, unit));
  }
  if (halves.length > 0) parts.push(showEach(halves));
  return parts.join(' + ');
}
