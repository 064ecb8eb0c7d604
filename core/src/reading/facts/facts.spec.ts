import { readText } from '../../testing/usual.js';
import { factsOf, type TextFacts } from './facts.js';

const factsIn = (text: string): TextFacts =>
  factsOf(readText(`A title\n1 cup sugar\nMethod\n${text}`).lines);

describe('what the steps say', () => {
  const oven = (text: string): (number | null)[] | null => {
    const found = factsIn(text).ovens[0];
    return found ? [Math.round(found.celsius * 10) / 10, found.fanCelsius, found.gasMark] : null;
  };
  const times = (text: string): string[] =>
    factsIn(text).times.map(
      ({ purpose, minMinutes, maxMinutes }) => `${purpose} ${minMinutes}..${maxMinutes}`,
    );
  const pan = (text: string): string | null => {
    const found = factsIn(text).pans[0];
    if (!found) return null;
    const sides = [found.lengthCm, found.widthCm, found.heightCm].filter((side) => side !== null);
    return `${found.count} ${found.shape} ${sides.map((side) => side.toFixed(1)).join(' x ')}`.trim();
  };

  it('reads the oven in any of its scales', () => {
    expect(oven('Preheat the oven to 350°F (175°C).')).toEqual([175, null, null]);
    expect(oven('Preheat oven to 375 degrees F.')).toEqual([190.6, null, null]);
    expect(oven('Heat oven to 180C/160C fan/gas 4')).toEqual([180, 160, 4]);
    expect(oven('Oven: 200 °C, fan 180 °C, gas mark 6')).toEqual([200, 180, 6]);
    expect(oven('Bake at gas mark 1/2 for an hour')).toEqual([130, null, 0.5]);
    expect(oven('Bake in a 350 oven.')).toEqual([176.7, null, null]);
    expect(oven('Preheat the oven to 220.')).toEqual([220, null, null]);
  });

  it('takes no thermometer for an oven', () => {
    expect(oven('Warm the milk to 40 °C.')).toBeNull();
    expect(oven('Cook the syrup to 118 °C.')).toBeNull();
    expect(oven('Grease a 20 cm tin.')).toBeNull();
    expect(oven('Bake 250 g at a time.')).toBeNull();
  });

  it('reads times and what they are for', () => {
    expect(times('Bake for 25 to 30 minutes.')).toEqual(['baking 25..30']);
    expect(times('Bake 1 hour 10 min, then cool 15 minutes.')).toEqual([
      'baking 70..70',
      'resting 15..15',
    ]);
    expect(times('Let rise 1 1/2 - 2 hours.')).toEqual(['proving 90..120']);
    expect(times('Chill for half an hour.')).toEqual(['chilling 30..30']);
    expect(times('Prep time: 20 mins | Total: 1.5 hrs')).toEqual([
      'preparing 20..20',
      'total 90..90',
    ]);
    expect(times('Beat for 30 seconds.')).toEqual(['mixing 0.5..0.5']);
    expect(times('Mix it all.')).toEqual([]);
  });

  it('reads pans, in centimetres', () => {
    expect(pan('Grease a 23 cm round tin')).toBe('1 round 23.0');
    expect(pan('Line a 9x13 inch pan with paper.')).toBe('1 rectangle 22.9 x 33.0');
    expect(pan('Divide between two 8-inch cake pans.')).toBe('2 round 20.3');
    expect(pan('Use an 8" square tin')).toBe('1 square 20.3');
    expect(pan('Butter a 20 x 10 x 7 cm loaf tin.')).toBe('1 loaf 20.0 x 10.0 x 7.0');
    expect(pan('Spoon into a 12-hole muffin tin.')).toBe('12 moulds');
    expect(pan('Roll out to 3 mm.')).toBeNull();
    expect(pan('Put the dough into a tin.')).toBeNull();
  });

  it('says which line it found them on', () => {
    const { ovens, times: found } = factsIn('Mix.\nHeat the oven to 180 °C.\nBake 20 minutes.');
    const { lines } = readText(
      'A title\n1 cup sugar\nMethod\nMix.\nHeat the oven to 180 °C.\nBake 20 minutes.',
    );
    expect(lines[ovens[0]!.line]!.written).toContain('180');
    expect(lines[found[0]!.line]!.written).toContain('20 minutes');
  });
});
