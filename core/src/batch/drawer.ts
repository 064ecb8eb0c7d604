import { Fraction } from '../amount/index.js';
import type { Ingredient, Method } from '../catalogue/index.js';
import type { MeasureSize } from '../measuring/index.js';
import { millilitresIn, type Standard } from '../units/index.js';

/** One thing that can be filled: a cup, a spoon, a mark of the jug, a mark of a butter block. */
export interface Tool {
  /** As scripts and people know it: "1/2 cup", "1 tbsp", "jug 350 ml". */
  readonly id: string;
  readonly kind: 'cup' | 'spoon' | 'jug' | 'block';
  readonly millilitres: number;
  /** What it holds, in `unit`. */
  readonly nominal: Fraction;
  readonly unit: 'cup' | 'tbsp' | 'tsp' | 'ml' | 'stick';
  readonly size: MeasureSize;
  /** Tools of one wash are one thing to rinse: all marks of a jug. */
  readonly wash: string;
}

export interface Drawer {
  /** For what must be levelled: dry cups and spoons. */
  readonly dry: readonly Tool[];
  /** For what levels itself: marks of a jug, and spoons. */
  readonly wet: readonly Tool[];
  /** For a syrup, which goes in either. */
  readonly either: readonly Tool[];
  readonly jugMarks: readonly Tool[];
  readonly blockMarks: readonly Tool[];
}

const CUPS = [new Fraction(1), new Fraction(1, 2), new Fraction(1, 3), new Fraction(1, 4)];
const TEASPOONS = [new Fraction(1), new Fraction(1, 2), new Fraction(1, 4), new Fraction(1, 8)];
const JUG_CUPS = 4;
const JUG_MILLILITRES = 1000;
const JUG_STEP_MILLILITRES = 50;

function measure(
  nominal: Fraction,
  unit: 'cup' | 'tbsp' | 'tsp',
  standard: Standard,
  kind: 'cup' | 'spoon',
): Tool {
  const id = `${nominal.toFraction(true)} ${unit}`;
  const millilitres = millilitresIn(unit, standard).mul(nominal).valueOf();
  return { id, kind, millilitres, nominal, unit, size: unit, wash: id };
}

function jugMarks(standard: Standard): Tool[] {
  const cup = millilitresIn('cup', standard);
  const jug = { kind: 'jug', size: 'cup', wash: 'jug' } as const;
  const byCup = Array.from({ length: JUG_CUPS * 4 }, (_, index): Tool => {
    const nominal = new Fraction(index + 1, 4);
    const id = `jug ${nominal.toFraction(true)} ${nominal.compare(1) > 0 ? 'cups' : 'cup'}`;
    return { ...jug, id, millilitres: cup.mul(nominal).valueOf(), nominal, unit: 'cup' };
  });
  const byMillilitre = Array.from(
    { length: JUG_MILLILITRES / JUG_STEP_MILLILITRES },
    (_, index): Tool => {
      const millilitres = (index + 1) * JUG_STEP_MILLILITRES;
      return {
        ...jug,
        id: `jug ${millilitres} ml`,
        millilitres,
        nominal: new Fraction(millilitres),
        unit: 'ml',
      };
    },
  );
  return [...byCup, ...byMillilitre];
}

const largestFirst = (tools: readonly Tool[]): readonly Tool[] =>
  [...tools].sort((a, b) => b.millilitres - a.millilitres);

/** Marks on the wrapper of a stick of butter: half a US cup, in tablespoons. */
function blockMarks(): Tool[] {
  const stick = millilitresIn('cup', 'us-customary').div(2);
  const block = { kind: 'block', size: 'cup', wash: 'knife' } as const;
  return [
    {
      ...block,
      id: '1 stick',
      millilitres: stick.valueOf(),
      nominal: new Fraction(1),
      unit: 'stick',
    },
    ...Array.from({ length: 7 }, (_, index): Tool => {
      const nominal = new Fraction(index + 1);
      const millilitres = stick.div(8).mul(nominal).valueOf();
      return { ...block, id: `block ${index + 1} tbsp`, millilitres, nominal, unit: 'tbsp' };
    }),
  ];
}

/**
 * The drawer of a kitchen that has not said what is in it: cups 1, 1/2, 1/3, 1/4; spoons
 * 1 tbsp, 1 tsp, 1/2, 1/4, 1/8 tsp; a jug marked every quarter cup and every 50 mL. All are
 * taken to hold what is stamped on them under `standard`.
 */
export function defaultDrawer(standard: Standard = 'us-customary'): Drawer {
  const cups = CUPS.map((nominal) => measure(nominal, 'cup', standard, 'cup'));
  const spoons = [
    measure(new Fraction(1), 'tbsp', standard, 'spoon'),
    ...TEASPOONS.map((nominal) => measure(nominal, 'tsp', standard, 'spoon')),
  ];
  const jug = jugMarks(standard);
  return {
    dry: largestFirst([...cups, ...spoons]),
    wet: largestFirst([...jug, ...spoons]),
    either: largestFirst([...cups, ...spoons, ...jug]),
    jugMarks: largestFirst(jug),
    blockMarks: largestFirst(blockMarks()),
  };
}

/** A nominal tool for what is measured with the fingers: 1/16 tsp for a pinch, and so on. */
export function fingerTool(unit: 'pinch' | 'dash' | 'smidgen'): Tool {
  const millilitres = millilitresIn(unit, 'us-customary').valueOf();
  const nominal = new Fraction(1);
  return {
    id: `1 ${unit}`,
    kind: 'spoon',
    millilitres,
    nominal,
    unit: 'tsp',
    size: 'tsp',
    wash: unit,
  };
}

/**
 * The tools that suit a method: what must be levelled goes in a dry cup, what levels itself
 * in a jug, a syrup in either; spoons for little of anything.
 */
export function toolsFor(ingredient: Ingredient, method: Method, drawer: Drawer): readonly Tool[] {
  switch (method) {
    case 'block':
      return drawer.blockMarks;
    case 'displaced':
      return drawer.jugMarks;
    case 'poured':
      return ingredient.class === 'syrup' ? drawer.either : drawer.wet;
    case 'melted':
      return drawer.wet;
    default:
      return drawer.dry;
  }
}
