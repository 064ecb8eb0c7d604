import type { PlanLine } from '../batch/index.js';
import type { Bounded, Ingredient, Role, Shelf } from '../catalogue/index.js';

/** What can hardly be meant: more of something than anybody bakes with. */
export interface DoubtfulAmount {
  /** Index among the lines of the plan. */
  readonly line: number;
  readonly of: Bounded;
  /** Its share of what it is held against. */
  readonly share: number;
  /** The flour; all there is where that is mostly no flour; what is liquid, for gelatine. */
  readonly against: 'flour' | 'whole' | 'liquid';
}

/** Shares of the flour beyond which an amount is asked about. House rules: no usual bake has so much. */
const MOST: Readonly<Record<Bounded, number>> = {
  salt: 0.05,
  soda: 0.025,
  'baking-powder': 0.11,
  'dry-yeast': 0.05,
  'fresh-yeast': 0.15,
  ammonia: 0.02,
  gum: 0.025,
  vanilla: 0.1,
  'almond-extract': 0.02,
  cinnamon: 0.08,
  'strong-spice': 0.025,
  gelatine: 0.05,
};

/** Where something acid or heavy takes up the soda. */
const MOST_SODA_TAKEN_UP = 0.05;

/** Of a dough at least this share is flour; what has less is held against this share of the whole. */
const FLOUR_OF_DOUGH = 1 / 3;

/** Headings of what is no dough, in the languages that are read. */
const NO_DOUGH =
  /\b(?:spice (?:mix|blend)|seasonings?|rub|brine|salt dough|play ?dough|modelling|gewürz\w*|gewürzmischung|salzteig|knete|pâte à sel|pâte à modeler|mélange d.épices|saumure)\b|\bmixed spice$/i;
const BATH =
  /\b(?:bath|boiling liquid|poaching|for (?:boiling|dipping)|lauge|laugenbad|kochwasser|bain)\b/i;
const DIPPED = /\bpretzels?|brezel|brezn|laugen|bretzels?/i;

interface KnownAmount {
  readonly line: number;
  readonly ingredient: Ingredient;
  readonly grams: number;
}

/** The weighed lines of the dough: those below a heading of something else are left out. */
function doughLines(plan: readonly PlanLine[], shelf: Shelf): KnownAmount[] {
  const known: KnownAmount[] = [];
  let isDough = true;
  for (const [line, { kind, written, ingredientId, place, intended }] of plan.entries()) {
    if (kind === 'heading') isDough = !BATH.test(written) && !NO_DOUGH.test(written);
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    if (!isDough || place || BATH.test(written) || !ingredient || !intended) continue;
    known.push({ line, ingredient, grams: intended.grams });
  }
  return known;
}

const sum = (some: readonly KnownAmount[]): number =>
  some.reduce((all, { grams }) => all + grams, 0);
/** What makes it a bake, and no dressing, dip or soup. */
const BAKED: ReadonlySet<Role> = new Set([
  'flour',
  'egg',
  'sugar',
  'leavening',
  'yeast',
  'thickener',
]);
const isWet = ({ ingredient: { class: is } }: KnownAmount): boolean =>
  is === 'liquid' || is === 'syrup' || is === 'paste' || is === 'egg';

/**
 * The lines whose amounts should be asked about before anybody weighs them. A spice mix, a rub, a
 * salt dough or a bath for pretzels is no dough: nothing is asked there.
 */
export function doubtfulAmounts(
  plan: readonly PlanLine[],
  shelf: Shelf,
  title: string | null = null,
): DoubtfulAmount[] {
  if (title !== null && NO_DOUGH.test(title)) return [];
  const known = doughLines(plan, shelf);
  const isMixed = known.some((one) => one.ingredient.role === 'flour' || isWet(one));
  const isBaked = known.some(({ ingredient }) => BAKED.has(ingredient.role));
  if (!isMixed || !isBaked) return [];
  const whole = sum(known);
  const flour = sum(known.filter(({ ingredient }) => ingredient.role === 'flour'));
  const isFloury = flour >= FLOUR_OF_DOUGH * whole;
  const takesUpSoda = known.some(({ ingredient }) => ingredient.takesUpSoda);
  const isDipped = title !== null && DIPPED.test(title);
  // Where a line has no weight yet, the whole is not known, and a share of it says nothing.
  const hasUnweighed = plan.some(
    (line) => line.kind === 'ingredient' && line.scaled && !line.intended,
  );
  const misses = hasUnweighed && !isFloury;
  return known.flatMap(({ line, ingredient, grams }): DoubtfulAmount[] => {
    const { bounded: of } = ingredient;
    if (!of || (of === 'soda' && isDipped)) return [];
    const most = of === 'soda' && takesUpSoda ? MOST_SODA_TAKEN_UP : MOST[of];
    if (of === 'gelatine') {
      const liquid = sum(known.filter(isWet));
      return grams > most * liquid ? [{ line, of, share: grams / liquid, against: 'liquid' }] : [];
    }
    if (misses) return [];
    if (isFloury) {
      return grams > most * flour ? [{ line, of, share: grams / flour, against: 'flour' }] : [];
    }
    return grams > most * FLOUR_OF_DOUGH * whole
      ? [{ line, of, share: grams / whole, against: 'whole' }]
      : [];
  });
}
