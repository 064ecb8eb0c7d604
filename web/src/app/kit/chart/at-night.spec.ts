import { atNight } from './at-night';
import { INK } from './ink';

describe('a chart at night', () => {
  const points = [1, 2, 3];
  const day = {
    textStyle: { color: INK.ink },
    title: 'brick',
    series: [
      { color: INK.cobalt, data: points },
      { renderItem: (width: number) => ({ style: { fill: INK.leaf, width } }) },
    ],
  };

  it('has a colour of its own for each of the day', () => {
    const colours = Object.values(INK).map((colour) => atNight<string>(colour));
    expect(new Set(colours).size).toBe(colours.length);
    const same = Object.values(INK).filter((colour) => atNight<string>(colour) === colour);
    expect(same).toEqual([INK.mustard]);
  });

  it('is the same in all else, its figures too', () => {
    const night = atNight(day);
    expect(night.textStyle.color).not.toBe(INK.ink);
    expect(night.title).toBe('brick');
    expect(night.series[0]!.data).toBe(points);
    expect(day.textStyle.color).toBe(INK.ink);
  });

  it('draws the shapes of a function in them', () => {
    const drawn = atNight(day).series[1]!.renderItem!(7);
    expect(drawn.style.width).toBe(7);
    expect(drawn.style.fill).toBe(atNight<string>(INK.leaf));
  });
});
