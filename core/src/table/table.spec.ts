import { densityOf, pieceOf } from '../measuring/index.js';
import { BUILT_IN_SHELF, shelfOf } from '../shelf/index.js';
import { publicTable, tableEntries, withTable } from './index.js';
import { readFoods } from './food.js';
import { readVolume } from './measures.js';

const HEAD =
  'ndb,name,group,water_g,fat_g,sugars_g,carbohydrate_g,protein_g,sodium_mg,amount,measure,grams';
const ROWS = [
  '11518,"Taro, raw",vegetables,70.64,0.2,0.4,26.46,1.5,11.0,1.0,"cup, sliced",104.0',
  '11519,"Taro, cooked, without salt",vegetables,63.8,0.11,0.49,34.6,0.52,15.0,1.0,"cup, sliced",132.0',
  '02019,"Spices, fenugreek seed",spices,8.84,6.41,,58.35,23.0,67.0,1.0,tsp,3.7',
  '18214,"Crackers, cheese, regular",baked goods,3.1,25.3,0.3,58.2,10.1,995.0,1.0,"cup, crushed",62.0',
  '18228,"Crackers, saltines (includes oyster, soda, soup)",baked goods,4.03,8.85,2.22,74.0,9.5,941.0,1.0,"cup, crushed",70.0',
  '16112,Miso,legumes,43.0,6.0,6.2,26.5,11.7,3728.0,1.0,cup,275.0',
  '16124,"Soy sauce made from soy (tamari)",legumes,66.0,0.1,1.7,5.57,10.5,5586.0,1.0,tbsp,18.0',
  '11979,"Peppers, jalapeno, raw",vegetables,91.7,0.37,4.12,6.5,0.91,3.0,1.0,"cup, sliced",90.0',
  '11979,"Peppers, jalapeno, raw",vegetables,91.7,0.37,4.12,6.5,0.91,3.0,1.0,pepper,14.0',
  '02031,"Spices, pepper, red or cayenne",spices,8.05,17.27,10.34,56.6,12.0,30.0,1.0,tsp,1.8',
  '11821,"Peppers, sweet, red, raw",vegetables,92.2,0.3,4.2,6.03,0.99,4.0,1.0,"cup, chopped",149.0',
  '14309,"Malted drink mix, natural, powder",beverages,3.1,1.33,63.38,80.0,8.0,290.0,1.0,serving (4 tbsp or 1 envelope),21.0',
  '14639,"Rice drink, unsweetened",beverages,89.28,0.97,5.28,9.17,0.28,39.0,8.0,"fl oz (1 serving)",240.0',
  '99999,No figures,vegetables,80.0,0,0,0,0,0,1.0,cup,none',
];
const CSV = [HEAD, ...ROWS].join('\n');
const TABLE = publicTable(tableEntries(CSV));
const nameOf = (words: string): string | undefined => TABLE.closest(words.split(' '))?.name;

describe('the public table', () => {
  it('is read food by food, without what has no figure', () => {
    const foods = readFoods(CSV);
    expect(foods.length).toBe(ROWS.length - 2);
    const pepper = foods.find(({ number }) => number === '11979')!;
    expect(pepper.measures.length).toBe(2);
    expect(foods.find(({ number }) => number === '02019')!.sugars).toBeNull();
  });

  const measures: readonly (readonly [number, string, number, string | null])[] = [
    [1, 'cup, chopped', 110, '1 cup 110 chopped'],
    [0.33, 'cup', 40, '0.33 cup 40 '],
    [1, 'serving (4 tbsp or 1 envelope)', 21, '4 tbsp 21 '],
    [8, 'fl oz (1 serving)', 240, '1 cup 240 '],
    [1, 'serving 1 tbsp', 20, '1 tbsp 20 '],
    [1, 'serving (3 heaping tsp or 1 envelope)', 28, null],
    [1, 'package (10 oz)', 284, null],
    [1, 'medium (3" dia)', 182, null],
  ];
  for (const [amount, measure, grams, expected] of measures) {
    it(`reads the measure "${measure}"`, () => {
      const read = readVolume({ amount, measure, grams });
      const said = read && `${read.amount} ${read.unit} ${read.grams} ${read.words}`;
      expect(said).toBe(expected);
    });
  }
});

describe('a name that the shelf lacks', () => {
  it('is the raw food, not the cooked one', () => {
    expect(nameOf('taro')).toBe('Taro, raw');
    expect(nameOf('cooked taro')).toBe('Taro, cooked, without salt');
  });

  it('is found by what names it, whatever sorts it', () => {
    expect(nameOf('fenugreek seed')).toBe('Spices, fenugreek seed');
    expect(nameOf('saltine')).toContain('saltines');
    expect(nameOf('jalapeno')).toBe('Peppers, jalapeno, raw');
  });

  it('is never something else that holds the word', () => {
    for (const name of ['cheese', 'soup', 'soy', 'sugar free taro', 'taro milk', 'vegan miso']) {
      expect(nameOf(name)).withContext(name).toBeUndefined();
    }
  });

  it('is nothing for words that only a programmer knows', () => {
    for (const name of ['constructor', 'toString', '__proto__', 'hasOwnProperty']) {
      expect(nameOf(name)).withContext(name).toBeUndefined();
    }
  });

  it('is asked where two of different kinds are as near', () => {
    expect(nameOf('red pepper')).toBeUndefined();
    expect(nameOf('sweet red pepper')).toBe('Peppers, sweet, red, raw');
  });

  it('is looked through as it is typed, the plainest first', () => {
    expect(TABLE.typed('tar', 5).map(({ name }) => name)).toEqual([
      'Taro, raw',
      'Taro, cooked, without salt',
    ]);
    expect(TABLE.typed('', 5)).toEqual([]);
  });
});

describe('a food of the table as an ingredient', () => {
  const of = (number: string) => TABLE.food(number)!;

  it('weighs as its measures say, on a rung of its own, its allergens not known', () => {
    const taro = of('11518');
    const found = densityOf({ ingredient: taro, form: null, method: 'level', size: 'cup' })!;
    expect(found.rung).toBe('table');
    expect(found.gramsPerMillilitre * 236.588).toBeCloseTo(104, 3);
    expect(found.relativeSpread).toBeGreaterThan(0);
    expect([taro.class, taro.allergens]).toEqual(['chunk', ['unknown']]);
    expect(taro.keeps).toBeNull();
    expect(pieceOf(of('11979'), 'each', null)).toEqual(
      jasmine.objectContaining({ rung: 'table', gramsEach: 14 }),
    );
  });

  it('is of the class that can weigh so much, and none where nothing can', () => {
    expect(of('16112').class).toBe('paste');
    // 18 g to a tablespoon: no sauce of so much water weighs that, and no paste is so heavy.
    expect(of('16124')?.class).not.toBe('liquid');
  });

  it('stands behind the shelf, and weighs the same once it was taken onto it', () => {
    const behind = withTable(BUILT_IN_SHELF, TABLE);
    expect(behind.ingredient('food-11518')?.name).toBe('Taro, raw');
    expect(behind.behind!(['taro'])?.id).toBe('food-11518');
    const taken = {
      id: 'own-taro',
      name: 'Taro',
      class: 'chunk' as const,
      role: 'inclusion' as const,
      waterPercent: 70.6,
      tableFood: '11518',
      allergens: [],
      aliases: [],
    };
    const own = { ingredientId: 'own-taro', form: null, method: 'level', gramsPerMillilitre: 0.5 };
    const density = (shelf: ReturnType<typeof shelfOf>) => {
      const ingredient = withTable(shelf, TABLE).ingredient('own-taro')!;
      return densityOf({ ingredient, form: null, method: 'level', size: 'cup' })!;
    };
    const asTable = density(shelfOf([], [taken]));
    expect(asTable.gramsPerMillilitre * 236.588).toBeCloseTo(104, 3);
    expect(asTable.rung).toBe('reference');
    // Weighed here, it goes by that.
    const weighed = density(shelfOf([own as never], [taken]));
    expect(weighed.gramsPerMillilitre).toBeCloseTo(0.5, 6);
  });
});
