import type { PlanReply, ReadingReply } from '@ypsigram/contract';
import { openKitchen, type Kitchen } from '../../testing/kitchen.js';

describe('readings and plans', () => {
  let kitchen: Kitchen;

  beforeAll(async () => {
    kitchen = await openKitchen();
  });
  afterAll(() => kitchen.close());

  const plan = (body: object): ReturnType<typeof kitchen.http.post> =>
    kitchen.http.post('/api/plans').send(body);
  const byFactor = (factor: unknown): object => ({ by: 'factor', factor });

  it('read a text and save nothing', async () => {
    const { body } = await kitchen.http
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

  it('use the standard that is asked for', async () => {
    const grams = async (standard: string): Promise<number | undefined> => {
      const { body } = await kitchen.http
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
    expect(lines[0]?.weight).toEqual({ grams: 375, grid: 1, shown: '375 g' });
    expect(lines[0]?.measure?.method).toBe('dipped');
    expect(lines[0]?.within).toBeTrue();
    expect(lines[1]?.measure?.fills[0]).toEqual(
      jasmine.objectContaining({ tool: 'egg', count: 4 }),
    );
  });

  it('plan a saved recipe with its own standard and methods', async () => {
    const { body: saved } = await kitchen.http
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

  const refused: readonly [string, object, number, string][] = [
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
