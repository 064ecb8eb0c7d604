import { Fraction } from '../amount/index.js';
import type { Bounded } from '../catalogue/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { planBatch } from '../batch/index.js';
import { keepingOf } from '../reading/index.js';
import { ORDINARY_RECIPES } from '../testing/ordinary-recipes.js';
import { BUNS, readText, usualBatch } from '../testing/usual.js';
import { cautionsFor, doubtfulAmounts } from './index.js';

describe('cautions', () => {
  const at = (factor: string, reading = BUNS) =>
    cautionsFor(reading, new Fraction(factor), BUILT_IN_SHELF, 'fresh');

  it('apply where they do, and only there', () => {
    expect(at('1')).toEqual(['raw-flour', 'raw-egg']);
    expect(at('2')).toEqual(['bake-time', 'raw-flour', 'raw-egg']);
    expect(at('3')).toContain('not-linear');
    expect(at('1/3')).toContain('not-linear');
    expect(at('5')).toContain('by-eye');
    expect(at('1', readText('1 cup honey\n1 cup water'))).toEqual([]);
    expect(at('1', readText('Pear preserves\n1 cup sugar'))).toEqual([]);
  });

  const codes = (text: string) => at('1', readText(text));

  it('warn of what is eaten raw, louder than of a taste', () => {
    expect(codes('Edible cookie dough\n1 cup flour\n1/2 cup butter')).toEqual(['eaten-raw-flour']);
    expect(
      codes('Tiramisu\n4 eggs\n500 g mascarpone\n2 tbsp rum\n\nMethod\nWhisk the yolks. Chill.'),
    ).toEqual(['eaten-raw-egg', 'alcohol']);
    expect(codes('Royal icing\n2 egg whites\n400 g powdered sugar')).toContain('eaten-raw-egg');
    expect(codes('No-bake bars\n1 cup flour\n\nMethod\nStir and chill for an hour.')).toContain(
      'eaten-raw-flour',
    );
    expect(
      codes('Rum cake\n200 g flour\n2 tbsp rum\n\nMethod\nMix. Bake at 180 °C for 40 minutes.'),
    ).toEqual(['raw-flour']);
  });

  it('keep honey from babies, in three languages, and from nobody else', () => {
    for (const title of [
      'First cake for baby',
      'Finger biscuits from 8 months',
      'Babykekse',
      'Kekse ab 8 Monaten',
      'Biscuits pour bébé',
      'Gâteau dès 9 mois',
    ]) {
      expect(codes(`${title}\n2 tbsp honey\n1 cup flour`))
        .withContext(title)
        .toContain('infants');
    }
    for (const title of ['Honey cake', 'Baby spinach tart', 'Cake that keeps 3 months']) {
      expect(codes(`${title}\n2 tbsp honey\n1 cup flour`))
        .withContext(title)
        .not.toContain('infants');
    }
  });

  it('name lye, and bitter almonds', () => {
    expect(codes('Pretzels\n500 g flour\n\nMethod\nDip into the lye for 10 seconds.')).toContain(
      'lye',
    );
    expect(codes('Brezeln\n500 g Mehl\n\nZubereitung\nIn die Natronlauge tauchen.')).toContain(
      'lye',
    );
    expect(
      codes('Bretzels\n500 g de farine\n\nPréparation\nTremper dans la soude caustique.'),
    ).toContain('lye');
    expect(codes('Marzipan\n200 g almonds\n5 bitter almonds')).toContain('bitter-kernels');
    expect(codes('Cake\n200 g flour\n1 tsp almond extract')).not.toContain('bitter-kernels');
  });

  it('say how a curd keeps', () => {
    expect(
      cautionsFor(readText('Lemon curd\n100 g sugar'), new Fraction(1), BUILT_IN_SHELF, 'chilled'),
    ).toEqual(['keep-cold']);
  });
});

describe('amounts that can hardly be meant', () => {
  const doubts = (text: string) => {
    const reading = readText(text);
    const plan = planBatch(reading, usualBatch());
    return doubtfulAmounts(plan, BUILT_IN_SHELF, reading.title).map(({ line, of }) => [line, of]);
  };

  it('are asked about, each role by its own bound', () => {
    expect(doubts('2 cups flour\n3 tbsp salt\n1/4 cup baking soda')).toEqual([
      [1, 'salt'],
      [2, 'soda'],
    ]);
    const wrong: readonly (readonly [string, Bounded])[] = [
      ['1 kg active dry yeast', 'dry-yeast'],
      ['3 tbsp instant yeast', 'dry-yeast'],
      ['100 g fresh yeast', 'fresh-yeast'],
      ['4 tbsp baking powder', 'baking-powder'],
      ["2 tbsp baker's ammonia", 'ammonia'],
      ['2 tbsp xanthan gum', 'gum'],
      ['1/2 cup vanilla extract', 'vanilla'],
      ['2 tbsp almond extract', 'almond-extract'],
      ['1/2 cup cinnamon', 'cinnamon'],
      ['2 tbsp nutmeg', 'strong-spice'],
      ['2 tbsp ground cloves', 'strong-spice'],
    ];
    for (const [line, of] of wrong) {
      expect(doubts(`2 cups flour\n1 cup milk\n${line}`))
        .withContext(line)
        .toEqual([[2, of]]);
    }
    expect(doubts('500 ml cream\n60 g powdered gelatin')).toEqual([[1, 'gelatine']]);
  });

  it('are held against the whole where there is hardly any flour', () => {
    expect(doubts('400 g dark chocolate\n4 eggs\n20 g flour\n1 tbsp salt')).toEqual([[3, 'salt']]);
    expect(doubts('400 g dark chocolate\n4 eggs\n20 g flour\n1 tsp salt')).toEqual([]);
  });

  it('are left alone in what is no dough, and in the bath beside one', () => {
    expect(
      doubts(
        'Pretzels\n\nDough\n500 g flour\n10 g salt\n\nFor the bath\n2 l water\n100 g baking soda',
      ),
    ).toEqual([]);
    expect(doubts('Dry rub\n1/2 cup salt\n1/2 cup brown sugar')).toEqual([]);
  });

  it('are an alarm in at most two of two hundred ordinary recipes', () => {
    const recipes = ORDINARY_RECIPES.trim().split('\n');
    expect(recipes.length).toBeGreaterThanOrEqual(200);
    const alarmed = recipes.filter((one) => doubts(one.split(' | ').join('\n')).length > 0);
    expect(alarmed.length).withContext(alarmed.join('\n')).toBeLessThanOrEqual(2);
  });

  it('are not of a recipe that is made to keep', () => {
    for (const one of ORDINARY_RECIPES.trim().split('\n')) {
      const reading = readText(one.split(' | ').join('\n'));
      expect(['fresh', 'chilled']).withContext(one).toContain(keepingOf(reading, BUILT_IN_SHELF));
    }
  });
});
