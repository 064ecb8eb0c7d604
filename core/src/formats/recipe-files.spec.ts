import { BUILT_IN_SHELF } from '../shelf/index.js';
import { USUAL_BALANCE } from '../batch/index.js';
import fc from 'fast-check';
import type { RecipeFile } from './recipe-file.js';
import { EXPORT_FORMATS, readRecipeFile, writeRecipeFile, type RecipeWords } from './index.js';
import { DEEPEST } from './recipe-nodes.js';

const WORDS: RecipeWords = {
  untitled: 'Untitled recipe',
  serves: (count) => `Serves ${count}`,
  makes: (what) => `Makes ${what}`,
};

const KNOTS: RecipeFile = {
  title: 'Salt knots, for Saturdays',
  text: 'Salt knots\nMakes 12\n\nFor the dough:\n3 cups bread flour\n- 1 tbsp "kosher" salt\n=1+1\n\nMethod\nHeat the oven to 180 °C.\nBake 25 to 30 minutes.\n',
  author: 'The blue binder',
  standard: 'australian',
  factor: '3/2',
  methods: { 1: 'dipped' },
  balance: { ...USUAL_BALANCE, strictness: 'strict', lines: { 1: { grams: 210 } } },
  answers: [
    {
      note: 'kind-ambiguous',
      name: 'kosher salt',
      word: null,
      written: '- 1 tbsp "kosher" salt',
      reading: { ingredientId: 'salt-coarse-dense' },
    },
  ],
  proven: { 4: 520.25 },
};
const PLAIN: RecipeFile = {
  title: null,
  text: '# Rye crispbread\n2 cups rye flour',
  author: null,
  standard: null,
  factor: null,
  methods: null,
  balance: null,
  answers: null,
  proven: null,
};

const codes = (content: string, name = 'a.txt'): string[] =>
  readRecipeFile(name, content, WORDS, BUILT_IN_SHELF).problems.map(({ code }) => code);
const texts = (content: string, name = 'a.txt'): string[] =>
  readRecipeFile(name, content, WORDS, BUILT_IN_SHELF).recipes.map(({ text }) => text);

describe('recipes out and in again', () => {
  for (const format of EXPORT_FORMATS.filter((one) => one !== 'text')) {
    it(`come back the same through ${format}`, () => {
      for (const recipes of [[KNOTS], [PLAIN], [KNOTS, PLAIN, KNOTS]]) {
        const { recipes: back, problems } = readRecipeFile(
          '',
          writeRecipeFile(format, recipes, BUILT_IN_SHELF, WORDS),
          WORDS,
          BUILT_IN_SHELF,
        );
        expect(problems).toEqual([]);
        expect(back as unknown).toEqual(recipes);
      }
    });

    it(`come back the same through ${format}, whatever is written in them`, () => {
      const text = fc
        .array(fc.string({ unit: 'grapheme', maxLength: 20 }), { minLength: 1, maxLength: 6 })
        .map((lines) => lines.join('\n'))
        .filter((written) => written.trim() !== '');
      fc.assert(
        fc.property(fc.array(text, { minLength: 1, maxLength: 3 }), (written) => {
          const recipes = written.map((one) => ({ ...PLAIN, text: one }));
          const back = readRecipeFile(
            '',
            writeRecipeFile(format, recipes, BUILT_IN_SHELF, WORDS),
            WORDS,
            BUILT_IN_SHELF,
          ).recipes;
          expect(back.map((one) => one.text)).toEqual(written);
        }),
        { numRuns: 150 },
      );
    });
  }

  it('keep their texts in plain text', () => {
    const written = writeRecipeFile('text', [KNOTS, PLAIN], BUILT_IN_SHELF, WORDS);
    expect(texts(written)).toEqual([KNOTS.text, PLAIN.text]);
  });

  it('give other programs the parts that they look for', () => {
    const node = JSON.parse(writeRecipeFile('json-ld', [KNOTS], BUILT_IN_SHELF, WORDS)) as Record<
      string,
      unknown
    >;
    expect(node['@type']).toBe('Recipe');
    expect(node['name']).toBe('Salt knots, for Saturdays');
    expect(node['recipeYield']).toBe('12');
    expect(node['cookTime']).toBe('PT30M');
    expect(node['recipeIngredient']).toContain('3 cups bread flour');
    expect(JSON.stringify(node['recipeInstructions'])).toContain('Heat the oven');
  });

  it('list the ingredients of a line once, and of a paragraph one by one without its steps', () => {
    const listed = (text: string): unknown => {
      const written = writeRecipeFile('json-ld', [{ ...PLAIN, text }], BUILT_IN_SHELF, WORDS);
      return (JSON.parse(written) as Record<string, unknown>)['recipeIngredient'];
    };
    expect(listed('Buns\n1 cup milk\n1 cup sugar, 2 eggs')).toEqual([
      '1 cup milk',
      '1 cup sugar, 2 eggs',
    ]);
    expect(listed('Buns\n2 cups flour, 1 cup sugar, 2 eggs, 1 cup milk. Mix and bake.')).toEqual([
      '2 cups flour',
      '1 cup sugar',
      '2 eggs',
      '1 cup milk',
    ]);
  });

  it('carry nothing into a spreadsheet that it would run', () => {
    const csv = writeRecipeFile(
      'csv',
      [{ ...PLAIN, text: '=HYPERLINK("x")' }],
      BUILT_IN_SHELF,
      WORDS,
    );
    expect(csv).toContain("'=HYPERLINK");
    expect(texts(csv)).toEqual(['=HYPERLINK("x")']);
  });
});

describe('linked data', () => {
  const RECIPE = {
    '@context': 'https://schema.org/',
    '@type': 'Recipe',
    name: 'Pear &amp; polenta tin',
    author: { '@type': 'Person', name: 'Coot' },
    recipeYield: ['8', '8 slices'],
    prepTime: 'PT20M',
    totalTime: 'PT1H5M',
    recipeIngredient: ['200 g polenta', '<b>3</b> eggs', ' 1 ripe pear '],
    recipeInstructions: [
      {
        '@type': 'HowToSection',
        name: 'Batter',
        itemListElement: [{ '@type': 'HowToStep', text: '1. Whisk.' }],
      },
      { '@type': 'HowToStep', text: 'Bake.' },
    ],
  };
  const READ = [
    'Pear & polenta tin',
    'Makes 8 slices',
    'Preparation: 20 minutes | Total: 1 hour 5 minutes',
    '',
    '200 g polenta',
    '3 eggs',
    '1 ripe pear',
    '',
    'Method',
    'Batter:',
    'Whisk.',
    'Bake.',
  ].join('\n');

  it('is read alone, in a list, in a graph, as the main thing of a page', () => {
    for (const document of [
      RECIPE,
      [RECIPE],
      { '@graph': [{ '@type': 'WebPage' }, { ...RECIPE, '@type': ['Recipe', 'NewsArticle'] }] },
      { '@type': 'WebPage', mainEntity: RECIPE },
      { '@type': 'ItemList', itemListElement: [{ item: RECIPE }] },
      { ...RECIPE, '@type': 'https://schema.org/Recipe' },
    ]) {
      expect(texts(JSON.stringify(document))).toEqual([READ]);
    }
    const { recipes } = readRecipeFile('', JSON.stringify([RECIPE, RECIPE]), WORDS, BUILT_IN_SHELF);
    expect(recipes.length).toBe(2);
    expect(recipes[0]!.author).toBe('Coot');
  });

  it('takes ingredients and instructions as one text as well', () => {
    const [text] = texts(
      JSON.stringify({
        '@type': 'Recipe',
        name: 'Oats',
        recipeYield: 4,
        recipeIngredient: '2 cups oats\n1 cup milk',
        recipeInstructions: '<p>Mix.</p><p>Bake.</p>',
      }),
    );
    expect(text).toBe('Oats\nServes 4\n\n2 cups oats\n1 cup milk\n\nMethod\nMix.\nBake.');
  });

  it('puts a named author in the place of its id, and goes in no circle', () => {
    const { recipes } = readRecipeFile(
      '',
      JSON.stringify({
        '@graph': [
          { '@id': '#coot', '@type': 'Person', name: 'Coot', knows: { '@id': '#coot' } },
          { ...RECIPE, author: { '@id': '#coot' }, isPartOf: { '@id': '#me' }, '@id': '#me' },
        ],
      }),
      WORDS,
      BUILT_IN_SHELF,
    );
    expect(recipes.map(({ author }) => author)).toEqual(['Coot']);
  });

  it('is found in a saved page, of which nothing is run', () => {
    const page = `<!doctype html><html><head><title>x</title>
      <script>window.hurt = true</script>
      <script type="application/ld+json">${JSON.stringify(RECIPE)}</script></head>
      <body onload="hurt()"><img src="http://nowhere.invalid/x.png"></body></html>`;
    expect(texts(page, 'page.html')).toEqual([READ]);
    expect((globalThis as Record<string, unknown>)['hurt']).toBeUndefined();
    expect(codes('<html><body>nothing here</body></html>')).toEqual(['no-recipe']);
  });

  it('survives wrong types, and says what has nothing in it', () => {
    for (const value of [null, 3, {}, [null, {}], '', { '@type': 'HowToStep' }, [[[]]]]) {
      const document = {
        '@type': 'Recipe',
        name: 'Odd',
        recipeIngredient: value,
        recipeInstructions: value,
      };
      expect(() =>
        readRecipeFile('', JSON.stringify(document), WORDS, BUILT_IN_SHELF),
      ).not.toThrow();
    }
    expect(codes(JSON.stringify({ '@type': 'Recipe', name: 'Odd' }))).toEqual(['nothing-in-it']);
    expect(codes(JSON.stringify({ '@type': 'Person' }))).toEqual(['no-recipe']);
    expect(codes('{"@type": "Recipe", ')).toEqual(['broken-json']);
  });

  it('goes no deeper than a recipe ever is', () => {
    const deep = `${'{"a":'.repeat(DEEPEST * 3)}1${'}'.repeat(DEEPEST * 3)}`;
    expect(codes(deep)).toEqual(['too-deep']);
    const steps = `${'{"@type":"HowToSection","itemListElement":'.repeat(500)}"x"${'}'.repeat(500)}`;
    const recipe = `{"@type":"Recipe","name":"x","recipeIngredient":["1 egg"],"recipeInstructions":${steps}}`;
    expect(texts(recipe).length).toBe(1);
    for (const bomb of ['['.repeat(200_000), '{"a":['.repeat(50_000)]) {
      expect(codes(bomb)).toEqual(['broken-json']);
    }
    expect(codes(`${'['.repeat(100_000)}${']'.repeat(100_000)}`).length).toBe(1);
  });
});

describe('other files', () => {
  it('are said to be what they are', () => {
    expect(codes('')).toEqual(['empty']);
    expect(codes(' \n ')).toEqual(['empty']);
    expect(codes('%PDF-1.7\n1 0 obj\n')).toEqual(['binary']);
    expect(codes('PK\u0003\u0004 word/document.xml')).toEqual(['binary']);
    expect(texts('1 cup sugar\ufffd')).toEqual(['1 cup sugar\ufffd']);
    expect(codes('\u0000\u0001PNG\u0002\u0003'.repeat(50))).toEqual(['binary']);
    expect(codes('x'.repeat(10 * 1024 * 1024 + 1))).toEqual(['too-large']);
    expect(codes('{"format":"ypsigram-backup","version":1}')).toEqual(['a-backup']);
    expect(codes('a'.repeat(250_000))).toEqual(['too-long']);
  });

  it('come from a table with one ingredient to a row', () => {
    const csv = [
      'Recipe;Amount;Unit;Ingredient;Grams;Note',
      'Pear slabs;2;cups;flour;240;sifted',
      ';1/2;cup;butter;;',
      ';2;;eggs;;',
      ';;;;;',
      'Crispbread;;;rye flour;150;',
      ';;;a pinch of salt;;',
      ';3;tbsp;;;',
    ].join('\n');
    const { format, recipes, problems } = readRecipeFile('lines.csv', csv, WORDS, BUILT_IN_SHELF);
    expect(format).toBe('csv');
    expect(recipes.map(({ text }) => text)).toEqual([
      'Pear slabs\n\n2 cups (240 g) flour, sifted\n1/2 cup butter\n2 eggs',
      'Crispbread\n\n150 g rye flour\na pinch of salt',
    ]);
    expect(problems).toEqual([{ code: 'bad-table', row: 8, detail: 'empty' }]);
  });

  it('with a table of somebody else give a recipe to a row', () => {
    const csv =
      'Name,Servings,Ingredients,Directions\r\n"Oats",4,"2 cups oats\n1 cup milk","Mix.\nBake."\r\n"Rye",,"2 cups rye flour",\r\n"Short row"\r\n';
    const { recipes, problems } = readRecipeFile('mine.csv', csv, WORDS, BUILT_IN_SHELF);
    expect(recipes.map(({ text }) => text)).toEqual([
      'Oats\nServes 4\n\n2 cups oats\n1 cup milk\n\nMethod\nMix.\nBake.',
      'Rye\n\n2 cups rye flour',
    ]);
    expect(problems).toEqual([{ code: 'bad-table', row: 4, detail: 'cell-count' }]);
  });

  it('of Markdown are taken as they stand', () => {
    const text = '# Oats\n\n- 2 cups oats\n- 1 cup milk\n';
    expect(texts(text, 'oats.md')).toEqual([text]);
  });

  it('never throw, whatever is in them', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ unit: 'binary' }),
          fc.json(),
          fc.string().map((s) => `<html>${s}`),
        ),
        fc.constantFrom('a.txt', 'a.md', 'a.csv', 'a.html', 'a.json'),
        (content, name) => {
          const { recipes, problems } = readRecipeFile(name, content, WORDS, BUILT_IN_SHELF);
          expect(recipes.length + problems.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 300 },
    );
  });
});
