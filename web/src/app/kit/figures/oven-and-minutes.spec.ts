import { showClock, showMinutes } from './minutes';
import { showDial, showGasMark, showHeat, showHeatApart } from './oven-heat';

describe('a heat', () => {
  it('is shown in the degrees of the kitchen, a dial to its step', () => {
    expect(showHeat(176.67, 'celsius')).toBe('177 °C');
    expect(showHeat(176.67, 'fahrenheit')).toBe('350 °F');
    expect(showDial(166.5, 'celsius')).toBe('165 °C');
    expect(showDial(166.5, 'fahrenheit')).toBe('330 °F');
  });
  it('is apart from another by degrees, not by a heat', () => {
    expect(showHeatApart(20, 'celsius')).toBe('20 °C');
    expect(showHeatApart(20, 'fahrenheit')).toBe('36 °F');
  });
  it('has a gas mark where cookers have one', () => {
    expect(showGasMark(180)).toBe('gas mark 4');
    expect(showGasMark(110)).toBe('gas mark 1/4');
    expect(showGasMark(60)).toBe('');
  });
});

describe('a time', () => {
  it('is said as a baker says it', () => {
    expect(showMinutes(24, 28)).toBe('24 to 28 min');
    expect(showMinutes(40)).toBe('40 min');
    expect(showMinutes(70)).toBe('1 h 10 min');
    expect(showMinutes(120)).toBe('2 h');
    expect(showMinutes(0.4)).toBe('under a minute');
  });
  it('counts down on a clock, and on beyond its end', () => {
    expect(showClock(245_000)).toBe('4:05');
    expect(showClock(3_750_000)).toBe('1:02:30');
    expect(showClock(0)).toBe('0:00');
    expect(showClock(-12_000)).toBe('−0:12');
  });
});
