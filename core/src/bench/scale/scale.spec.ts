import {
  EMPTY_SCALE,
  beamSetting,
  displayOf,
  ounceGrid,
  remember,
  scaleWarnings,
  type ScaleReading,
  type ScaleSetting,
} from './index.js';

const reading = (grams: number, of: Partial<ScaleReading> = {}): ScaleReading => ({
  state: 'on',
  unit: 'g',
  shown: String(grams),
  grams,
  isStable: true,
  tareGrams: 0,
  ...of,
});

describe('what a scale shows', () => {
  it('is on its grid, in each of its units', () => {
    expect(displayOf(124.6, 'g', 1)).toEqual({ shown: '125', grams: 125 });
    expect(displayOf(3.14, 'g', 0.1)).toEqual({ shown: '3.1', grams: 3.1 });
    expect(displayOf(124.6, 'ml', 1).shown).toBe('125');
    expect(displayOf(124.6, 'oz', 1).shown).toBe('4.40');
    expect(displayOf(600, 'lb-oz', 1).shown).toBe('1 lb 5.15');
  });

  it('stands for the mass that is on the display, not for the one on the plate', () => {
    expect(displayOf(124.6, 'oz', 1).grams).toBeCloseTo(4.4 * 28.349523125, 9);
  });

  it('is never minus nothing', () => {
    expect(displayOf(-0.2, 'g', 1).shown).toBe('0');
  });

  it('has a step in ounces that is no finer than in grams', () => {
    expect(ounceGrid(1)).toBe(0.05);
    expect(ounceGrid(0.1)).toBe(0.005);
    expect(ounceGrid(5)).toBe(0.2);
  });
});

describe('the strip', () => {
  const SETTING: ScaleSetting = {
    containers: [{ name: 'white bowl', grams: 312 }],
    gridGrams: 1,
    content: null,
  };
  const warned = (readings: readonly ScaleReading[], setting = SETTING): string[] => {
    let memory = EMPTY_SCALE;
    for (const each of readings) memory = remember(memory, each, setting);
    return scaleWarnings(readings.at(-1)!, memory, setting).map(({ code }) => code);
  };

  it('warns of a known container, and of what is filled into it, until it is tared', () => {
    expect(warned([reading(0), reading(313)])).toEqual(['not-tared']);
    expect(warned([reading(0), reading(313), reading(438)])).toEqual(['not-tared']);
    expect(warned([reading(0), reading(313), reading(0, { tareGrams: 313 })])).toEqual([]);
    expect(warned([reading(0), reading(313), reading(0), reading(125)])).toEqual([]);
  });

  it('does not take flour for a bowl', () => {
    expect(warned([reading(0), reading(180), reading(312)])).toEqual([]);
  });

  it('says nothing while the reading moves', () => {
    expect(warned([reading(0), reading(313, { isStable: false })])).toEqual([]);
  });

  it('warns of ounces', () => {
    expect(warned([reading(125, { unit: 'oz' })])).toEqual(['wrong-unit']);
  });

  it('warns of millilitres of anything but water', () => {
    const of = (content: ScaleSetting['content']): string[] =>
      warned([reading(339, { unit: 'ml' })], { ...SETTING, content });
    expect(of({ gramsPerMillilitre: 1.43, isWater: false })).toEqual(['not-water']);
    expect(of({ gramsPerMillilitre: 1, isWater: true })).toEqual([]);
    expect(of(null)).toEqual([]);
  });

  it('says what the millilitres really are', () => {
    const content = { gramsPerMillilitre: 1.43, isWater: false };
    const [warning] = scaleWarnings(reading(143, { unit: 'ml' }), EMPTY_SCALE, {
      ...SETTING,
      content,
    });
    expect(warning).toEqual({
      code: 'not-water',
      shownMillilitres: 143,
      realMillilitres: jasmine.any(Number),
    });
    expect(warning?.code === 'not-water' && warning.realMillilitres).toBeCloseTo(100, 9);
  });

  it('warns of what this scale can not resolve', () => {
    expect(warned([reading(4)])).toEqual(['too-little']);
    expect(warned([reading(4)], { ...SETTING, gridGrams: 0.1 })).toEqual([]);
  });
});

describe('a beam scale', () => {
  it('is set to the nearest quarter ounce, pounds on loose weights', () => {
    expect(beamSetting(28.35).notches).toBe(4);
    const heavy = beamSetting(1000);
    expect(heavy.weights.length).toBe(2);
    expect(heavy.notches).toBe(13);
    expect(Math.abs(heavy.grams - 1000)).toBeLessThan(28.35 / 8);
  });
});
