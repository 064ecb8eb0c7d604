import { THIS_KITCHEN } from '../catalogue/index.js';
import { BUILT_IN_SHELF, knownIngredient, shelfOf, type OwnIngredient } from './index.js';

describe('a shelf with own weights', () => {
  const FLOUR = 'flour-wheat-all-purpose';
  const own = {
    ingredientId: FLOUR,
    form: null,
    method: 'spooned',
    gramsPerMillilitre: 0.55,
  } as const;

  it('puts an own weight in the place of the one it overrules', () => {
    const flour = shelfOf([own]).ingredient(FLOUR)!;
    expect(flour.weights.map(({ method }) => method)).toEqual(['spooned', 'dipped', 'sifted']);
    expect(flour.weights[0]?.grams).toBeCloseTo(0.55 * 236.5882365, 9);
    expect(flour.weights[0]?.source).toBe(THIS_KITCHEN);
  });

  it('overrules the spoon along with the cup', () => {
    const sugar = shelfOf([{ ...own, ingredientId: 'sugar-granulated', method: 'level' }]);
    expect(sugar.ingredient('sugar-granulated')?.weights.length).toBe(1);
  });

  it('adds a way of filling that the table has not', () => {
    const flour = shelfOf([{ ...own, method: 'tamped' }]).ingredient(FLOUR)!;
    expect(flour.weights.length).toBe(4);
    expect(flour.weights.at(-1)?.method).toBe('tamped');
  });

  it('leaves the built-in ingredients as they are', () => {
    shelfOf([own]);
    expect(knownIngredient(FLOUR).weights[0]?.grams).toBe(125);
    expect(shelfOf([])).toBe(BUILT_IN_SHELF);
    expect(shelfOf([own]).ingredient('honey')).toBe(knownIngredient('honey'));
    expect(
      shelfOf([{ ...own, ingredientId: 'moon-dust' }]).ingredient('moon-dust'),
    ).toBeUndefined();
  });
});

describe('a shelf with own ingredients', () => {
  const CAROB: OwnIngredient = {
    id: 'own-carob',
    name: 'Carob powder',
    class: 'powder',
    role: 'flavour',
    waterPercent: 4,
    allergens: [],
    aliases: ['carob'],
  };
  const weight = {
    ingredientId: CAROB.id,
    form: null,
    method: 'spooned',
    gramsPerMillilitre: 0.43,
  } as const;

  it('reads them by their names', () => {
    const shelf = shelfOf([], [CAROB]);
    expect(shelf.findName(['carob', 'powder'])?.ingredientId).toBe(CAROB.id);
    expect(shelf.findName(['carob'])?.ingredientId).toBe(CAROB.id);
    expect(BUILT_IN_SHELF.findName(['carob'])).toBeNull();
    expect(shelf.all.length).toBe(BUILT_IN_SHELF.all.length + 1);
  });

  it('knows their weight only where one was given', () => {
    expect(shelfOf([], [CAROB]).ingredient(CAROB.id)?.weights).toEqual([]);
    expect(shelfOf([weight], [CAROB]).ingredient(CAROB.id)?.weights[0]?.source).toBe(THIS_KITCHEN);
  });

  it('gives an own name precedence, and a built-in id none', () => {
    const salt = { ...CAROB, id: 'own-salt', name: 'Salt', aliases: [] };
    expect(shelfOf([], [salt]).findName(['salt'])?.ingredientId).toBe('own-salt');
    const thief = { ...CAROB, id: 'honey' };
    expect(shelfOf([], [thief]).ingredient('honey')).toBe(knownIngredient('honey'));
  });
});
