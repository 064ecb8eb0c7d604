import { escapeUTF8 as escaped } from 'entities';
import { PAGE_RECIPES, type PageRecipe } from './recipes.js';

/** A page of the stand-in web. */
export interface StandInPage {
  readonly title: string;
  readonly path: string;
  readonly html: string;
}

const elements = (tag: string, texts: readonly string[], attributes = ''): string =>
  texts.map((text) => `<${tag}${attributes}>${escaped(text)}</${tag}>`).join('\n');

/** What stands on every page around its recipe, as on any page of the web. */
const around = (
  { title, language }: PageRecipe,
  head: string,
  body: string,
): string => `<!doctype html>
<html lang="${language}"><head><meta charset="utf-8"><title>${escaped(title)} – from the towpath</title>
${head}<style>body{font-family:sans-serif}</style></head>
<body><nav><a href="/">Home</a> <a href="/about">About the boat</a></nav>
${body}
<aside><h2>You may like</h2><p>2 cups of tea</p></aside>
<footer>All recipes made up.</footer></body></html>`;

const asLinkedData = (recipe: PageRecipe): string => {
  const { title, author, makes, minutes, ingredients, steps } = recipe;
  const data = {
    '@context': 'https://schema.org',
    '@graph': [
      { '@type': 'WebSite', name: 'From the towpath' },
      {
        '@type': ['Recipe'],
        name: title,
        author: [{ '@type': 'Person', name: author }],
        recipeYield: [makes],
        totalTime: `PT${minutes}M`,
        recipeIngredient: ingredients,
        recipeInstructions: steps.map((text) => ({ '@type': 'HowToStep', text: `${text}.` })),
      },
    ],
  };
  const script = JSON.stringify(data).replaceAll('<', '\\u003c');
  return around(
    recipe,
    `<script type="application/ld+json">${script}</script>`,
    `<main><h1>${escaped(title)}</h1><p>The story of this recipe is long.</p></main>`,
  );
};

const asMicrodata = (recipe: PageRecipe): string => {
  const { title, author, makes, minutes, ingredients, steps } = recipe;
  return around(
    recipe,
    '',
    `<article itemscope itemtype="http://schema.org/Recipe"><h1 itemprop="name">${escaped(title)}</h1>
<p>by <span itemprop="author">${escaped(author)}</span>, <span itemprop="recipeYield">${escaped(makes)}</span>
<time itemprop="totalTime" datetime="PT${minutes}M">${minutes} minutes</time></p>
<ul>${elements('li', ingredients, ' itemprop="recipeIngredient"')}</ul>
<ol itemprop="recipeInstructions">${elements('li', steps)}</ol></article>`,
  );
};

const HEADINGS = {
  en: ['Ingredients', 'Method', 'Makes'],
  de: ['Zutaten', 'Zubereitung', 'Ergibt'],
  fr: ['Ingrédients', 'Préparation', 'Pour'],
} as const;

const asPlainText = (recipe: PageRecipe): string => {
  const [list, method, makes] = HEADINGS[recipe.language];
  return around(
    recipe,
    '',
    `<main><h1>${escaped(recipe.title)}</h1><p>${makes} ${escaped(recipe.makes)}</p>
<h2>${list}</h2><ul>${elements('li', recipe.ingredients)}</ul>
<h2>${method}</h2>${elements('p', recipe.steps)}</main>`,
  );
};

/** The pages tell of their recipe in turn: in linked data, in marks, in nothing but their text. */
const WAYS = [asLinkedData, asMicrodata, asPlainText] as const;

export const PAGES: readonly StandInPage[] = PAGE_RECIPES.map((recipe, index) => ({
  title: recipe.title,
  path: recipe.path,
  html: WAYS[index % WAYS.length]!(recipe),
}));
