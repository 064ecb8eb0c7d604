import type { PlanReply, ReadingReply } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('readings and plans', () => {
  let server: TestServer;

  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  const plan = (body: object): ReturnType<typeof server.http.post> =>
    server.http.post('/api/plans').send(body);
  const byFactor = (factor: unknown): object => ({ by: 'factor', factor });

  it('leave what is made to keep as it is written', async () => {
    const text = 'Strawberry jam\n2 cups strawberries\n4 cups sugar\nSterilize the jars.';
    const { body } = await server.http.post('/api/readings').send({ text }).expect(200);
    const { isPreserving, lines } = body as ReadingReply;
    expect(isPreserving).toBeTrue();
    const [fruit] = lines;
    expect(fruit!.amount!.exact).toBe('2');
    expect([fruit!.intended, fruit!.notes]).toEqual([null, []]);
  });

  it('read a text and save nothing', async () => {
    const { body } = await server.http
      .post('/api/readings')
      .send({ text: 'Buns\n1½ cups cake flour, sifted\n\nMix it all together.' })
      .expect(200);
    const reading = body as ReadingReply;
    expect(reading.title).toBe('Buns');
    expect(reading.standard).toBe('us-customary');
    expect(reading.lines.map(({ kind }) => kind)).toEqual(['ingredient', 'step']);
    expect(reading.lines[0]?.amount).toEqual({ min: 1.5, max: 1.5, exact: '3/2', exactMax: '3/2' });
    expect(reading.lines[0]?.intended?.grams).toBeCloseTo(163.5, 9);
    expect(reading.lines[0]?.notes[0]?.message).toContain('144 g');
  });

  it('name each ingredient of a line by a key of its own, which decisions go by', async () => {
    const text = 'Slab\n3/4 c. butter, 1 c. brown sugar\n2 cups flour';
    const read = await server.http.post('/api/readings').send({ text }).expect(200);
    const { lines } = read.body as ReadingReply;
    expect(lines.map(({ key, written }) => [key, written])).toEqual([
      ['0', '3/4 c. butter'],
      ['0.1', '1 c. brown sugar'],
      ['1', '2 cups flour'],
    ]);
    expect(lines[1]!.partOf).toEqual({ whole: text.split('\n')[1]!, index: 1, count: 2 });
    const planned = await plan({
      text,
      batch: byFactor(1),
      choices: { '0.1': { grams: 200 } },
    }).expect(200);
    const grams = (planned.body as PlanReply).lines.map(({ intended }) => intended?.grams);
    expect(grams[1]).toBe(200);
    const refused = await plan({ text, batch: byFactor(1), methods: { '1.1': 'dipped' } }).expect(
      422,
    );
    expect((refused.body as { field: string }).field).toBe('methods.1.1');
  });

  it('tell the stages of a method, and mark what is a guess', async () => {
    const text =
      'Loaf\n500 g flour\n\nMethod\nChill overnight. Bake 10 minutes at 230 °C, then 30 to 35 more at 190 °C.';
    const { body } = await server.http.post('/api/readings').send({ text }).expect(200);
    const { stages } = body as ReadingReply;
    expect(
      stages.map(({ kind, minutesMin, minutesMax, celsius, guessed }) =>
        [kind, minutesMin, minutesMax, celsius, guessed].join(' '),
      ),
    ).toEqual([
      'heat   230 false',
      'chill 480 720  true',
      'bake 10 10 230 false',
      'bake 30 35 190 false',
    ]);
  });

  it('say what can be answered to a note, and what each answer weighs', async () => {
    const { body } = await server.http
      .post('/api/readings')
      .send({ text: 'Buns\n1 tbsp kosher salt\nHeat the oven to 350 °F.' })
      .expect(200);
    const { lines, language, facts } = body as ReadingReply;
    const [note] = lines[0]!.notes;
    expect(note?.gramsAtStake).toBeCloseTo(6, 6);
    expect(note?.choices.map(({ reading }) => reading.ingredientId)).toEqual([
      'salt-coarse-light',
      'salt-coarse-dense',
    ]);
    expect(note?.choices[1]?.says).toBe('coarse salt (dense grain)');
    expect(language).toBe('english');
    expect(facts.ovens[0]).toEqual(jasmine.objectContaining({ line: 1, gasMark: null }));
  });

  it('go by what was answered: on the line, by the author, in the kitchen', async () => {
    const own = await startTestServer();
    const dense = {
      note: 'kind-ambiguous',
      name: 'kosher salt',
      word: null,
      reading: { ingredientId: 'salt-coarse-dense' },
    };
    const read = async (body: object): Promise<ReadingReply['lines'][number]> => {
      const reply = await own.http
        .post('/api/readings')
        .send({ text: '1 tbsp kosher salt', ...body })
        .expect(200);
      return (reply.body as ReadingReply).lines[0]!;
    };
    expect((await read({})).ingredientId).toBe('salt-coarse-light');
    const onLine = await read({ answers: [{ ...dense, written: '1 tbsp kosher salt' }] });
    expect(onLine.ingredientId).toBe('salt-coarse-dense');
    expect(onLine.answered).toEqual([{ note: 'kind-ambiguous', by: 'recipe' }]);
    const author = await own.http
      .post('/api/authors')
      .send({ name: 'The blue binder', answers: [dense] })
      .expect(201);
    const { id: authorId } = author.body as { id: string };
    expect((await read({ authorId })).answered[0]?.by).toBe('author');
    const { body: current } = await own.http.get('/api/kitchen').expect(200);
    await own.http
      .put('/api/kitchen')
      .send({ ...(current as object), answers: [dense] })
      .expect(200);
    expect((await read({})).answered[0]?.by).toBe('kitchen');
    const { body: planned } = await own.http
      .post('/api/plans')
      .send({ text: '1 tbsp kosher salt', batch: byFactor(1) })
      .expect(200);
    expect((planned as PlanReply).lines[0]?.intended?.grams).toBeCloseTo(14.4, 6);
    await own.close();
  });

  it('keep the answers of a recipe with it, and refuse what is none', async () => {
    const answers = [
      {
        note: 'correction',
        name: '',
        word: null,
        written: '1 cup milk',
        reading: { amount: ['3/2', '3/2'], ingredientId: 'buttermilk' },
      },
    ];
    const { body: saved } = await server.http
      .post('/api/recipes')
      .send({ text: 'Buns\n1 cup milk', answers })
      .expect(201);
    expect((saved as { answers: unknown }).answers).toEqual(answers);
    const { body: planned } = await plan({
      recipeId: (saved as { id: string }).id,
      batch: byFactor(1),
    }).expect(200);
    expect((planned as PlanReply).lines[0]?.intended?.grams).toBeCloseTo(367.5, 6);
    for (const amount of [
      ['0', '1'],
      ['1/0', '1'],
      ['much', 'more'],
    ]) {
      await server.http
        .post('/api/recipes')
        .send({ text: 'Buns', answers: [{ ...answers[0], reading: { amount } }] })
        .expect(400);
    }
  });

  it('take the batch of a saved recipe where none is sent', async () => {
    const { body: saved } = await server.http
      .post('/api/recipes')
      .send({ text: 'Buns\n1 cup milk', batch: byFactor('3/2') })
      .expect(201);
    const { id } = saved as { id: string };
    const { body: own } = await plan({ recipeId: id }).expect(200);
    expect((own as PlanReply).factor.exact).toBe('3/2');
    const { body: other } = await plan({ recipeId: id, batch: byFactor('2') }).expect(200);
    expect((other as PlanReply).factor.exact).toBe('2');
  });

  it('use the standard that is asked for', async () => {
    const grams = async (standard: string): Promise<number | undefined> => {
      const { body } = await server.http
        .post('/api/readings')
        .send({ text: '1 tbsp water', standard })
        .expect(200);
      return (body as ReadingReply).lines[0]?.intended?.grams;
    };
    const [us, australian] = [await grams('us-customary'), await grams('australian')];
    expect(australian! / us!).toBeCloseTo(20 / 14.78676478125, 9);
  });

  it('plan both columns', async () => {
    const { body } = await plan({
      text: '2 cups all-purpose flour\n3 eggs',
      batch: byFactor('3/2'),
      methods: { 0: 'dipped' },
    }).expect(200);
    const { factor, lines } = body as PlanReply;
    expect(factor).toEqual({ exact: '3/2', value: 1.5 });
    expect(lines[0]?.weight).toEqual({
      grams: 375,
      grid: 1,
      dial: 'g',
      isUnderStep: false,
      onScale: 375,
      shown: '375 g',
    });
    expect(lines[0]?.measure?.method).toBe('dipped');
    expect(lines[0]?.within).toBeTrue();
    expect(lines[1]?.measure?.fills[0]).toEqual(
      jasmine.objectContaining({ tool: 'egg', count: 4 }),
    );
  });

  it('plan a saved recipe with its own standard and methods', async () => {
    const { body: saved } = await server.http
      .post('/api/recipes')
      .send({ text: '1 cup flour', standard: 'metric', methods: { 0: 'dipped' } });
    const { body } = await plan({
      recipeId: (saved as { id: string }).id,
      batch: byFactor('1'),
    }).expect(200);
    const [line] = (body as PlanReply).lines;
    expect(line?.intended?.grams).toBeCloseTo((125 * 250) / 236.5882365, 9);
    expect(line?.measure?.method).toBe('dipped');
  });

  const BUNS = `Lock buns
Makes 12 buns
500 g bread flour
300 g water
10 g salt
2 large eggs`;

  it('take a batch in any of the terms that a baker thinks in', async () => {
    const by = async (batch: object): Promise<PlanReply> => {
      const { body } = await plan({ text: BUNS, batch }).expect(200);
      return body as PlanReply;
    };
    const round = (diameterCm: number) => ({ shape: 'round', diameterCm, heightCm: 5 });
    expect((await by({ by: 'pieces', pieces: 18 })).factor.exact).toBe('3/2');
    expect((await by({ by: 'eggs', eggs: 3 })).factor.exact).toBe('3/2');
    expect((await by({ by: 'pan', from: round(20), to: round(30) })).factor.exact).toBe('9/4');
    expect((await by({ by: 'total', grams: 1820 })).factor.value).toBeCloseTo(2, 9);
    const portions = await by({ by: 'portions', pieces: 10, gramsEach: 91 });
    expect(portions.factor.value).toBeCloseTo(1, 9);
    expect(portions.makes).toEqual({ pieces: 12, grams: 910, eggs: 2, limitedBy: null });
    const limited = await by({
      by: 'limit',
      limits: [{ ingredientId: 'flour-wheat-bread', grams: 430 }],
    });
    expect(limited.factor.value).toBeCloseTo(0.86, 9);
    expect(limited.makes.limitedBy).toBe('flour-wheat-bread');
  });

  it('say what a batch does to the ratios, what to mind, and where it would be cleaner', async () => {
    const { body } = await plan({ text: BUNS, batch: byFactor('1.42') }).expect(200);
    const { ratioBase, ratios, cautions, clean, advice } = body as PlanReply;
    expect(ratioBase).toBe('flour');
    expect(ratios.salt.written).toBeCloseTo(2, 9);
    expect(ratios.salt.weighed).toBeCloseTo((100 * 14) / 710, 1);
    expect(cautions.map(({ code }) => code)).toEqual(['bake-time', 'raw-flour', 'raw-egg']);
    expect(clean.map(({ factor }) => factor.exact)).toContain('3/2');
    expect(clean.every(({ areEggsWhole }) => areEggsWhole)).toBeTrue();
    expect(Array.isArray(advice)).toBeTrue();
    const bare = await plan({ text: '100 g butter\n100 g sugar', batch: byFactor('1') }).expect(
      200,
    );
    expect((bare.body as PlanReply).ratioBase).toBe('total');
    expect((bare.body as PlanReply).ratios.fat.written).toBeCloseTo(50, 9);
  });

  const pan = (diameterCm: number) => ({ shape: 'round', diameterCm, heightCm: 5 });
  const refused: readonly [string, object, number, string][] = [
    ['a batch by nothing known', { text: BUNS, batch: { by: 'luck' } }, 400, 'batch.by'],
    [
      'pieces of no yield',
      { text: '1 egg', batch: { by: 'pieces', pieces: 5 } },
      422,
      'batch.pieces',
    ],
    ['no pieces', { text: BUNS, batch: { by: 'pieces', pieces: 0 } }, 400, 'batch.pieces'],
    [
      'pieces of nothing',
      { text: BUNS, batch: { by: 'portions', pieces: 5, gramsEach: 0 } },
      400,
      'batch.gramsEach',
    ],
    [
      'a pan of no size',
      { text: BUNS, batch: { by: 'pan', from: pan(0), to: pan(20) } },
      400,
      'batch.from.diameterCm',
    ],
    [
      'a limit that is not in the recipe',
      { text: BUNS, batch: { by: 'limit', limits: [{ ingredientId: 'honey', grams: 5 }] } },
      422,
      'batch.limits.0.ingredientId',
    ],
    ['eggs of none', { text: '1 cup milk', batch: { by: 'eggs', eggs: 2 } }, 422, 'batch.eggs'],
    [
      'a ring without a ring',
      {
        text: BUNS,
        batch: {
          by: 'pan',
          from: pan(20),
          to: { shape: 'ring', diameterCm: 20, innerDiameterCm: 20, heightCm: 5 },
        },
      },
      422,
      'batch.to.innerDiameterCm',
    ],
    ['a division by zero', { text: 'a', batch: byFactor('1/0') }, 400, 'batch.factor'],
    ['a factor of zero', { text: 'a', batch: byFactor(0) }, 400, 'batch.factor'],
    ['a negative factor', { text: 'a', batch: byFactor('-2') }, 400, 'batch.factor'],
    ['a factor that is no number', { text: 'a', batch: byFactor('NaN') }, 400, 'batch.factor'],
    ['a factor over a thousand', { text: 'a', batch: byFactor('1000.1') }, 400, 'batch.factor'],
    ['neither text nor recipe', { batch: byFactor('1') }, 400, 'text'],
    ['both text and recipe', { text: 'a', recipeId: 'b', batch: byFactor('1') }, 400, 'text'],
    ['no batch', { text: 'a' }, 400, 'batch'],
    [
      'a method the ingredient has not',
      { text: '1 cup honey', batch: byFactor('1'), methods: { 0: 'sifted' } },
      422,
      'methods.0',
    ],
    [
      'a method for a line that is not there',
      { text: '1 cup honey', batch: byFactor('1'), methods: { 7: 'poured' } },
      422,
      'methods.7',
    ],
  ];
  for (const [what, body, status, field] of refused) {
    it(`refuse ${what}`, async () => {
      const reply = await plan(body).expect(status);
      expect(reply.type).toBe('application/problem+json');
      expect((reply.body as { field: string }).field).toBe(field);
    });
  }

  it('find no plan for a recipe that is not there', async () => {
    await plan({ recipeId: crypto.randomUUID(), batch: byFactor('1') }).expect(404);
  });
});
