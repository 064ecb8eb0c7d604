import { durationInWords, minutesOf } from './durations.js';
import { textOfHtml } from './html-text.js';
import { DEEPEST, isNode, isOfType, list, recipeNodes, type Node } from './recipe-nodes.js';
import type { FileProblem, RecipeFile, RecipeWords } from './recipe-file.js';
import { withSettings } from './settings.js';

/** Property names of our own, under which the whole recipe goes through other programs. */
export const OWN_PROPERTY = 'ypsigram';

/** What is written of a value: text or number, of a node its name or text. */
function words(value: unknown): string {
  if (typeof value === 'string') return /[<&]/.test(value) ? textOfHtml(value) : value.trim();
  if (typeof value === 'number') return String(value);
  if (!isNode(value)) return '';
  return words(value['text'] ?? value['name'] ?? value['value']);
}

const firstWords = (value: unknown): string => list(value).map(words).find(Boolean) ?? '';

/** Lines of something that may be one text or a list of them. */
function linesOf(value: unknown): string[] {
  return list(value)
    .flatMap((item) => words(item).split(/\r?\n| • /))
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter((line) => line !== '');
}

/** "1. " before a step is the list's, not the step's. */
const unnumbered = (step: string): string => step.replace(/^\d{1,2}[.)] /, '');

/** The steps, with sections as headings: text, HowToStep, HowToSection, in any nesting. */
function stepsOf(value: unknown, depth = 0): string[] {
  if (depth > DEEPEST) return [];
  return list(value).flatMap((item) => {
    if (!isNode(item)) return linesOf(item).map(unnumbered);
    const inner = item['itemListElement'] ?? item['steps'];
    if (isOfType(item, 'HowToSection') || (inner !== undefined && !('text' in item))) {
      const name = words(item['name']);
      const heading = name === '' ? [] : [`${name.replace(/:$/, '')}:`];
      return [...heading, ...stepsOf(inner, depth + 1)];
    }
    return linesOf(item).map(unnumbered);
  });
}

const TIMES = [
  ['prepTime', 'Preparation'],
  ['cookTime', 'Baking'],
  ['totalTime', 'Total'],
] as const;

function timeLine(node: Node): string[] {
  const times = TIMES.flatMap(([property, name]) => {
    const minutes = minutesOf(firstWords(node[property]));
    return minutes === null ? [] : [`${name}: ${durationInWords(minutes)}`];
  });
  return times.length === 0 ? [] : [times.join(' | ')];
}

function yieldLine(node: Node, { serves, makes }: RecipeWords): string[] {
  // A bare number says less than "12 knots" beside it.
  const yields = list(node['recipeYield'] ?? node['yield'])
    .map(words)
    .filter(Boolean);
  const best = yields.find((text) => /[a-z]/i.test(text)) ?? yields[0];
  if (best === undefined) return [];
  if (/^(?:makes|serves|yield|servings)/i.test(best)) return [best];
  return [/^\d+$/.test(best) ? serves(best) : makes(best)];
}

function textOf(node: Node, title: string, wording: RecipeWords): string | null {
  const ingredients = linesOf(node['recipeIngredient'] ?? node['ingredients']);
  const steps = stepsOf(node['recipeInstructions'] ?? node['instructions']);
  if (ingredients.length === 0 && steps.length === 0) return null;
  return [
    title,
    ...yieldLine(node, wording),
    ...timeLine(node),
    '',
    ...ingredients,
    ...(steps.length > 0 ? ['', 'Method', ...steps] : []),
  ].join('\n');
}

/** What our own export put beside the schema's properties: the recipe word for word. */
function ownOf(node: Node): RecipeFile | null {
  for (const property of list(node['additionalProperty'])) {
    if (!isNode(property) || property['propertyID'] !== OWN_PROPERTY) continue;
    const { value } = property;
    if (!isNode(value) || typeof value['text'] !== 'string') continue;
    const settings = Object.fromEntries(
      Object.entries(value).filter(
        (entry): entry is [string, string] => typeof entry[1] === 'string',
      ),
    );
    return withSettings(value['text'], settings);
  }
  return null;
}

/**
 * The recipes of a schema.org document, as JSON. Ingredients may be a list or one text,
 * instructions text, steps or sections, durations after ISO 8601. What is no recipe is passed
 * over.
 */
export function readJsonLd(
  json: string,
  wording: RecipeWords,
): { recipes: RecipeFile[]; problems: FileProblem[] } {
  let document: unknown;
  try {
    document = JSON.parse(json);
  } catch (error) {
    const detail = error instanceof Error ? error.message : '';
    return { recipes: [], problems: [{ code: 'broken-json', detail }] };
  }
  return readLinkedData(document, wording);
}

/** The recipes of linked data that is parsed already, wherever it was written down. */
export function readLinkedData(
  document: unknown,
  wording: RecipeWords,
): { recipes: RecipeFile[]; problems: FileProblem[] } {
  const { nodes, isTooDeep } = recipeNodes(document);
  const problems: FileProblem[] = isTooDeep ? [{ code: 'too-deep', most: DEEPEST }] : [];
  const recipes: RecipeFile[] = [];
  for (const node of nodes) {
    const own = ownOf(node);
    if (own) {
      recipes.push(own);
      continue;
    }
    const title = firstWords(node['name'] ?? node['headline']) || wording.untitled;
    const text = textOf(node, title, wording);
    if (text === null) problems.push({ code: 'nothing-in-it', title });
    else recipes.push(withSettings(text, { author: firstWords(node['author']) }));
  }
  return { recipes, problems };
}
