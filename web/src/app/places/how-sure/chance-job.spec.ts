import { readText, usualBatch } from '../../testing/read';
import { chanceCase } from './chance-job';

const READING = readText('Rounds\n3 cups all-purpose flour\n1 cup milk\n1 cup moon dust');
const BATCH = usualBatch();

describe('what is baked over and over', () => {
  it('is the batch without what has no weight, its flour done otherwise, and more of it', () => {
    const { lines, leftOut, flour, batches } = chanceCase(READING, BATCH, 'both', {});
    expect(lines.map(({ index }) => index)).toEqual([0, 1]);
    expect(leftOut).toEqual([2]);
    expect(flour.map(({ way }) => way)).toEqual(['weighed', 'spooned', 'scooped', 'unconverted']);
    expect(batches.map(({ times }) => times)).toEqual([2, 3]);
    expect(batches[0]!.lines[0]!.intendedGrams).toBeCloseTo(2 * lines[0]!.intendedGrams, 9);
  });

  it('goes by the scale alone for whoever goes by the weighed column', () => {
    const routes = (columns: 'both' | 'weigh'): string[] =>
      chanceCase(READING, BATCH, columns, {}).lines.map(({ route }) => route);
    expect(routes('both')).toEqual(['measure', 'measure']);
    expect(routes('weigh')).toEqual(['weigh', 'weigh']);
  });
});
