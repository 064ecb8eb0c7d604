import { readScaleLine } from './index.js';

describe('a line from a serial scale', () => {
  it('is read with its unit, sign and stability', () => {
    expect(readScaleLine('ST,GS,+0123.4 g')).toEqual({
      state: 'on',
      unit: 'g',
      shown: '123.4',
      grams: 123.4,
      isStable: true,
      tareGrams: 0,
    });
    expect(readScaleLine('US,NT,-0002.0 g\r')).toEqual(
      jasmine.objectContaining({ grams: -2, isStable: false, tareGrams: null }),
    );
    expect(readScaleLine('ST,GS,   0.1250kg')?.grams).toBeCloseTo(125, 9);
    expect(readScaleLine('ST,GS,+004.40 oz')).toEqual(
      jasmine.objectContaining({ unit: 'oz', shown: '4.40' }),
    );
    expect(readScaleLine('ST,+12.5 g')?.grams).toBe(12.5);
  });

  it('says overload without a figure', () => {
    expect(readScaleLine('OL,GS,+------ g')).toBeNull();
    expect(readScaleLine('OL,GS,')).toEqual(
      jasmine.objectContaining({ state: 'overload', grams: null }),
    );
  });

  it('is passed over when it is torn or something else', () => {
    for (const line of ['', 'ST,GS', 'ready', '0123.4 g', 'ST,GS,+01x3 g', ',GS,+0123.4 g']) {
      expect(readScaleLine(line)).withContext(line).toBeNull();
    }
  });
});
