import { midpoint } from '../amount/index.js';
import type { Shelf } from '../catalogue/index.js';
import { readRecipe, type Line } from '../reading/index.js';
import { factsOf } from '../reading/facts/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import { isoDuration } from './durations.js';
import { OWN_PROPERTY } from './json-ld-read.js';
import type { RecipeFile, RecipeWords } from './recipe-file.js';
import { settingsOf } from './settings.js';

interface HowToStep {
  readonly '@type': 'HowToStep';
  readonly text: string;
}

interface HowToSection {
  readonly '@type': 'HowToSection';
  readonly name: string;
  readonly itemListElement: readonly HowToStep[];
}

/** Instructions with their headings: steps before the first stand by themselves. */
function instructionsOf(lines: readonly Line[]): (HowToStep | HowToSection)[] {
  const sections: { name: string | null; steps: string[] }[] = [{ name: null, steps: [] }];
  for (const { kind, written } of lines) {
    const text = written.trim();
    if (kind === 'heading') sections.push({ name: text.replace(/:$/, ''), steps: [] });
    else if (kind === 'step') sections.at(-1)!.steps.push(text);
  }
  return sections
    .filter(({ steps }) => steps.length > 0)
    .flatMap(({ name, steps }): (HowToStep | HowToSection)[] => {
      const items = steps.map((text): HowToStep => ({ '@type': 'HowToStep', text }));
      return name === null ? items : [{ '@type': 'HowToSection', name, itemListElement: items }];
    });
}

function nodeOf(recipe: RecipeFile, shelf: Shelf, { untitled }: RecipeWords) {
  const { text, author } = recipe;
  const reading = readRecipe(text, recipe.standard ?? USUAL_STANDARD, shelf);
  // A line with several ingredients is written once; a paragraph with its steps in it is taken apart.
  const paragraphs = new Set(
    reading.lines.flatMap(({ kind, partOf }) => (kind === 'step' && partOf ? [partOf.whole] : [])),
  );
  const ingredients = reading.lines.flatMap(({ kind, written, partOf }) => {
    if (kind !== 'ingredient') return [];
    if (!partOf || paragraphs.has(partOf.whole)) return [written.trim()];
    return partOf.index === 0 ? [partOf.whole.trim()] : [];
  });
  const { times } = factsOf(reading.lines);
  const baking = times.find(({ purpose }) => purpose === 'baking');
  const total = times.find(({ purpose }) => purpose === 'total');
  const count = reading.yield?.count;
  return {
    '@type': 'Recipe',
    name: recipe.title ?? reading.title ?? untitled,
    ...(author !== null && { author: { '@type': 'CreativeWork', name: author } }),
    ...(reading.yield && {
      recipeYield: count
        ? `${midpoint(count).toFraction(true)} ${reading.yield.noun}`.trim()
        : reading.yield.written.trim(),
    }),
    ...(baking && { cookTime: isoDuration(baking.maxMinutes) }),
    ...(total && { totalTime: isoDuration(total.maxMinutes) }),
    recipeIngredient: ingredients,
    recipeInstructions: instructionsOf(reading.lines),
    // The recipe word for word, so that it comes back the same.
    additionalProperty: {
      '@type': 'PropertyValue',
      propertyID: OWN_PROPERTY,
      value: { ...settingsOf(recipe), text },
    },
  };
}

/** Recipes as a schema.org document: one by itself, several as a graph. */
export function writeJsonLd(
  recipes: readonly RecipeFile[],
  shelf: Shelf,
  words: RecipeWords,
): string {
  const nodes = recipes.map((recipe) => nodeOf(recipe, shelf, words));
  const context = { '@context': 'https://schema.org' };
  const document =
    nodes.length === 1 ? { ...context, ...nodes[0] } : { ...context, '@graph': nodes };
  return `${JSON.stringify(document, null, 2)}\n`;
}
