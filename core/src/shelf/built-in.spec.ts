import { type SourceRef, wordsOf } from '../catalogue/index.js';
import { densityOfSyrup } from '../measuring/index.js';
import { BUILT_IN_SHELF, CATALOGUE, ingredientById, knownIngredient } from './index.js';

const named = (text: string): string | undefined =>
  BUILT_IN_SHELF.findName(wordsOf(text))?.ingredientId;

const OF_A_SHELF: readonly SourceRef['from'][] = [
  'table',
  'handbook',
  'packages',
  'egg-grades',
  'nominal',
  'knowledge',
  'other-release',
  'physics',
  'kin',
];

describe('the catalogue', () => {
  it('has no id twice', () => {
    const ids = CATALOGUE.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('gives every ingredient a weight, and every weight a source', () => {
    for (const { id, weights } of CATALOGUE) {
      expect(weights.length).withContext(id).toBeGreaterThan(0);
      for (const { grams, amount, source } of weights) {
        expect(grams).withContext(id).toBeGreaterThan(0);
        expect(amount).withContext(id).toBeGreaterThan(0);
        expect(OF_A_SHELF).withContext(id).toContain(source.from);
        const rows = source.from === 'table' ? source.rows : [];
        for (const row of rows)
          expect(row)
            .withContext(id)
            .toMatch(/^\d{5}$/);
      }
    }
  });

  it('rests wholly on general knowledge for no more than sixty', () => {
    const guessed = CATALOGUE.filter(({ weights }) =>
      weights.every(({ source }) => source.from === 'knowledge'),
    );
    expect(guessed.length)
      .withContext(guessed.map(({ id }) => id).join(', '))
      .toBeLessThan(61);
  });

  it('weighs a syrup as a solution of its sugar weighs, where that is all that it is', () => {
    for (const { id, class: of, waterPercent, weights } of CATALOGUE) {
      for (const { source, grams, amount, unit } of weights) {
        if (of !== 'syrup' || source.from !== 'physics') continue;
        const millilitres = amount * (unit === 'cup' ? 236.588 : 14.787);
        const density = densityOfSyrup(100 - waterPercent);
        expect(Math.abs(grams / millilitres / density - 1))
          .withContext(id)
          .toBeLessThan(0.01);
      }
    }
  });

  it('keeps both weights where two sources disagree', () => {
    const cake = knownIngredient('flour-wheat-cake').weights.map(({ grams }) => grams);
    expect(cake).toEqual([137, 109, 96]);
  });

  it('finds every ingredient by its own name and aliases', () => {
    for (const { id, aliases, name } of CATALOGUE) {
      for (const alias of aliases) expect(named(alias)).withContext(alias).toBe(id);
      if (!name.includes('(')) expect(named(name)).withContext(name).toBe(id);
    }
  });

  it('names hidden allergens, as common labels do', () => {
    const HIDDEN: readonly (readonly [id: string, ...allergens: string[]])[] = [
      ['oil-peanut', 'peanuts'],
      ['marshmallow-creme', 'egg'],
      ['spread-hazelnut', 'tree nuts', 'milk', 'soy'],
      ['nougat', 'milk', 'soy'],
      ['cornflakes', 'barley'],
      ['rice-crisped', 'barley'],
      ['muesli', 'oats', 'wheat'],
      ['suet', 'wheat'],
      ['stock', 'celery'],
      ['wine-white', 'sulphites'],
      ['apricots-dried', 'sulphites'],
      ['raisins', 'sulphites'],
    ];
    for (const [id, ...allergens] of HIDDEN) {
      for (const one of allergens) {
        expect(knownIngredient(id).allergens).withContext(id).toContain(one);
      }
    }
  });

  it('says when an id is not known', () => {
    expect(ingredientById('moon-dust')).toBeUndefined();
    expect(() => knownIngredient('moon-dust')).toThrowError(RangeError);
  });
});

describe('findName', () => {
  const names: readonly [string, string | undefined][] = [
    ['bread flour', 'flour-wheat-bread'],
    ['Flour', 'flour-wheat-all-purpose'],
    ['all purpose flour', 'flour-wheat-all-purpose'],
    ['whole wheat flour', 'flour-wheat-whole'],
    ['wholewheat flours', 'flour-wheat-whole'],
    ["confectioners' sugar", 'sugar-powdered'],
    ['pumpkin puree', 'pumpkin-puree'],
    ['half-and-half', 'half-and-half'],
    ['cornflour', 'starch-corn'],
    ['corn flour', 'flour-corn-whole'],
    ['vanilla sugar', 'sugar-vanilla'],
    ['coconut milk', 'milk-coconut-canned'],
    ['blueberries', 'blueberries'],
    ['rubber boots', undefined],
  ];
  for (const [text, id] of names) it(`"${text}" is ${id}`, () => expect(named(text)).toBe(id));

  it('says when a name leaves the kind open', () => {
    expect(BUILT_IN_SHELF.findName(['salt'])?.assumedKind).toBeTrue();
    expect(BUILT_IN_SHELF.findName(wordsOf('fine sea salt'))?.assumedKind).toBeFalse();
    expect(BUILT_IN_SHELF.findName(wordsOf('kosher salt'))?.otherKinds).toEqual([
      'salt-coarse-dense',
    ]);
  });
});
