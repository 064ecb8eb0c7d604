import { showDay, showMoment, weeksAgo } from './dates';
import { celsiusOf, degreesOf } from './heat';

describe('dates', () => {
  const at = new Date(2026, 10, 3, 14, 5);

  it('stand in the order of the kitchen', () => {
    expect(showDay(at, 'day')).toBe('3 Nov 2026');
    expect(showDay(at, 'month')).toBe('Nov 3, 2026');
    expect(showDay(at, 'year')).toBe('2026-11-03');
    expect(showMoment(at.toISOString(), 'month')).toBe('Nov 3, 2026, 14:05');
  });
});

describe('heat', () => {
  it('is told in the degrees of the kitchen, and read back from them', () => {
    expect(degreesOf(180, 'celsius')).toBe(180);
    expect(degreesOf(180, 'fahrenheit')).toBeCloseTo(356, 10);
    expect(celsiusOf(64.4, 'fahrenheit')).toBeCloseTo(18, 10);
    expect(celsiusOf(degreesOf(-40, 'fahrenheit'), 'fahrenheit')).toBeCloseTo(-40, 10);
  });
});

describe('weeks', () => {
  const sunday = new Date(2026, 10, 29, 12);

  it('begin on the day that this kitchen has chosen', () => {
    const saturday = new Date(2026, 10, 28, 12);
    expect(weeksAgo(saturday, sunday, 'monday')).toBe(0);
    expect(weeksAgo(saturday, sunday, 'saturday')).toBe(0);
    expect(weeksAgo(saturday, sunday, 'sunday')).toBe(1);
  });

  it('are counted across a month and a year', () => {
    expect(weeksAgo(new Date(2026, 10, 15), sunday, 'monday')).toBe(2);
    expect(weeksAgo(new Date(2025, 11, 31), new Date(2026, 0, 2), 'monday')).toBe(0);
  });
});
