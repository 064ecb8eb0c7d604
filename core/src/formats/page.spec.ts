import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readRecipeFile } from './index.js';

const WORDS = {
  untitled: 'Untitled recipe',
  serves: (count: string) => `Serves ${count}`,
  makes: (what: string) => `Makes ${what}`,
};
const read = (page: string) => readRecipeFile('saved.html', page, WORDS, BUILT_IN_SHELF);
const textsOf = (page: string): string[] => read(page).recipes.map(({ text }) => text);

const MARKED = `<!doctype html><html><body>
<div itemscope itemtype="https://schema.org/Recipe">
  <h1 itemprop="name">Rye &amp; honey crispbread</h1>
  by <span itemprop="author" itemscope itemtype="https://schema.org/Person"
    ><span itemprop="name">Coot</span></span>
  <time itemprop="totalTime" datetime="PT1H10M">a good hour</time>
  <meta itemprop="recipeYield" content="12 sheets">
  <ul><li itemprop="recipeIngredient">2 cups <b>dark rye</b> flour
  <li itemprop="recipeIngredient">1 tbsp honey</ul>
  <div itemprop="recipeInstructions"><p>Mix.</p><p>Roll thin.</p><script>hurt()</script></div>
</div></body></html>`;

describe('a web page', () => {
  it('that marks its recipe in the text is read by the marks', () => {
    expect(textsOf(MARKED)).toEqual([
      'Rye & honey crispbread\nMakes 12 sheets\nTotal: 1 hour 10 minutes\n\n2 cups dark rye flour\n1 tbsp honey\n\nMethod\nMix.\nRoll thin.',
    ]);
    expect(read(MARKED).recipes[0]!.author).toBe('Coot');
  });

  it('with linked data goes by that, whatever is marked besides', () => {
    const linked = { '@type': 'Recipe', name: 'Slabs', recipeIngredient: ['3 cups oats'] };
    const both = MARKED.replace(
      '<body>',
      `<body><script type="application/ld+json">${JSON.stringify(linked)}</script>`,
    );
    expect(textsOf(both)).toEqual(['Slabs\n\n3 cups oats']);
  });

  it('without either is read as a person reads it, without its menus and its foot', () => {
    const page = `<html><head><title>x</title></head><body><nav><a>Home</a></nav>
      <main><p>You are here</p><h1>Oat slabs</h1><ul><li>3 cups rolled oats</li>
      <li>1&nbsp;1/2 cups flour<li>½ cup <em>honey</em></ul><p>Bake.<br>Cut.</p>
      <form>Tell me more <input></form></main>
      <aside>2 cups of offers</aside><footer>All rights</footer></body></html>`;
    expect(textsOf(page)).toEqual([
      'Oat slabs\n3 cups rolled oats\n1 1/2 cups flour\n½ cup honey\nBake.\nCut.',
    ]);
  });

  it('keeps lines of a table together, and takes the whole page where its main part is empty', () => {
    const page = `<html><body><main>Loading</main><h1>Buns</h1><table>
      <tr><td>2 cups</td> <td>flour</td></tr><tr><td>1 tsp</td> <td>salt</td></tr></table></body></html>`;
    expect(textsOf(page)).toEqual(['Buns\n2 cups flour\n1 tsp salt']);
  });

  it('about something else holds no recipe', () => {
    const { recipes, problems } = read(
      '<html><body><h1>Opening hours</h1><p>9 to 5</p></body></html>',
    );
    expect(recipes).toEqual([]);
    expect(problems).toEqual([{ code: 'no-recipe', format: 'html' }]);
  });

  it('that nests without end, or never closes a thing, is read all the same', () => {
    const deep = `<html>${'<div itemscope itemprop="a">'.repeat(50_000)}`;
    expect(read(deep).problems.map(({ code }) => code)).toContain('no-recipe');
    expect(textsOf(MARKED.slice(0, MARKED.indexOf('<div itemprop')))[0]).toContain('1 tbsp honey');
  });
});
