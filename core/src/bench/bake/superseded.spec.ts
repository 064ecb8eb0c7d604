import type { Act, BakeReading } from './act.js';
import { supersededWeights } from './superseded.js';

let count = 0;
const reading = (device: string, order: number, act: Act): BakeReading => ({
  id: `r${++count}`,
  at: new Date(order).toISOString(),
  order,
  device,
  handId: null,
  act,
});
const weigh = (device: string, order: number, grams: number, line = 'flour'): BakeReading =>
  reading(device, order, { do: 'weigh', route: 'container', line, grams, scale: 's' });

describe('weights of two devices on one line', () => {
  it('are both seen: the earlier one, though it came later, and the one that holds', () => {
    const readings = [weigh('tablet', 2000, 250), weigh('phone', 1000, 245)];
    expect(supersededWeights(readings)).toEqual([
      { line: 'flour', grams: 245, at: '1970-01-01T00:00:01.000Z', device: 'phone' },
    ]);
  });

  it('of one device are corrections', () => {
    expect(supersededWeights([weigh('tablet', 1, 250), weigh('tablet', 2, 260)])).toEqual([]);
  });

  it('that were taken back are none, and each line has its own', () => {
    const wrong = weigh('phone', 1, 245);
    const readings = [
      wrong,
      reading('phone', 2, { do: 'undo', reading: wrong.id }),
      weigh('tablet', 3, 250),
      weigh('phone', 4, 6, 'salt'),
    ];
    expect(supersededWeights(readings)).toEqual([]);
  });

  it('of three devices are two, the oldest first', () => {
    const readings = [weigh('a', 3, 30), weigh('b', 1, 10), weigh('c', 2, 20), weigh('b', 4, 11)];
    expect(supersededWeights(readings).map(({ grams }) => grams)).toEqual([20, 30]);
  });
});
