import { counted, nounFor } from './counted.js';

describe('a noun with its count', () => {
  it('is one or many', () => {
    expect(nounFor(2, 'loaf')).toBe('loaves');
    expect(nounFor(1, 'loaves')).toBe('loaf');
    expect(nounFor(1.5, 'large bun')).toBe('large buns');
    expect(nounFor(0.5, 'sponges')).toBe('sponge');
    expect(nounFor(24, 'cookies')).toBe('cookies');
    expect(nounFor(1, 'brownies')).toBe('brownie');
    expect(nounFor(3, 'vanilla pod')).toBe('vanilla pods');
    expect(nounFor(2, 'bay leaf')).toBe('bay leaves');
  });

  it('keeps what is said of the thing that is counted', () => {
    expect(nounFor(24, 'piece of shortbread')).toBe('pieces of shortbread');
    expect(nounFor(2, 'loaf (about 12 slices)')).toBe('loaves (about 12 slices)');
    expect(nounFor(2, '23 cm tin')).toBe('23 cm tin');
    expect(nounFor(2, '')).toBe('');
  });

  it('stands behind its figure, with something between two figures', () => {
    expect(counted('2', 2, 'loaf', 1)).toBe('2 loaves');
    expect(counted('1/2', 0.5, 'sponges', 2)).toBe('1/2 sponge');
    expect(counted('2', 2, '23 cm tin', 1)).toBe('2 × 23 cm tin');
    expect(counted('12', 12, '', 1)).toBe('12');
  });

  it('is left as it is written while many stay many', () => {
    expect(counted('24', 24, 'Kekse', 12)).toBe('24 Kekse');
    expect(counted('1', 1, 'Brot', 1)).toBe('1 Brot');
  });

  it('is left as it is written where it is no English one', () => {
    expect(counted('2', 2, 'Brot', null)).toBe('2 Brot');
    expect(counted('1/2', 0.5, 'galettes', null)).toBe('1/2 galettes');
  });
});
