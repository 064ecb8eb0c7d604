import { Fraction } from '../amount/index.js';
import type { Ingredient, Method } from '../catalogue/index.js';
import { measureSize } from '../measuring/index.js';
import { millilitresIn, type Standard } from '../units/index.js';
import { blockMarks, type Block } from './blocks.js';
import { stampedMillilitres, type Tool, type ToolDescription } from './tool.js';
import { USUAL_TOOLS } from './usual-tools.js';

/** Tools that go together on one line: a jug is read by its cups or by its millilitres, not both. */
export type ToolSet = readonly Tool[];

/** The tools that can be filled now, by what they are good for. */
export interface Drawer {
  /** For what must be levelled: dry cups and spoons. */
  readonly dry: ToolSet;
  /** For what levels itself: marks of a jug, cups and spoons. */
  readonly wet: readonly ToolSet[];
  /** For a syrup, which goes in either, and into a cup first. */
  readonly either: readonly ToolSet[];
  readonly jugMarks: readonly ToolSet[];
  readonly blockMarks: ToolSet;
}

const JUG_STEP_MILLILITRES = 50;

/** What is named after its size has no name of its own. */
const ownName = ({ name, nominal, unit }: ToolDescription): string | null =>
  name === `${nominal.toFraction(true)} ${unit}` ? null : name;

function dryTool(tool: ToolDescription, standard: Standard): Tool {
  const stamped = stampedMillilitres(tool, standard);
  const { name, nominal, unit } = tool;
  return {
    id: name,
    kind: tool.kind === 'cup' ? 'cup' : 'spoon',
    name: ownName(tool),
    millilitres: tool.millilitres ?? stamped,
    stampedMillilitres: stamped,
    nominal,
    unit,
    size: measureSize(unit, stamped),
    wash: name,
  };
}

/** A jug that reads wrong does so in proportion, at every mark. */
const errorOf = (jug: ToolDescription, standard: Standard): number =>
  jug.millilitres === null ? 1 : jug.millilitres / stampedMillilitres(jug, standard);

/** How many marks of a distance a jug has. */
const marksUpTo = (highest: number, step: number): number => Math.floor(highest / step + 1e-9);

/** Marks of a jug at every quarter cup. */
function cupMarks(jug: ToolDescription, standard: Standard): Tool[] {
  const cup = millilitresIn('cup', standard);
  const count = marksUpTo(stampedMillilitres(jug, standard), cup.valueOf() / 4);
  return Array.from({ length: count }, (_, index) => {
    const nominal = new Fraction(index + 1, 4);
    return jugMark(jug, cup.mul(nominal).valueOf(), errorOf(jug, standard), nominal, 'cup');
  });
}

/** Marks of a jug at every 50 mL. */
function millilitreMarks(jug: ToolDescription, standard: Standard): Tool[] {
  const count = marksUpTo(stampedMillilitres(jug, standard), JUG_STEP_MILLILITRES);
  return Array.from({ length: count }, (_, index) => {
    const stamped = (index + 1) * JUG_STEP_MILLILITRES;
    const error = errorOf(jug, standard);
    return jugMark(jug, stamped, error, new Fraction(stamped), 'ml');
  });
}

const jugMark = (
  jug: ToolDescription,
  stampedMillilitres: number,
  error: number,
  nominal: Fraction,
  unit: 'cup' | 'ml',
): Tool => ({
  id: `${jug.name}@${nominal.toFraction(true)} ${unit}`,
  kind: 'jug',
  name: jug.name,
  millilitres: stampedMillilitres * error,
  stampedMillilitres,
  nominal,
  unit,
  size: 'cup',
  wash: jug.name,
});

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
  const jugs = here.filter(({ kind }) => kind === 'jug');
  const byCup = jugs.flatMap((jug) => cupMarks(jug, standard));
  const byMillilitre = jugs.flatMap((jug) => millilitreMarks(jug, standard));
  // Of two that hold the same, the one that stands first is taken.
  const sets = (...all: readonly (readonly Tool[])[]): ToolSet[] =>
    all.filter((tools) => tools.length > 0).map(largestFirst);
  return {
    dry: largestFirst(dry),
    wet: sets([...byCup, ...dry], [...byMillilitre, ...spoons]),
    either: sets([...dry, ...byCup], [...byMillilitre, ...spoons]),
    jugMarks: sets(byCup, byMillilitre),
    blockMarks: largestFirst(blockMarks(block)),
  };
}

/** The usual tools, each taken to hold what is stamped on it under `standard`. */
export function defaultDrawer(standard: Standard = 'us-customary'): Drawer {
  return drawerOf(standard, USUAL_TOOLS);
}

/**
 * The tools that suit a method, in sets of which one is used at a time: what must be levelled goes
 * in a dry cup, what levels itself to a mark of a jug or in a cup, a syrup in a cup or to a mark;
 * spoons for little of anything.
 */
export function toolsFor(
  ingredient: Ingredient,
  method: Method,
  drawer: Drawer,
): readonly ToolSet[] {
  switch (method) {
    case 'block':
      return [drawer.blockMarks];
    case 'displaced':
      return drawer.jugMarks;
    case 'poured':
      return ingredient.class === 'syrup' ? drawer.either : drawer.wet;
    case 'melted':
      return drawer.wet;
    default:
      return [drawer.dry];
  }
}

/** Every tool that can be filled, jugs by all their marks. */
export const toolsIn = ({ dry, wet }: Drawer): readonly Tool[] => [...dry, ...wet.flat()];

/**
 * The drawer with only these things in it, named as their owner names them: a jug is all its
 * marks. Blocks of fat stay. All of it where none of these is here.
 */
export function drawerWith(drawer: Drawer, names: readonly string[]): Drawer {
  const only = (tools: ToolSet): ToolSet =>
    tools.filter(({ id, wash }) => names.includes(id) || names.includes(wash));
  const orAll = <T>(some: readonly T[], all: readonly T[]): readonly T[] =>
    some.length > 0 ? some : all;
  const onlySets = (sets: readonly ToolSet[]): readonly ToolSet[] =>
    orAll(
      sets.map(only).filter((tools) => tools.length > 0),
      sets,
    );
  return {
    dry: orAll(only(drawer.dry), drawer.dry),
    wet: onlySets(drawer.wet),
    either: onlySets(drawer.either),
    jugMarks: onlySets(drawer.jugMarks),
    blockMarks: drawer.blockMarks,
  };
}
