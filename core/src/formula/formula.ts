import type { Shelf } from '../catalogue/index.js';
import type { PlanLine } from '../batch/index.js';

/** A line of a baker's formula. */
export interface FormulaLine {
  /** Index among the lines of the reading. */
  readonly index: number;
  readonly ingredientId: string;
  readonly grams: number;
  /** Grams to 100 g of all flour. */
  readonly percent: number;
  readonly isFlour: boolean;
  /** Carries the water of the dough: hydration is set by it. */
  readonly isLiquid: boolean;
  readonly waterGrams: number;
}

/** A part of a dough that stands under a heading of its own. */
export interface FormulaPart {
  /** The heading, or null for what stands under none. */
  readonly name: string | null;
  /** Fermented ahead of the dough: a poolish, a sponge, a leaven. */
  readonly isPreferment: boolean;
  readonly lines: readonly FormulaLine[];
  readonly grams: number;
  /** Of all flour, in percent. */
  readonly flourPercent: number;
  /** Water to 100 g of the flour of this part; null without flour. */
  readonly hydration: number | null;
}

/** Everything as a percentage of flour. */
export interface Formula {
  readonly flourGrams: number;
  readonly totalGrams: number;
  /** All water, that inside milk, eggs, butter and flour included, to 100 g of flour. */
  readonly hydration: number;
  readonly parts: readonly FormulaPart[];
}

const PREFERMENT =
  /\b(?:pre-?ferment|poolish|biga|leaven|levain|sponge|starter|sourdough|old dough|pâte fermentée|vorteig|sauerteig)\b/i;
/** "For the sponge:" is called "sponge". */
const DECORATION = /^\s*(?:for\s+)?(?:the\s+)?|\s*:\s*$/gi;

const sum = (lines: readonly FormulaLine[], of: (line: FormulaLine) => number): number =>
  lines.reduce((total, line) => total + of(line), 0);

/**
 * A batch as a baker's formula. Null where nothing in it is flour. Lines without a weight are left
 * out.
 */
export function formulaOf(plan: readonly PlanLine[], shelf: Shelf): Formula | null {
  const parts: { name: string | null; lines: FormulaLine[] }[] = [{ name: null, lines: [] }];
  for (const [index, { kind, written, ingredientId, place, intended }] of plan.entries()) {
    if (kind === 'heading') parts.push({ name: written.replace(DECORATION, ''), lines: [] });
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    if (kind !== 'ingredient' || place || !ingredient || !intended) continue;
    const { grams } = intended;
    parts.at(-1)!.lines.push({
      index,
      ingredientId: ingredient.id,
      grams,
      percent: 0,
      isFlour: ingredient.role === 'flour',
      isLiquid: ingredient.role === 'liquid',
      waterGrams: (grams * ingredient.waterPercent) / 100,
    });
  }
  const all = parts.flatMap(({ lines }) => lines);
  const flour = (lines: readonly FormulaLine[]): number =>
    sum(lines, (line) => (line.isFlour ? line.grams : 0));
  const flourGrams = flour(all);
  if (flourGrams === 0) return null;
  return {
    flourGrams,
    totalGrams: sum(all, ({ grams }) => grams),
    hydration: (100 * sum(all, ({ waterGrams }) => waterGrams)) / flourGrams,
    parts: parts
      .filter(({ lines }) => lines.length > 0)
      .map(({ name, lines }) => {
        const own = flour(lines);
        return {
          name,
          isPreferment: name !== null && PREFERMENT.test(name),
          lines: lines.map((line) => ({ ...line, percent: (100 * line.grams) / flourGrams })),
          grams: sum(lines, ({ grams }) => grams),
          flourPercent: (100 * own) / flourGrams,
          hydration: own > 0 ? (100 * sum(lines, (line) => line.waterGrams)) / own : null,
        };
      }),
  };
}

/** New masses by the index of their line, in grams of this batch. */
export type NewMasses = Readonly<Record<number, number>>;

/**
 * The mass of a line so that it is `percent` of the flour. Of a flour it is its share: the other
 * flours stay. Null where that can't be: all of the flour, or 0 and less.
 */
export function massForPercent(formula: Formula, index: number, percent: number): NewMasses | null {
  const line = formula.parts.flatMap(({ lines }) => lines).find((one) => one.index === index);
  if (!line || !(percent > 0)) return null;
  if (!line.isFlour) return { [index]: (percent / 100) * formula.flourGrams };
  const others = formula.flourGrams - line.grams;
  if (others <= 0 || percent >= 100) return null;
  return { [index]: (others * percent) / (100 - percent) };
}

/**
 * The masses of the liquids so that all water is `percent` of the flour: each in the proportion it
 * has. Null where there is no liquid, or the rest alone brings as much water.
 */
export function massesForHydration(formula: Formula, percent: number): NewMasses | null {
  const all = formula.parts.flatMap(({ lines }) => lines);
  const liquids = all.filter(({ isLiquid }) => isLiquid);
  const fromLiquids = sum(liquids, ({ waterGrams }) => waterGrams);
  const wanted = (percent / 100) * formula.flourGrams;
  const rest = sum(all, ({ waterGrams }) => waterGrams) - fromLiquids;
  if (fromLiquids <= 0 || wanted <= rest) return null;
  const times = (wanted - rest) / fromLiquids;
  return Object.fromEntries(liquids.map(({ index, grams }) => [index, grams * times]));
}
