import { BOOK_WORDS, RECIPE_WORDS } from '@ypsigram/contract';
import { readRecipeFile } from '@ypsigram/core/formats';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { startTestServer, type TestServer } from '../../../testing/test-server.js';

const OATS =
  'Oat slabs\nMakes 12\n\n3 cups rolled oats\n1 cup all-purpose flour\n2 eggs\n\nMethod\nBake for 20 minutes.';
const SLY = 'Buns </script><script>hurt()</script>\n\n2 cups <b>flour</b>\n1 tsp salt';
const FORMULA = 'Plum jam\n\n1 kg plums\n1 kg sugar\n\nMethod\nBoil, fill into jars and seal.';

describe('a book of recipes', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer(() => new Date('2026-03-07T10:00:00Z'));
  });
  afterEach(() => server.close());

  const add = async (text: string, factor = '1'): Promise<string> => {
    const { body } = await server.http
      .post('/api/recipes')
      .send({ text, standard: 'us-customary', batch: { by: 'factor', factor } })
      .expect(201);
    return (body as { id: string }).id;
  };
  const book = async (query = ''): Promise<string> =>
    (await server.http.get(`/api/exports/book${query}`).expect(200)).text;

  it('has a title page, contents, a card for each batch, an index and a chart', async () => {
    await add(OATS, '3/2');
    const page = await book('?title=Saturday');
    expect(page).toContain('<h1>Saturday</h1>');
    expect(page).toContain(BOOK_WORDS.made(1, '7 March 2026'));
    for (const heading of [BOOK_WORDS.contents, BOOK_WORDS.index, BOOK_WORDS.chart]) {
      expect(page).toContain(heading);
    }
    expect(page.match(/data-factor="/g)!.length).toBe(5);
    // The saved batch is the one that shows: 3 cups of oats are 243 g, one and a half times.
    const shown = /data-factor="3\/2"\s*>[^]*?<\/table>/.exec(page)![0];
    expect(shown).toContain('makes 18');
    expect(shown).toContain('365 g');
    expect(page.match(/data-factor="[^"]+"\s+hidden/g)!.length).toBe(4);
  });

  it('weighs in every batch what a plan of it weighs', async () => {
    const id = await add(OATS);
    const page = await book();
    for (const factor of ['1/2', '2', '3']) {
      const { body } = await server.http
        .post('/api/plans')
        .send({ recipeId: id, batch: { by: 'factor', factor } })
        .expect(200);
      const ledger = page.split(`data-factor="${factor}"`)[1]!.split('</table>')[0]!;
      for (const { weight } of (body as { lines: { weight: { shown: string } | null }[] }).lines) {
        if (weight) expect(ledger).toContain(weight.shown);
      }
    }
  });

  it('runs nothing that stands in a recipe, and nothing from outside', async () => {
    await add(SLY);
    const { text: page, headers } = await server.http.get('/api/exports/book').expect(200);
    const policy = headers['content-security-policy']!;
    const nonce = /script-src '(nonce-[^']+)'/.exec(policy)![1]!;
    expect(policy).toContain("default-src 'none'");
    expect(page).toContain(`nonce="${nonce.replace('nonce-', '')}"`);
    expect(page).not.toContain('<script>hurt');
    expect(page).not.toContain('<b>flour');
    expect(page).not.toMatch(/(?:src|href)="https?:/);
  });

  it('comes in again as it went out, also as a file', async () => {
    for (const text of [OATS, SLY]) await add(text, '2');
    const file = await server.http.get('/api/exports/book?download=1').expect(200);
    expect(file.headers['content-disposition']).toContain('recipe-book.html');
    expect(file.text).not.toContain(BOOK_WORDS.save);
    const { recipes, problems } = readRecipeFile('b.html', file.text, RECIPE_WORDS, BUILT_IN_SHELF);
    expect(problems).toEqual([]);
    expect(recipes.map(({ text }) => text).sort()).toEqual([OATS, SLY].sort());
    expect(recipes.map(({ factor }) => factor)).toEqual(['2', '2']);
  });

  it('is for other cups and other paper where that is asked for', async () => {
    await add(OATS);
    const page = await book('?paper=a5&cups=metric&chart=1');
    expect(page).toContain('size: A5');
    expect(page).toContain('paper=letter');
    // A cup of rolled oats is 81 g in a US cup, 86 in a metric one.
    expect(page.split(BOOK_WORDS.chartNote('Metric'))[1]).toMatch(/Rolled oats[^]*?>\s*86 /);
    expect(await book('?chart=0')).not.toContain(BOOK_WORDS.chart);
  });

  it('says how its sheets are folded where they are', async () => {
    await add(OATS);
    expect(await book('?paper=a5')).not.toContain(BOOK_WORDS.howToFold);
    const page = await book('?paper=a5-folded');
    expect(page).toContain(BOOK_WORDS.howToFold);
    expect(page).toContain('size: A4 landscape');
  });

  it('keeps a preserve as it is written', async () => {
    await add(FORMULA);
    const page = await book('?chart=0');
    expect(page).toContain('Plum jam');
    expect(page.match(/data-factor="/g)!.length).toBeGreaterThanOrEqual(1);
  });

  it('is refused in a sentence where there is nothing for it, or too much is named', async () => {
    await server.http.get('/api/exports/book').expect(404);
    await server.http.get('/api/exports/book?paper=b5').expect(400);
    await server.http
      .get(`/api/exports/book?ids=${Array(101).fill('0'.repeat(36)).join(',')}`)
      .expect(400);
  });
});
