import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import type { ChanceReply, Kitchen as KitchenRecord, PlanReply } from '@ypsigram/contract';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { planBatch } from '@ypsigram/core/batch';
import { Fraction } from '@ypsigram/core/amount';
import { chanceLines, simulate } from '@ypsigram/core/chance';
import { readRecipe } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const TEXT = `Rounds
3 cups all-purpose flour
1 cup milk
1/4 cup honey
2 tsp baking powder
1 tsp table salt
1 cup moon dust`;
const BATCH = { by: 'factor', factor: '1' };

describe('chances', () => {
  let server: TestServer;
  const ask = async (more: object, status = 200): Promise<ChanceReply> => {
    const { body } = await server.http
      .post('/api/chances')
      .send({ text: TEXT, batch: BATCH, ...more })
      .expect(status);
    return body as ChanceReply;
  };

  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  it('are those of the same core with the same seed', async () => {
    const reply = await ask({ seed: 42, bakes: 3000 });
    const batch = { factor: new Fraction(1), shelf: BUILT_IN_SHELF, drawer: defaultDrawer() };
    const plan = planBatch(readRecipe(TEXT, USUAL_STANDARD, BUILT_IN_SHELF), batch);
    const here = simulate(
      chanceLines(plan, batch, () => 'measure'),
      { bakes: 3000, seed: 42, kind: reply.kind },
    );
    expect(reply.isKindGuessed).toBeTrue();
    expect(reply.good).toBe(here.good);
    expect(reply.ratios['water']?.deviation).toBe(here.ratios.water!.deviation);
    expect(await ask({ seed: 42, bakes: 3000 })).toEqual(reply);
  });

  it('leave out what has no weight, and say whose hand is assumed', async () => {
    const { leftOut, assumed, lines } = await ask({ bakes: 100 });
    const { body } = await server.http.post('/api/plans').send({ text: TEXT, batch: BATCH });
    const written = (body as PlanReply).lines.map((line) => line.written);
    expect(leftOut.map((index) => written[index])).toEqual(['1 cup moon dust']);
    expect(assumed.length).toBe(5);
    expect(lines.length).toBe(5);
  });

  it('rise by what is weighed, and the few lines for what is wanted are named', async () => {
    const sponge = { kind: 'airy', strictness: 'strict' };
    const measured = await ask({ ...sponge, wanted: 0.5 });
    const { pays } = measured;
    expect(pays?.isReached).toBeTrue();
    expect(pays!.weigh.length).toBeLessThan(5);
    const weighed = await ask({ ...sponge, weigh: pays!.weigh });
    expect(weighed.good).toBeGreaterThan(measured.good);
    expect(weighed.good).toBeGreaterThan(0.45);
    expect((await ask({ ...sponge, route: 'weigh' })).good).toBeGreaterThanOrEqual(weighed.good);
  });

  it('say what it would help to know better, where that is asked', async () => {
    expect((await ask({ bakes: 100 })).learn).toBeNull();
    const { learn } = await ask({ bakes: 100, learn: true });
    expect(learn?.tools.map(({ name }) => name)).toContain('1 cup');
    expect(learn?.hands.length).toBeGreaterThan(0);
    for (const { lines } of learn!.hands) expect(lines.length).toBeGreaterThan(0);
  });

  it('fall when a jug is read from above', async () => {
    const sponge = { kind: 'airy' };
    expect((await ask({ ...sponge, jug: 'above' })).good).toBeLessThan((await ask(sponge)).good);
  });

  it('blame a cup less once it was calibrated with water', async () => {
    const own = await startTestServer();
    const byTool = async (): Promise<number> => {
      const { body } = await own.http
        .post('/api/chances')
        .send({ text: TEXT, batch: BATCH })
        .expect(200);
      return (body as ChanceReply).baseMass.causes['tool']!;
    };
    const before = await byTool();
    const { body } = await own.http.get('/api/kitchen').expect(200);
    const { tools, ...rest } = body as KitchenRecord;
    const calibration = { grams: [236.1, 235.9, 236, 236.05], celsius: 20, grid: 0.1 };
    await own.http
      .put('/api/kitchen')
      .send({
        ...rest,
        tools: tools.map((tool) => (tool.name === '1 cup' ? { ...tool, calibration } : tool)),
      })
      .expect(200);
    expect(before).toBeGreaterThan(0.2);
    expect(await byTool()).toBeLessThan(before / 4);
    await own.close();
  });

  it('take the tools of a request for what they are, not for ours of the same name', async () => {
    const own = await startTestServer();
    const byTool = async (more: object): Promise<number> => {
      const { body } = await own.http
        .post('/api/chances')
        .send({ text: TEXT, batch: BATCH, ...more })
        .expect(200);
      return (body as ChanceReply).baseMass.causes['tool']!;
    };
    const { body } = await own.http.get('/api/kitchen').expect(200);
    const { tools, ...rest } = body as KitchenRecord;
    const calibration = { grams: [236.1, 235.9, 236, 236.05], celsius: 20, grid: 0.1 };
    const drawer = { standard: rest.standard };
    const uncalibrated = await byTool({ drawer });
    await own.http
      .put('/api/kitchen')
      .send({
        ...rest,
        tools: tools.map((tool) => (tool.name === '1 cup' ? { ...tool, calibration } : tool)),
      })
      .expect(200);
    expect(await byTool({})).toBeLessThan(uncalibrated / 2);
    expect(await byTool({ drawer })).toBeCloseTo(uncalibrated, 9);
    await own.close();
  });

  it('keep the same again apart from what the author baked', async () => {
    const { good, asAuthored } = await ask({ kind: 'cake' });
    expect(asAuthored).toBeLessThan(good);
    const stated = await ask({
      kind: 'cake',
      text: 'Rounds\n400 g all-purpose flour\n240 g milk\n80 g honey',
    });
    // Weights leave nothing open about what the author meant.
    expect(stated.asAuthored).toBe(stated.good);
  });

  it('go by the kind of bake, guessed or chosen', async () => {
    const guessed = await ask({});
    expect(guessed.isKindGuessed).toBeTrue();
    const airy = await ask({ kind: 'airy' });
    expect([airy.kind, airy.isKindGuessed]).toEqual(['airy', false]);
    expect(airy.forgives['water']).toBe(0.06);
    const bar = await ask({ kind: 'bar' });
    expect(bar.good).toBeGreaterThan(airy.good);
  });

  it('refuse what says nothing, with the field', async () => {
    for (const [more, field] of [
      [{ bakes: 5 }, 'bakes'],
      [{ bakes: 1e9 }, 'bakes'],
      [{ wanted: 1 }, 'wanted'],
      [{ route: 'guess' }, 'route'],
      [{ kind: 'soup' }, 'kind'],
      [{ seed: -1 }, 'seed'],
    ] as const) {
      const reply = (await ask(more, 400)) as unknown as { field: string };
      expect(reply.field).withContext(JSON.stringify(more)).toBe(field);
    }
  });
});
