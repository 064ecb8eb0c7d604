import { queueDraw } from './draw-queue';

const frame = (): Promise<void> => new Promise((done) => requestAnimationFrame(() => done()));

describe('pictures that change at once', () => {
  it('are drawn one a frame, in order, but for those that are forgotten', async () => {
    const drawn: string[] = [];
    queueDraw(() => drawn.push('first'));
    const forget = queueDraw(() => drawn.push('forgotten'));
    queueDraw(() => drawn.push('last'));
    forget();
    expect(drawn).toEqual([]);
    await frame();
    expect(drawn).toEqual(['first']);
    await frame();
    expect(drawn).toEqual(['first', 'last']);
  });
});
