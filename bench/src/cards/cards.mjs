// Made-up recipe cards and pages as pictures, as a telephone or a scanner takes them: faces, papers,
// light, a turned page, hard compression. Nothing is kept: they are drawn anew for each run.
import { PAGE_RECIPES } from '../../../server/dist/devices/stand-in-web/recipes.js';

const WIDTH = 1600;
const HEIGHT = 2200;

/** How a card looks; `hard` ones are what a person would call a bad photo. */
const LOOKS = [
  { name: 'print', face: "'Liberation Serif'", size: 44 },
  { name: 'sans', face: "'DejaVu Sans'", size: 38, signs: true },
  { name: 'typewriter', face: "'Liberation Mono'", size: 38, isTyped: true },
  {
    name: 'cream',
    face: "'DejaVu Serif'",
    size: 38,
    paper: '#efe2c0',
    ink: '#4a3b28',
    signs: true,
  },
  { name: 'columns', face: "'Liberation Sans'", size: 34, columns: 2 },
  {
    name: 'turned',
    face: "'Liberation Serif'",
    size: 42,
    turn: 3,
    signs: true,
    isHard: true,
  },
  { name: 'shadow', face: "'DejaVu Serif'", size: 36, paper: '#e9e0cc', light: true, isHard: true },
  {
    name: 'hard',
    face: "'Liberation Mono'",
    size: 32,
    paper: '#e8dcc0',
    ink: '#5b4c3a',
    light: true,
    turn: -2,
    quality: 60,
    isTyped: true,
    isHard: true,
  },
  {
    name: 'small',
    face: "'Liberation Sans'",
    size: 27,
    columns: 2,
    turn: 1.5,
    quality: 60,
    light: true,
    signs: true,
    isHard: true,
  },
];
const HEADINGS = {
  en: ['Ingredients', 'Method', 'Makes'],
  de: ['Zutaten', 'Zubereitung', 'Ergibt'],
  fr: ['Ingrédients', 'Préparation', 'Pour'],
};
const SIGNS = { '1/2': '½', '1/3': '⅓', '2/3': '⅔', '1/4': '¼', '3/4': '¾' };

const signed = (line) =>
  line.replace(
    /(\d+ )?\b(1\/2|1\/3|2\/3|1\/4|3\/4)\b/g,
    (_, whole, part) => `${(whole ?? '').trim()}${SIGNS[part]}`,
  );

const escaped = (text) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

function htmlOf({ recipe, look, ingredients }) {
  const [list, method, makes] = HEADINGS[recipe.language];
  const {
    face,
    size,
    paper = '#fdfdfb',
    ink = '#1c1c1c',
    columns = 1,
    turn = 0,
    light = false,
  } = look;
  const shadow = light
    ? 'background: linear-gradient(115deg, rgb(0 0 0 / 0.42), rgb(0 0 0 / 0.05) 45%, rgb(255 255 255 / 0.12) 60%, rgb(0 0 0 / 0.3))'
    : '';
  return `<!doctype html><meta charset="utf-8"><style>
    body { margin: 0; width: ${WIDTH}px; height: ${HEIGHT}px; background: ${turn ? '#7d6a55' : paper}; overflow: hidden; position: relative }
    .card { box-sizing: border-box; width: ${turn ? WIDTH - 180 : WIDTH}px; height: ${turn ? HEIGHT - 200 : HEIGHT}px; margin: ${turn ? '100px 90px' : 0};
      padding: 110px 120px; background: ${paper}; color: ${ink}; font: ${size}px/1.45 ${face}; transform: rotate(${turn}deg) }
    .light { position: absolute; inset: 0; ${shadow} }
    h1 { font-size: 1.6em; margin: 0 0 .4em } h2 { font-size: 1.15em; margin: 1em 0 .3em } p { margin: 0 }
    .body { columns: ${columns}; column-gap: 90px } .part { break-inside: avoid }
  </style><div class="card"><h1>${escaped(recipe.title)}</h1><p>${makes} ${escaped(recipe.makes)}</p>
  <div class="body"><div class="part"><h2>${list}</h2>${ingredients.map((line) => `<p>${escaped(line)}</p>`).join('')}</div>
  <div class="part"><h2>${method}</h2>${recipe.steps.map((step) => `<p>${escaped(step)}.</p>`).join('')}</div></div></div><div class="light"></div>`;
}

/** What is drawn: 60 cards, every recipe in three looks. */
export const CARDS = PAGE_RECIPES.flatMap((recipe, at) =>
  [0, 1, 2].map((turn) => {
    const look = LOOKS[(at * 3 + turn * 4 + turn) % LOOKS.length];
    const ingredients = look.signs ? recipe.ingredients.map(signed) : recipe.ingredients;
    return { name: `${look.name} ${recipe.path.slice(1)}`, recipe, look, ingredients };
  }),
);

/** A figure from 0 to 1 that is the same at every run (mulberry32). */
function random(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

const FACES = [
  "'Liberation Serif'",
  "'Liberation Sans'",
  "'Liberation Sans Narrow'",
  "'DejaVu Serif Condensed'",
  "'DejaVu Sans'",
];
const PAPERS = ['#ffffff', '#f6eed6', '#e6e6e2', '#f3dfc1'];

/** Cards that nothing was tuned to: every look is drawn by lot. */
export function cardsByLot(seed) {
  const next = random(seed);
  const oneOf = (list) => list[Math.floor(next() * list.length)];
  return PAGE_RECIPES.map((recipe) => {
    const look = {
      name: 'by lot',
      face: oneOf(FACES),
      size: 28 + Math.round(next() * 20),
      paper: oneOf(PAPERS),
      ink: oneOf(['#111111', '#333a55', '#4a3b28']),
      columns: next() < 0.3 ? 2 : 1,
      turn: Math.round((next() * 8 - 4) * 10) / 10,
      light: next() < 0.5,
      quality: 45 + Math.round(next() * 45),
      signs: next() < 0.6,
    };
    const ingredients = look.signs ? recipe.ingredients.map(signed) : recipe.ingredients;
    return { name: `by lot ${recipe.path.slice(1)}`, recipe, look, ingredients };
  });
}

/** A card as a JPEG. */
export async function drawCard(page, card) {
  await page.setViewportSize({ width: WIDTH, height: HEIGHT });
  await page.setContent(htmlOf(card));
  return page.screenshot({ type: 'jpeg', quality: card.look.quality ?? 90 });
}
