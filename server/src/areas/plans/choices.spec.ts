import type { PlanReply, Recipe } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const BUNS = `Lock buns
Makes 12 buns
500 g bread flour
300 g water
10 g salt
2 large eggs`;

describe('plans with choices', () => {
  let server: TestServer;

  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  const plan = (body: object): ReturnType<typeof server.http.post> =>
    server.http.post('/api/plans').send(body);
  const byFactor = (factor: unknown): object => ({ by: 'factor', factor });

  it('go by what was decided of a line: pinned, of another kind, kept to a tool, weighed', async () => {
    const { body } = await plan({
      text: '2 cups all-purpose flour\n30 g fresh yeast\n1 cup sugar\n1/8 tsp salt\n1 tsp salt',
      batch: byFactor('2'),
      choices: {
        0: { grams: 240 },
        1: { instead: { ingredientId: 'yeast-instant', form: null } },
        2: { tools: ['1/4 cup'] },
        3: { weighed: true },
      },
    }).expect(200);
    const { lines } = body as PlanReply;
    expect(lines[0]?.weight?.shown).toBe('480 g');
    expect(lines[1]?.intended?.grams).toBeCloseTo(20, 9);
    expect(lines[1]?.substitute).toEqual(
      jasmine.objectContaining({ ingredientId: 'yeast-instant', gained: [], lost: [] }),
    );
    expect(lines[2]?.measure?.fills).toEqual([
      jasmine.objectContaining({ tool: '1/4 cup', count: 8 }),
    ]);
    expect(lines[3]).toEqual(jasmine.objectContaining({ isWeighed: true, within: null }));
  });

  it('keep what was decided with the recipe, and split what bowl or oven can not hold', async () => {
    const { body: saved } = await server.http
      .post('/api/recipes')
      .send({
        text: BUNS,
        balance: { strictness: 'strict', bowlMillilitres: 1000, lines: { 3: { grams: 12 } } },
      })
      .expect(201);
    const { id, balance } = saved as Recipe;
    expect(balance).toEqual({
      strictness: 'strict',
      kind: null,
      columns: 'both',
      lines: { 3: { grams: 12 } },
      bowlMillilitres: 1000,
      piecesPerLoad: null,
      baking: {},
      trying: null,
    });
    const { body } = await plan({ recipeId: id, batch: byFactor('2') }).expect(200);
    const { lines, loads } = body as PlanReply;
    expect(lines.find(({ written }) => written === '500 g bread flour')?.tolerance).toBe(0.005);
    expect(lines[3]?.intended?.grams).toBe(24);
    expect(loads).toEqual({ count: 4, gramsEach: jasmine.any(Number), limitedBy: 'bowl' });
    const without = await plan({
      recipeId: id,
      batch: byFactor('2'),
      choices: {},
      holds: {},
    }).expect(200);
    expect((without.body as PlanReply).loads).toBeNull();
  });

  it('advise what would mend a line that is off, in words', async () => {
    const { body } = await plan({
      text: '1/3 cup flour\n1 cup milk',
      batch: byFactor('1'),
      choices: { 0: { tools: ['1/2 cup'] } },
    }).expect(200);
    const { advice } = body as PlanReply;
    expect(advice[0]).toEqual(jasmine.objectContaining({ line: 0, mend: 'tools' }));
    expect(advice[0]?.message).toContain('% over with this tool alone');
  });

  const refused: readonly [string, object, number, string][] = [
    [
      'a line that is not there',
      { text: BUNS, batch: { by: 'factor', factor: '1' }, choices: { 99: { grams: 5 } } },
      422,
      'choices.99',
    ],
    [
      'a kind that takes no such place',
      {
        text: '1 cup milk',
        batch: { by: 'factor', factor: '1' },
        choices: { 0: { instead: { ingredientId: 'salt-table', form: null } } },
      },
      422,
      'choices.0.instead',
    ],
    [
      'a tool that is not in the drawer',
      {
        text: '1 cup milk',
        batch: { by: 'factor', factor: '1' },
        choices: { 0: { tools: ['silver ladle'] } },
      },
      422,
      'choices.0.tools',
    ],
    [
      'a pinned weight of nothing',
      { text: '1 cup milk', batch: { by: 'factor', factor: '1' }, choices: { 0: { grams: 0 } } },
      400,
      'choices.0.grams',
    ],
  ];
  for (const [what, body, status, field] of refused) {
    it(`refuse ${what}`, async () => {
      const reply = await plan(body).expect(status);
      expect(reply.type).toBe('application/problem+json');
      expect((reply.body as { field: string }).field).toBe(field);
    });
  }
});
