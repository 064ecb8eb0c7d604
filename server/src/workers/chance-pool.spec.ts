import type { ChanceLine } from '@ypsigram/core/chance';
import { bakeInThread } from './chance-pool.js';
import type { ChanceJob } from './chance-worker.js';

const line = (index: number): ChanceLine => ({
  index,
  ingredientId: `ingredient-${index}`,
  role: index % 3 === 0 ? 'flour' : 'sugar',
  waterPercent: 5,
  intendedGrams: 100,
  forgiven: 0.1,
  authorSpread: 0.03,
  route: 'measure',
  fills: [{ tool: '1 cup', toolSpread: 0.025, count: 1, grams: 100, spread: 0.04, isRead: false }],
  hand: { of: 'powder', method: 'spooned' },
  handSpread: 0.03,
  isHandKnown: false,
  weighedGrams: 100,
  gridGrams: 1,
});
const job = (lines: number, bakes: number): ChanceJob => ({
  lines: Array.from({ length: lines }, (_, index) => line(index)),
  options: { bakes, seed: 1 },
  wanted: null,
  learn: false,
});

describe('chances in a thread', () => {
  it('give the same figures as anywhere', async () => {
    const { signal } = new AbortController();
    const { chances } = await bakeInThread(job(6, 2000), signal);
    expect(chances.bakes).toBe(2000);
    expect(chances.good).toBeGreaterThan(0);
  });

  it('end when nobody waits for them any more, and the next job is served', async () => {
    const gone = new AbortController();
    // Minutes of work, if it went on.
    const working = bakeInThread(job(3000, 2_000_000), gone.signal);
    setTimeout(() => gone.abort(), 100);
    await expectAsync(working).toBeRejected();
    const { signal } = new AbortController();
    const { chances } = await bakeInThread(job(3, 500), signal);
    expect(chances.bakes).toBe(500);
  });
});
