import {
  calibratedDrawer,
  calibrationOfTool,
  stampedMillilitresOf,
  trialByToday,
  type OwnedTool,
} from './index.js';

const CUP: OwnedTool = {
  name: '1 cup',
  kind: 'cup',
  nominal: '1',
  unit: 'cup',
  aside: false,
  calibration: null,
};
const filled = (...grams: number[]): OwnedTool => ({
  ...CUP,
  calibration: { grams, celsius: 20, grid: 0.1 },
});

describe('a tool of a kitchen', () => {
  it('holds what its standard says', () => {
    expect(stampedMillilitresOf(CUP, 'us-customary')).toBeCloseTo(236.588, 3);
    expect(stampedMillilitresOf(CUP, 'metric')).toBe(250);
    expect(stampedMillilitresOf({ ...CUP, nominal: '1 1/2' }, 'metric')).toBe(375);
    expect(stampedMillilitresOf({ ...CUP, nominal: '310', unit: 'ml' }, 'metric')).toBe(310);
  });

  it('plans with real volumes only once there are enough fills', () => {
    const cupOf = (tool: OwnedTool): number =>
      calibratedDrawer({ standard: 'us-customary', tools: [tool] }, 'stick').dry[0]!.millilitres;
    expect(cupOf(filled(250, 250))).toBeCloseTo(236.588, 3);
    expect(cupOf(filled(250, 250, 250))).toBeCloseTo(250 * 1.00285, 2);
  });

  it('knows nothing of a tool that was never filled', () => {
    expect(calibrationOfTool(CUP, 'metric')).toBeNull();
    expect(calibrationOfTool(filled(), 'metric')).toBeNull();
  });

  it('levels an eighth of a cup as a cup, whatever its volume', () => {
    const eighth = { ...CUP, name: '1/8 cup', nominal: '1/8' };
    const trial = {
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      tool: '1/8 cup',
      grams: 16,
      millilitres: 29.6,
      verdict: null,
    } as const;
    const tools = { standard: 'us-customary', tools: [eighth] } as const;
    expect(trialByToday(trial, tools).size).toBe('cup');
    expect(trialByToday(trial, { ...tools, tools: [] }).size).toBe('tbsp');
  });
});
