import {
  USUAL_KITCHEN,
  type ImportReply,
  type PlanReply,
  type Problem,
  type TrialDraft,
  type TrialRecord,
} from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const GREBE = '00000000-0000-4000-8000-000000000001';
const CUP = 236.5882365;
const FLOUR: TrialDraft = {
  handId: GREBE,
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: CUP,
  grams: 130,
  at: '2026-03-14T09:30:00Z',
  source: 'typed',
};

describe('trials', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer();
    const hands = [{ id: GREBE, name: 'Grebe' }];
    await server.http
      .put('/api/kitchen')
      .send({ ...USUAL_KITCHEN, hands, handId: GREBE })
      .expect(200);
  });
  afterEach(() => server.close());

  const add = async (change: Partial<TrialDraft> = {}): Promise<TrialRecord> =>
    (
      await server.http
        .post('/api/trials')
        .send({ ...FLOUR, ...change })
        .expect(201)
    ).body as TrialRecord;
  const list = async (query = ''): Promise<TrialRecord[]> =>
    ((await server.http.get(`/api/trials${query}`).expect(200)).body as { items: TrialRecord[] })
      .items;
  const importCsv = async (text: string, query = ''): Promise<ImportReply> =>
    (
      await server.http
        .post(`/api/trials/csv${query}`)
        .set('Content-Type', 'text/csv')
        .send(text)
        .expect(200)
    ).body as ImportReply;

  it('are planned by anew when others take their place with the same sum and count', async () => {
    const plan = async (): Promise<PlanReply['lines'][number]> => {
      const { body } = await server.http
        .post('/api/plans')
        .send({ text: '2 cups all-purpose flour', batch: { by: 'factor', factor: '1' } })
        .expect(200);
      return (body as PlanReply).lines[0]!;
    };
    const first = await add({ grams: 100 });
    await add({ grams: 140 });
    await add({ grams: 150 });
    const before = await plan();
    await server.http.delete(`/api/trials/${first.id}`).expect(204);
    await add({ grams: 100, tool: '1/2 cup', millilitres: CUP / 2 });
    const after = await plan();
    expect(after.measure).not.toEqual(before.measure);
  });

  it('are kept, listed by time, and found by ingredient', async () => {
    await add({ at: '2026-03-15T09:30:00Z', grams: 131 });
    await add();
    await add({ ingredientId: 'honey', method: 'poured' });
    expect((await list()).map(({ grams }) => grams)).toEqual([130, 130, 131]);
    expect((await list('?ingredientId=honey')).length).toBe(1);
    expect((await list(`?handId=${GREBE}`)).length).toBe(3);
  });

  it('are deleted and brought back', async () => {
    const { id } = await add();
    await server.http.delete(`/api/trials/${id}`).expect(204);
    expect(await list()).toEqual([]);
    await server.http.delete(`/api/trials/${id}`).expect(404);
    await server.http.post(`/api/trials/${id}/restore`).expect(200);
    expect((await list()).length).toBe(1);
  });

  it('are set aside, and a stale change is refused with the newer one', async () => {
    const { id, revision } = await add();
    const change = { ...FLOUR, verdict: 'aside', revision };
    await server.http.put(`/api/trials/${id}`).send(change).expect(200);
    const { body } = await server.http.put(`/api/trials/${id}`).send(change).expect(409);
    expect((body as { theirs: TrialRecord }).theirs.verdict).toBe('aside');
  });

  it('change what that hand fills, from the third that counts', async () => {
    const planned = async (change: object = {}): Promise<PlanReply['lines'][number]['measure']> => {
      const request = { text: '2 cups flour', batch: { by: 'factor', factor: '1' }, ...change };
      const { body } = await server.http.post('/api/plans').send(request).expect(200);
      return (body as PlanReply).lines[0]!.measure;
    };
    await add({ grams: 138 });
    await add({ grams: 140 });
    expect((await planned())?.basis).toBe('reference');
    const third = await add({ grams: 142 });
    const measure = await planned();
    expect(measure?.basis).toBe('hand');
    expect(measure?.source).toEqual({ from: 'hand', hand: 'Grebe', trials: 3 });
    expect(measure?.millilitres).toBeCloseTo((250 / 140) * CUP, 6);
    expect((await planned({ hand: null }))?.basis).toBe('reference');
    await server.http.delete(`/api/trials/${third.id}`).expect(204);
    expect((await planned())?.basis).toBe('reference');
  });

  it('need a hand that measures here, for plans too', async () => {
    const stranger = '00000000-0000-4000-8000-000000000009';
    const { body } = await server.http
      .post('/api/trials')
      .send({ ...FLOUR, handId: stranger })
      .expect(400);
    expect((body as Problem).field).toBe('handId');
    const plan = { text: '1 cup flour', batch: { by: 'factor', factor: '1' }, hand: stranger };
    await server.http.post('/api/plans').send(plan).expect(400);
  });

  const refused: readonly [string, object, string][] = [
    ['a weight of nothing', { grams: 0 }, 'grams'],
    ['words for a weight', { grams: 'much' }, 'grams'],
    ['a day that is none', { at: 'yesterday' }, 'at'],
    ['a method that is none', { method: 'thrown' }, 'method'],
    ['no tool', { tool: ' ' }, 'tool'],
    ['an ingredient that nobody knows', { ingredientId: 'moon-dust' }, 'ingredientId'],
  ];
  for (const [what, change, field] of refused) {
    it(`refuse ${what}`, async () => {
      const { body } = await server.http
        .post('/api/trials')
        .send({ ...FLOUR, ...change })
        .expect(400);
      expect((body as Problem).field).toBe(field);
    });
  }

  describe('as a table', () => {
    it('come back as they went out', async () => {
      await add({ conditions: '=1+1', grams: 130.25 });
      await add({ at: '2026-03-15T09:30:00Z', verdict: 'aside', form: 'x, "y"' });
      const before = await list();
      const { text } = await server.http.get('/api/trials/csv').expect(200);
      for (const { id } of before) await server.http.delete(`/api/trials/${id}`).expect(204);
      const reply = await importCsv(text);
      expect(reply.ready).toBe(2);
      expect(reply.problems).toEqual([]);
      const said = (trials: TrialRecord[]) =>
        trials.map((trial) => ({ ...trial, id: '', importId: null }));
      expect(said(await list())).toEqual(said(before));
      expect(text).toContain(`'=1+1`);
    });

    const HEAD = 'hand,ingredient_id,method,tool,millilitres,grams,at';
    const row = (grams: string, hand = 'Grebe'): string =>
      `${hand},flour-wheat-all-purpose,spooned,1 cup,"236,59",${grams},2026-03-1${grams.slice(0, 1)}T08:00:00Z`;

    it('report a bad row by its number and offer the rest', async () => {
      const text = [HEAD, row('130'), row('heavy'), row('231'), row('140', 'Coot')].join('\n');
      const preview = await importCsv(text, '?dryRun=1');
      expect(preview.ready).toBe(2);
      expect(preview.problems.map(({ row: number }) => number)).toEqual([3, 5]);
      expect(preview.problems[1]?.message).toContain('There is no hand of that name');
      expect(await list()).toEqual([]);
      expect((await importCsv(text)).ready).toBe(2);
      expect((await list()).length).toBe(2);
    });

    it('come in once, however often they are sent', async () => {
      const text = [HEAD, row('130')].join('\n');
      await importCsv(text);
      const again = await importCsv(text);
      expect(again).toEqual({ ready: 0, known: 1, problems: [], importId: null });
    });

    it('can be taken back whole', async () => {
      await add();
      const { importId } = await importCsv([HEAD, row('130'), row('231')].join('\n'));
      await server.http.delete(`/api/trials/imports/${importId}`).expect(204);
      expect((await list()).length).toBe(1);
      await server.http.delete(`/api/trials/imports/${importId}`).expect(404);
    });

    it('are refused when they are none', async () => {
      expect((await importCsv('Dear baker')).problems[0]?.message).toContain('not a table');
      expect((await importCsv('')).ready).toBe(0);
      expect((await importCsv('hand,grams\nGrebe,1')).problems[0]?.message).toContain('missing');
      await server.http.post('/api/trials/csv').send({ rows: [] }).expect(415);
      await server.http
        .post('/api/trials/csv')
        .set('Content-Type', 'text/csv')
        .send('x'.repeat(6 * 1024 * 1024))
        .expect(413);
    });
  });
});
