/** A node of linked data. */
export type Node = Readonly<Record<string, unknown>>;

/** Deeper than this nothing is looked for. */
export const DEEPEST = 40;
/** More nodes than this are not looked through. */
const MOST_NODES = 200_000;

export const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** One or many, as schema.org leaves open everywhere. */
export const list = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];

const typesOf = (node: Node): readonly string[] =>
  list(node['@type'])
    .filter((type) => typeof type === 'string')
    .map((type) => type.replace(/^.*[/:#]/, ''));

export const isOfType = (node: Node, type: string): boolean => typesOf(node).includes(type);

/**
 * All recipes of a document of linked data, wherever they stand: alone, in a list, in a graph,
 * as the main thing of a page. A node that is named elsewhere by its id is put in its place, once.
 */
export function recipeNodes(document: unknown): { nodes: Node[]; isTooDeep: boolean } {
  const nodes: Node[] = [];
  const byId = new Map<string, Node>();
  let isTooDeep = false;
  let seen = 0;
  // A list of its own instead of recursion: depth is what a hostile file has plenty of.
  const waiting: { readonly value: unknown; readonly depth: number }[] = [
    { value: document, depth: 0 },
  ];
  for (let item = waiting.pop(); item; item = waiting.pop()) {
    const { value, depth } = item;
    if (depth > DEEPEST || ++seen > MOST_NODES) {
      isTooDeep = true;
      continue;
    }
    if (Array.isArray(value)) {
      for (let at = value.length - 1; at >= 0; at--) {
        waiting.push({ value: value[at], depth: depth + 1 });
      }
    } else if (isNode(value)) {
      const id = value['@id'];
      const isMoreThanId = Object.keys(value).length > 1;
      if (typeof id === 'string' && isMoreThanId && !byId.has(id)) byId.set(id, value);
      if (isOfType(value, 'Recipe')) nodes.push(value);
      else {
        for (const inner of Object.values(value).reverse()) {
          if (typeof inner === 'object') waiting.push({ value: inner, depth: depth + 1 });
        }
      }
    }
  }
  const resolved = nodes.map((node) => resolve(node, byId));
  return { nodes: resolved, isTooDeep };
}

/** Puts nodes in the place of mere references to them, one step deep: more can't go in circles. */
function resolve(node: Node, byId: ReadonlyMap<string, Node>): Node {
  const one = (value: unknown): unknown => {
    if (!isNode(value)) return value;
    const id = value['@id'];
    const isReference = typeof id === 'string' && Object.keys(value).length === 1;
    return isReference ? (byId.get(id) ?? value) : value;
  };
  return Object.fromEntries(
    Object.entries(node).map(([name, value]) => [
      name,
      Array.isArray(value) ? value.map(one) : one(value),
    ]),
  );
}
