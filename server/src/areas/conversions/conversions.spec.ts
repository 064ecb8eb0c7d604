import type { Problem } from '@ypsigram/contract';
import type { ConversionReply } from '@ypsigram/contract/quick';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('the quick question over the wire', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  const ask = async (question: string, more: object = {}): Promise<ConversionReply> => {
    const { body } = await server.http
      .post('/api/conversions')
      .send({ question, ...more })
      .expect(200);
    return body as ConversionReply;
  };

  const ANSWERS = [
    ['1 3/4 cups cocoa in grams', '151 g'],
    ['1 3/4 cups cocoa', '151 g'],
    ['2 cups flour in oz', '8.82 oz'],
    ['250 g flour', '2 cups'],
    ['350 F', '177 °C, 350 °F, gas mark 4, 157 °C with a fan'],
    ['gas mark 6', '200 °C, 392 °F, gas mark 6, 180 °C with a fan'],
    ['20 cm round to 23 cm', '1.32 times the batch, filled as high'],
    ['cocoa', '86 g'],
    ['21 g fresh yeast to instant', '7.0 g instant yeast (2 1/4 tsp) for 21 g fresh yeast'],
    [
      '1 tbsp kosher salt to table salt',
      '8.4 g fine table salt (1 3/8 tsp) for 8.4 g coarse salt (light hollow flake)',
    ],
    [
      '200 g all-purpose flour to bread flour',
      '200 g bread flour (1 1/2 cups + 2 tbsp) for 200 g all-purpose wheat flour, and about 6 g more water',
    ],
    ['1 packet active dry yeast to fresh yeast', '17.5 g fresh yeast for 7.0 g active dry yeast'],
    ['2 cups moon dust', 'No ingredient has that name.'],
  ] as const;
  for (const [question, says] of ANSWERS) {
    it(`is answered: “${question}” → ${says}`, async () => {
      expect((await ask(question)).says).toBe(says);
    });
  }

  it('goes by the cups of the request, else by this kitchen’s', async () => {
    const ours = await ask('1 cup water in ml');
    const metric = await ask('1 cup water in ml', { standard: 'metric' });
    expect(ours.says).toBe('237 mL');
    expect(metric.says).toBe('250 mL');
  });

  it('offers what may be meant', async () => {
    const reply = await ask('2 tsp baekign powder');
    expect(reply.kind === 'none' && reply.closest[0]).toEqual({
      ingredientId: 'baking-powder',
      name: 'Baking powder',
    });
  });

  it('refuses what is no question, with the field', async () => {
    for (const body of [{}, { question: 7 }, { question: 'x'.repeat(201) }]) {
      const { body: problem } = await server.http.post('/api/conversions').send(body).expect(400);
      expect((problem as Problem).field).toBe('question');
    }
  });
});
