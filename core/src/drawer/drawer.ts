import { Fraction } from '../amount/index.js';
import type { Ingredient, Method } from '../catalogue/index.js';
import { measureSize } from '../measuring/index.js';
import { millilitresIn, type Standard } from '../units/index.js';
import { blockMarks, type Block } from './blocks.js';
import { stampedMillilitres, type Tool, type ToolDescription } from './tool.js';

/** The tools that can be filled now, by what they are good for. */
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

const JUG_STEP_MILLILITRES = 50;

/** Spoons name their unit, cups are known by their figure, odd tools by their name. */
function markOf({ name, nominal, unit }: ToolDescription): string {
  const size = nominal.toFraction(true);
  if (name !== `${size} ${unit}`) return name;
  if (unit === 'cup') return size;
  return size === '1' ? unit : name;
}

function dryTool(tool: ToolDescription, standard: Standard): Tool {
  const stamped = stampedMillilitres(tool, standard);
  const { name, nominal, unit } = tool;
  return {
    id: name,
    kind: tool.kind === 'cup' ? 'cup' : 'spoon',
    mark: markOf(tool),
    millilitres: tool.millilitres ?? stamped,
    nominal,
    unit,
    size: measureSize(unit, stamped),
    wash: name,
  };
}

/** Marks of a jug: every quarter cup and every 50 mL. A jug that reads wrong does so in proportion. */
function marksOf(jug: ToolDescription, standard: Standard): Tool[] {
  const highest = stampedMillilitres(jug, standard);
  const error = jug.millilitres === null ? 1 : jug.millilitres / highest;
  const cup = millilitresIn('cup', standard);
  const shared = { kind: 'jug', size: 'cup', wash: jug.name } as const;
  const quarters = Math.floor(highest / (cup.valueOf() / 4) + 1e-9);
  const byCup = Array.from({ length: quarters }, (_, index): Tool => {
    const nominal = new Fraction(index + 1, 4);
    const mark = `${nominal.toFraction(true)} ${nominal.compare(1) > 0 ? 'cups' : 'cup'}`;
    const id = `${jug.name} ${mark}`;
    return {
      ...shared,
      id,
      mark,
      millilitres: cup.mul(nominal).valueOf() * error,
      nominal,
      unit: 'cup',
    };
  });
  const fifties = Math.floor(highest / JUG_STEP_MILLILITRES + 1e-9);
  const byMillilitre = Array.from({ length: fifties }, (_, index): Tool => {
    const millilitres = (index + 1) * JUG_STEP_MILLILITRES;
    const nominal = new Fraction(millilitres);
    return {
      ...shared,
      id: `${jug.name} ${millilitres} ml`,
      mark: `${millilitres} ml`,
      millilitres: millilitres * error,
      nominal,
      unit: 'ml',
    };
  });
  return [...byCup, ...byMillilitre];
}

const largestFirst = (tools: readonly Tool[]): readonly Tool[] =>
  [...tools].sort((a, b) => b.millilitres - a.millilitres);

/** A drawer of these tools, those put aside left out, and of fat that comes in such blocks. */
export function drawerOf(
  standard: Standard,
  tools: readonly ToolDescription[],
  block: Block = 'stick',
): Drawer {
  const here = tools.filter(({ aside }) => !aside);
  const dry = here.filter(({ kind }) => kind !== 'jug').map((tool) => dryTool(tool, standard));
  const spoons = dry.filter(({ kind }) => kind === 'spoon');
  const marks = here.filter(({ kind }) => kind === 'jug').flatMap((jug) => marksOf(jug, standard));
  return {
    dry: largestFirst(dry),
    wet: largestFirst([...marks, ...spoons]),
    either: largestFirst([...dry, ...marks]),
    jugMarks: largestFirst(marks),
    blockMarks: largestFirst(blockMarks(block)),
  };
}

const tool = (
  kind: ToolDescription['kind'],
  nominal: Fraction,
  unit: 'cup' | 'tbsp' | 'tsp',
  name?: string,
): ToolDescription => ({
  name: name ?? `${nominal.toFraction(true)} ${unit}`,
  kind,
  nominal,
  unit,
  millilitres: null,
  aside: false,
});

/**
 * What a kitchen is taken to own until it says otherwise: cups 1, 1/2, 1/3, 1/4; spoons 1 tbsp,
 * 1 tsp, 1/2, 1/4, 1/8 tsp; one jug of four cups.
 */
export const USUAL_TOOLS: readonly ToolDescription[] = [
  tool('cup', new Fraction(1), 'cup'),
  tool('cup', new Fraction(1, 2), 'cup'),
  tool('cup', new Fraction(1, 3), 'cup'),
  tool('cup', new Fraction(1, 4), 'cup'),
  tool('spoon', new Fraction(1), 'tbsp'),
  tool('spoon', new Fraction(1), 'tsp'),
  tool('spoon', new Fraction(1, 2), 'tsp'),
  tool('spoon', new Fraction(1, 4), 'tsp'),
  tool('spoon', new Fraction(1, 8), 'tsp'),
  tool('jug', new Fraction(4), 'cup', 'jug'),
];

/** The usual tools, each taken to hold what is stamped on it under `standard`. */
export function defaultDrawer(standard: Standard = 'us-customary'): Drawer {
  return drawerOf(standard, USUAL_TOOLS);
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

/**
 * The drawer with only these things in it, named as their owner names them: a jug is all its
 * marks. Blocks of fat stay. All of it where none of these is here.
 */
export function drawerWith(drawer: Drawer, names: readonly string[]): Drawer {
  const only = (tools: readonly Tool[]): readonly Tool[] =>
    tools.filter(({ id, wash }) => names.includes(id) || names.includes(wash));
  const dry = only(drawer.dry);
  const wet = only(drawer.wet);
  if (dry.length === 0 && wet.length === 0) return drawer;
  return {
    dry: dry.length > 0 ? dry : drawer.dry,
    wet: wet.length > 0 ? wet : drawer.wet,
    either: dry.length + wet.length > 0 ? only(drawer.either) : drawer.either,
    jugMarks: wet.length > 0 ? only(drawer.jugMarks) : drawer.jugMarks,
    blockMarks: drawer.blockMarks,
  };
}
