import { NEW_KITCHEN, calibrationOf, drawerOfKitchen, stampedOf } from './kitchen-drawer.js';
import { kitchen, kitchenReplacement, type KitchenTool } from './kitchen.js';

const CUP = NEW_KITCHEN.tools.find(({ name }) => name === '1 cup')!;
const filled = (...grams: number[]): KitchenTool => ({
  ...CUP,
  calibration: { grams, celsius: 20, grid: 0.1 },
});

describe('a kitchen', () => {
  it('is valid while it is new, and survives the wire', () => {
    expect(kitchen.parse(JSON.parse(JSON.stringify(NEW_KITCHEN)))).toEqual(NEW_KITCHEN);
  });

  it('holds what its standard says', () => {
    expect(stampedOf(CUP, 'us-customary')).toBeCloseTo(236.588, 3);
    expect(stampedOf(CUP, 'metric')).toBe(250);
    expect(stampedOf({ ...CUP, nominal: '1 1/2' }, 'metric')).toBe(375);
    expect(stampedOf({ ...CUP, nominal: '310', unit: 'ml' }, 'metric')).toBe(310);
  });

  it('plans with real volumes only once there are enough fills', () => {
    const cupOf = (tool: KitchenTool): number =>
      drawerOfKitchen({ standard: 'us-customary', tools: [tool], block: 'stick' }).dry[0]!
        .millilitres;
    expect(cupOf(filled(250, 250))).toBeCloseTo(236.588, 3);
    expect(cupOf(filled(250, 250, 250))).toBeCloseTo(250 * 1.00285, 2);
  });

  it('knows nothing of a tool that was never filled', () => {
    expect(calibrationOf(CUP, 'metric')).toBeNull();
    expect(calibrationOf(filled(), 'metric')).toBeNull();
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
      const replacement = { ...NEW_KITCHEN, tools: [{ ...CUP, nominal }] };
      expect(kitchenReplacement.safeParse(replacement).success).toBe(isSize);
    });
  }
});
