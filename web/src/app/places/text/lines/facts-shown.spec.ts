import { readText } from '../../../testing/read';
import { factsShown } from './facts-shown';

describe('what a step says, in a few words', () => {
  const shown = (step: string): string | null =>
    factsShown(readText(`A title\n1 cup sugar\nMethod\n${step}`).lines.at(-1)!, 'celsius');

  it('names heat, tin and time', () => {
    expect(shown('Heat the oven to 180C/160C fan/gas 4 and grease two 20 cm tins.')).toBe(
      'oven 180 °C, 160 °C with the fan, gas 4 · 2 × round tin, 20 cm',
    );
    expect(shown('Bake 25 to 30 minutes.')).toBe('bake 25 to 30 min');
    expect(shown('Let rise 1 1/2 to 2 hours.')).toBe('prove 90 min to 2 h');
    expect(shown('Use a 12-hole muffin tin.')).toBe('12 moulds');
  });

  it('says nothing of a step that names none', () => {
    expect(shown('Mix it all.')).toBeNull();
  });
});
