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
  const rest = fills.filter(
    ({ tool }) => tool.kind === 'jug' || tool.kind === 'block' || tool.unit === 'ml',
  );
  if (rest.length > 0) parts.push(showEach(rest));
  for (const unit of ['cup', 'tbsp', 'tsp'] as const) {
    const same = fills.filter(
      ({ tool }) => tool.unit === unit && ['cup', 'spoon', 'pinch'].includes(tool.kind),
    );
    if (same.length === 0) continue;
    const named = same.filter(({ tool }) => !isPlain(tool));
    if (named.length > 0) parts.push(showEach(named));
    const stamped = same.filter(({ tool }) => isPlain(tool));
    if (stamped.length === 0) continue;
    const sum = stamped.reduce(
      (total, { tool, count }) => total.add(tool.nominal.mul(count)),
      new Fraction(0),
    );
    parts.push(
      ADDED_UP.has(Number(sum.d))
        ? `${sum.toFraction(true)} ${plural(unit, sum)}`
        : showEach(stamped),
    );
  }
  return parts.join(' + ');
}
