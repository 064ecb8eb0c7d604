import { allergenText } from './allergens.js';

describe('allergens in words', () => {
  it('name gluten and where it is from, each once', () => {
    expect(allergenText(['milk', 'wheat', 'barley', 'milk'])).toBe('gluten: barley, wheat; milk');
    expect(allergenText(['tree nuts'])).toBe('tree nuts');
    expect(allergenText([])).toBe('');
  });

  it('say what nobody has told', () => {
    expect(allergenText(['unknown', 'milk'])).toBe('milk; allergens not known');
    expect(allergenText(['unknown'])).toBe('allergens not known');
  });
});
