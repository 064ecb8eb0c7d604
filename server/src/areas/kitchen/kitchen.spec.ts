import {
  USUAL_KITCHEN,
  type ImportReply,
  type Kitchen,
  type PlanReply,
  type ReadingReply,
} from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('the kitchen', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const read = async (): Promise<Kitchen> =>
    (await server.http.get('/api/kitchen').expect(200)).body as Kitchen;
  const write = (kitchen: object) => server.http.put('/api/kitchen').send(kitchen);
  const planOf = async (text: string): Promise<PlanReply['lines'][number]> => {
    const batch = { by: 'factor', factor: '1' };
    const { body } = await server.http.post('/api/plans').send({ text, batch }).expect(200);
    return (body as PlanReply).lines[0]!;
  };
  const with1Cup = (change: Partial<Kitchen['tools'][number]>): Kitchen => ({
    ...USUAL_KITCHEN,
    tools: USUAL_KITCHEN.tools.map((tool) =>
      tool.name === '1 cup' ? { ...tool, ...change } : tool,
    ),
  });

  it('is the usual one until something was chosen', async () => {
    expect(await read()).toEqual(USUAL_KITCHEN);
  });

  it('is kept, and counts its changes', async () => {
    const { body } = await write({ ...USUAL_KITCHEN, standard: 'metric' }).expect(200);
    expect(body).toEqual({ ...USUAL_KITCHEN, standard: 'metric', revision: 1 });
    expect(await read()).toEqual(body as Kitchen);
  });

  it('refuses a change based on an older revision', async () => {
    await write(USUAL_KITCHEN).expect(200);
    const { body } = await write({ ...USUAL_KITCHEN, standard: 'metric' }).expect(409);
    expect((body as { theirs: Kitchen }).theirs.revision).toBe(1);
    expect((await read()).standard).toBe('us-customary');
  });

  it('takes a change once more whose answer was lost', async () => {
    const change = with1Cup({ aside: true });
    const { body: first } = await write(change).expect(200);
    const { body: again } = await write(change).expect(200);
    expect(again).toEqual(first);
    // Once somebody changed it back, the old change is a conflict like any other.
    await write({ ...USUAL_KITCHEN, revision: 1 }).expect(200);
    await write(change).expect(409);
  });

  it('decides the plans: a cup in the wash is not filled', async () => {
    expect((await planOf('1 cup sugar')).measure?.fills).toEqual([
      jasmine.objectContaining({ tool: '1 cup', count: 1 }),
    ]);
    await write(with1Cup({ aside: true })).expect(200);
    expect((await planOf('1 cup sugar')).measure?.fills).toEqual([
      jasmine.objectContaining({ tool: '1/2 cup', count: 2 }),
    ]);
  });

  it('decides the plans: a cup that was weighed with water counts for what it holds', async () => {
    const grams = [259.3, 259.1, 259.2];
    await write(with1Cup({ calibration: { grams, celsius: 20, grid: 0.1 } })).expect(200);
    const { measure } = await planOf('1 cup sugar');
    expect(measure?.fills).not.toEqual([jasmine.objectContaining({ tool: '1 cup', count: 1 })]);
    expect(Math.abs(measure!.grams / 200 - 1)).toBeLessThanOrEqual(0.05);
  });

  it('does not believe two fills', async () => {
    const calibration = { grams: [259, 259], celsius: 20, grid: 0.1 };
    await write(with1Cup({ calibration })).expect(200);
    expect((await planOf('1 cup sugar')).measure?.fills).toEqual([
      jasmine.objectContaining({ tool: '1 cup', count: 1 }),
    ]);
  });

  it('decides the grams: an own weight stands before the table', async () => {
    const own = {
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      gramsPerMillilitre: 0.6,
    };
    await write({ ...USUAL_KITCHEN, weights: [own] }).expect(200);
    const { intended } = await planOf('2 cups flour');
    expect(intended?.grams).toBeCloseTo(2 * 0.6 * 236.5882365, 6);
    expect(intended?.source).toEqual({ from: 'kitchen' });
    const { body } = await server.http.post('/api/readings').send({ text: '1 cup flour, sifted' });
    expect((body as ReadingReply).lines[0]?.intended?.grams).toBeCloseTo(0.6 * 236.5882365, 6);
    await write({ ...USUAL_KITCHEN, weights: [], revision: 1 }).expect(200);
    expect((await planOf('2 cups flour')).intended?.grams).toBeCloseTo(250, 9);
  });

  it('opens a kitchen that was saved before it could hold weights', async () => {
    const older: Partial<Kitchen> = { ...USUAL_KITCHEN };
    delete older.weights;
    await write(older).expect(200);
    expect((await read()).weights).toEqual([]);
  });

  it('reads an ingredient of its own, and weighs it once it has a weight', async () => {
    const carob = {
      id: 'own-carob',
      name: 'Carob powder',
      class: 'powder',
      role: 'flavour',
      waterPercent: 4,
      allergens: [],
      aliases: [],
    };
    await write({ ...USUAL_KITCHEN, ingredients: [carob] }).expect(200);
    const unknown = await planOf('1 cup carob powder');
    expect(unknown.ingredientId).toBe('own-carob');
    expect(unknown.intended).toBeNull();
    const weight = {
      ingredientId: 'own-carob',
      form: null,
      method: 'spooned',
      gramsPerMillilitre: 0.43,
    };
    await write({
      ...USUAL_KITCHEN,
      ingredients: [carob],
      weights: [weight],
      revision: 1,
    }).expect(200);
    expect((await planOf('1 cup carob powder')).intended?.grams).toBeCloseTo(0.43 * 236.588, 2);
  });

  it('can be filled with everything it holds', async () => {
    const weights = Array.from({ length: 2000 }, (_, index) => ({
      ingredientId: `own-something-with-a-long-name-${index}`,
      form: null,
      method: 'spooned',
      gramsPerMillilitre: 0.123456789012345,
    }));
    await write({ ...USUAL_KITCHEN, weights }).expect(200);
    await write({ ...USUAL_KITCHEN, weights: [...weights, weights[0]!], revision: 1 }).expect(400);
  });

  it('shows weights on the scales it has', async () => {
    const scales = [{ ...USUAL_KITCHEN.scales[0]!, gridGrams: 5 }];
    await write({ ...USUAL_KITCHEN, scales }).expect(200);
    expect((await planOf('1 cup flour')).weight).toEqual({
      grams: 125,
      grid: 5,
      dial: 'g',
      isUnderStep: false,
      onScale: 125,
      shown: '125 g',
    });
    expect((await planOf('1 tsp salt')).weight?.grams).toBe(5);
  });

  describe('own weights as a table', () => {
    const importCsv = async (text: string, query = ''): Promise<ImportReply> =>
      (
        await server.http
          .post(`/api/kitchen/weights/csv${query}`)
          .set('Content-Type', 'text/csv')
          .send(text)
          .expect(200)
      ).body as ImportReply;
    const HONEY = {
      ingredientId: 'honey',
      form: null,
      method: 'poured',
      gramsPerMillilitre: 1.4123456789,
    } as const;

    it('come back as they went out', async () => {
      await write({ ...USUAL_KITCHEN, weights: [HONEY] }).expect(200);
      const { text } = await server.http.get('/api/kitchen/weights/csv').expect(200);
      await write({ ...USUAL_KITCHEN, weights: [], revision: 1 }).expect(200);
      expect((await importCsv(text, '?dryRun=1')).ready).toBe(1);
      expect((await read()).weights).toEqual([]);
      expect((await importCsv(text)).ready).toBe(1);
      expect((await read()).weights).toEqual([HONEY]);
      expect((await importCsv(text)).known).toBe(1);
    });

    it('report bad rows by their number and take the rest', async () => {
      const reply = await importCsv(
        [
          'ingredient_id;method;grams_per_ml',
          'honey;poured;1,4',
          'moon-dust;spooned;1',
          'honey;poured;40',
          'sugar-granulated;level;0,85',
        ].join('\n'),
      );
      expect(reply.ready).toBe(2);
      expect(reply.problems.map(({ row }) => row)).toEqual([3, 4]);
      expect((await read()).weights.map(({ gramsPerMillilitre }) => gramsPerMillilitre)).toEqual([
        1.4, 0.85,
      ]);
    });
  });

  const refused: readonly [string, object, string][] = [
    ['two tools of one name', { tools: [USUAL_KITCHEN.tools[0], USUAL_KITCHEN.tools[0]] }, 'tools'],
    [
      'a tool that holds nothing',
      { tools: [{ ...USUAL_KITCHEN.tools[0], nominal: '0' }] },
      'tools.0.nominal',
    ],
    [
      'a size that is none',
      { tools: [{ ...USUAL_KITCHEN.tools[0], nominal: '1/0' }] },
      'tools.0.nominal',
    ],
    [
      'two scales of one name',
      { scales: [USUAL_KITCHEN.scales[0], USUAL_KITCHEN.scales[0]] },
      'scales',
    ],
    ['a container of nothing', { containers: [{ name: 'bowl', grams: 0 }] }, 'containers.0.grams'],
    [
      'an own ingredient in the place of a built-in one',
      {
        ingredients: [
          {
            id: 'honey',
            name: 'Honey',
            class: 'syrup',
            role: 'sugar',
            waterPercent: 17,
            allergens: [],
            aliases: [],
          },
        ],
      },
      'ingredients.0.id',
    ],
    ['a hand that is not here', { handId: '00000000-0000-4000-8000-000000000001' }, 'handId'],
    [
      'hot water',
      { tools: [{ ...USUAL_KITCHEN.tools[0], calibration: { grams: [1], celsius: 90, grid: 1 } }] },
      'tools.0.calibration.celsius',
    ],
  ];
  for (const [what, change, field] of refused) {
    it(`refuses ${what}`, async () => {
      const { body } = await write({ ...USUAL_KITCHEN, ...change }).expect(400);
      expect((body as { field: string }).field).toBe(field);
    });
  }
});
