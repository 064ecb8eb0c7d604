import { kitchen, kitchenReplacement } from './kitchen.js';
import { USUAL_KITCHEN } from './usual-kitchen.js';

const CUP = USUAL_KITCHEN.tools.find(({ name }) => name === '1 cup')!;

describe('a kitchen', () => {
  it('is valid while it is new, and survives the wire', () => {
    expect(kitchen.parse(JSON.parse(JSON.stringify(USUAL_KITCHEN)))).toEqual(USUAL_KITCHEN);
  });

  const sizes: readonly [string, boolean][] = [
    ['1', true],
    ['1/2', true],
    ['1 1/2', true],
    ['2.5', true],
    ['0', false],
    ['1/0', false],
    ['0/4', false],
    ['-1', false],
    ['99999', false],
    ['half', false],
    ['', false],
  ];
  for (const [nominal, isSize] of sizes) {
    it(`${isSize ? 'takes' : 'refuses'} "${nominal}" as a size`, () => {
      const replacement = { ...USUAL_KITCHEN, tools: [{ ...CUP, nominal }] };
      expect(kitchenReplacement.safeParse(replacement).success).toBe(isSize);
    });
  }
});
