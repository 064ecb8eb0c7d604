import { isWithin, nearEnough } from './tolerance.js';

describe('near enough', () => {
  it('is narrow for what makes the crumb, and wider for what is only tasted', () => {
    expect(nearEnough('flour')).toBe(0.01);
    expect(nearEnough('salt')).toBe(0.025);
    expect(nearEnough('flavour')).toBe(0.05);
  });

  it('doubles when relaxed and halves when strict', () => {
    expect(nearEnough('egg', 'relaxed')).toBe(0.02);
    expect(nearEnough('leavening', 'strict')).toBe(0.0125);
  });

  it('takes what is exactly at the limit, whatever floating point makes of it', () => {
    expect(isWithin(15.75 / 15 - 1, 0.05)).toBeTrue();
    expect(isWithin(0.1 + 0.2 - 0.3, 0)).toBeTrue();
    expect(isWithin(0.0501, 0.05)).toBeFalse();
    expect(isWithin(-0.0501, 0.05)).toBeFalse();
  });
});
