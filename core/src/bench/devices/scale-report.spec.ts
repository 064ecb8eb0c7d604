import { USUAL_REPORT, readScaleReport, stepOfReport, type ReportField } from './index.js';

/** Status, unit, power of ten, and the figure with its low byte first. */
const report = (status: number, unit: number, scaling: number, figure: number): Uint8Array =>
  Uint8Array.of(status, unit, scaling & 0xff, figure & 0xff, figure >> 8);

const STABLE = 4;
const GRAM = 2;

describe('a report of a weighing device (HID POS usage tables 1.02, page 0x8D)', () => {
  it('gives the mass in every unit of the table', () => {
    const grams = [0.001, 1, 1000, 0.2, null, 0.06479891, 1.55517384, 1e6, 907184.74, 31.1034768];
    [...grams, 28.349523125, 453.59237].forEach((each, at) => {
      const reading = readScaleReport(report(STABLE, at + 1, -1, 25))!;
      if (each === null) expect(reading.grams).withContext('tael').toBeNull();
      else
        expect(reading.grams)
          .withContext(String(at))
          .toBeCloseTo(2.5 * each, 8);
    });
  });

  it('shows ounces and pounds as its display does, all else in grams', () => {
    expect(readScaleReport(report(STABLE, 11, -1, 44))).toEqual(
      jasmine.objectContaining({ unit: 'oz', shown: '4.4' }),
    );
    expect(readScaleReport(report(STABLE, 12, -2, 125))).toEqual(
      jasmine.objectContaining({ unit: 'lb-oz', shown: '1.25' }),
    );
    expect(readScaleReport(report(STABLE, 3, -3, 250))).toEqual(
      jasmine.objectContaining({ unit: 'g', shown: '250', grams: 250 }),
    );
  });

  it('counts in a power of ten with its sign', () => {
    expect(readScaleReport(report(STABLE, GRAM, -1, 1234))?.grams).toBe(123.4);
    expect(readScaleReport(report(STABLE, GRAM, 0, 65535))?.grams).toBe(65535);
    expect(readScaleReport(report(STABLE, GRAM, 1, 12))?.grams).toBe(120);
    expect(stepOfReport(report(STABLE, GRAM, -1, 0))).toBe(0.1);
    expect(stepOfReport(report(STABLE, 3, -3, 0))).toBe(1);
    expect(readScaleReport(report(STABLE, GRAM, 100, 1))).toBeNull();
  });

  it('tells each status of the table', () => {
    const told = [1, 2, 3, 4, 5, 6, 7, 8].map((status) => {
      const { state, grams, isStable } = readScaleReport(report(status, GRAM, 0, 7))!;
      return [state, grams, isStable];
    });
    expect(told).toEqual([
      ['on', null, false],
      ['on', 7, true],
      ['on', 7, false],
      ['on', 7, true],
      ['on', -7, false],
      ['overload', null, false],
      ['on', null, false],
      ['on', null, false],
    ]);
  });

  it('is none where it is short, or holds what the table does not have', () => {
    expect(readScaleReport(Uint8Array.of())).toBeNull();
    expect(readScaleReport(Uint8Array.of(STABLE, GRAM, 0, 7))).toBeNull();
    expect(readScaleReport(report(9, GRAM, 0, 7))).toBeNull();
    expect(readScaleReport(report(STABLE, 13, 0, 7))).toBeNull();
    expect(stepOfReport(Uint8Array.of(1))).toBeNull();
  });

  it('is read by the fields that the device describes, of any size and in any order', () => {
    const [status, unit, scaling, weight] = USUAL_REPORT as [
      ReportField,
      ReportField,
      ReportField,
      ReportField,
    ];
    const described: ReportField[] = [
      { ...weight, bits: 24 },
      { ...scaling, bits: 4, least: -8 },
      // A choice of its own: grams and ounces only, counted from 0.
      { ...unit, usages: [unit.usages[1]!, unit.usages[10]!], bits: 1, least: 0 },
      { ...status, bits: 3, least: 0 },
    ];
    // 100,000 in 24 bits; then minus two in four, ounces in one and "weight stable" in three.
    const bytes = Uint8Array.of(0xa0, 0x86, 0x01, 0b0111_1110);
    expect(readScaleReport(bytes, described)).toEqual(
      jasmine.objectContaining({ unit: 'oz', shown: '1000.00', isStable: true }),
    );
  });
});
