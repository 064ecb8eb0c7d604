import { readText } from '../testing/usual.js';
import { isPreserving } from './index.js';

describe('a recipe for keeping', () => {
  const KEPT = [
    'Strawberry jam\n1 kg strawberries\n700 g sugar',
    'Dill pickles\n1 kg cucumbers\nLeave 1/2 inch headspace.',
    'Kimchi\n1 cabbage\n60 g salt',
    'Gravlax\n1 kg salmon\n60 g salt',
    'Bacon at home\n1 kg pork belly\n2.5 g curing salt',
    'Corned beef\n1 kg beef\n1 tsp saltpetre',
    'Green tomatoes\n1 kg tomatoes\nPour into sterilised jars.',
    'Peaches\n1 kg peaches\nProcess in a water bath for 20 minutes.',
    'Beans\n1 kg beans\nCover with a 3% brine.',
    'Erdbeermarmelade\n1 kg Erdbeeren\n500 g Gelierzucker',
    'Konfitüre aus Quitten\n1 kg Quitten',
    'Confiture de fraises\n1 kg de fraises',
    'Haricots\n1 kg de haricots\nStériliser les bocaux.',
  ];
  for (const text of KEPT) {
    it(`is “${text.split('\n').join(' / ')}”`, () => {
      expect(isPreserving(readText(text))).toBeTrue();
    });
  }

  const BAKED = [
    'Sponge with jam\n4 eggs\n120 g sugar\n2 tbsp strawberry preserves',
    'Jelly roll\n4 eggs\n1/2 cup jelly',
    'Jam tarts\n200 g flour\n100 g jam',
    'Crackers\n200 g flour\n1 tsp pink salt\nWrap for storage.',
    'Cheesecake\n500 g cream cheese\nBake in a water bath.',
    'Pickle sandwich loaf\n500 g flour\n1 jar pickles',
    'Marmeladenkuchen\n200 g Mehl\n100 g Marmelade',
    'Scones\n200 g flour\nServe with clotted cream and jam.',
  ];
  for (const text of BAKED) {
    it(`is not “${text.split('\n').join(' / ')}”`, () => {
      expect(isPreserving(readText(text))).toBeFalse();
    });
  }
});
