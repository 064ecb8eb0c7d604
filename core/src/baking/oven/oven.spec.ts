import fc from 'fast-check';
import { dialFor, ovenOffset, realHeat, wantedHeat, type OvenReading } from '../index.js';

const read = (setCelsius: number, readCelsius: number, isFan = false): OvenReading => ({
  setCelsius,
  readCelsius,
  isFan,
});

describe('an oven', () => {
  it('that is 12 °C hot is set to 165 for 177', () => {
    const offset = ovenOffset(
      [150, 180, 210].map((set) => read(set, set + 12)),
      false,
    )!;
    expect(Math.round(dialFor(offset, 177))).toBe(165);
    expect(offset.offsetCelsius).toBeCloseTo(12, 0);
  });

  it('is a line: hotter at one end of its dial than at the other', () => {
    const readings = [150, 165, 180, 200, 220].map((set) => read(set, set + 0.1 * (set - 180)));
    const offset = ovenOffset(readings, false)!;
    for (const [dial, truth] of [
      [220, 224],
      [150, 147],
    ] as const) {
      const { celsius, low, high } = realHeat(offset, dial);
      expect(Math.abs(celsius - truth)).toBeLessThan(2);
      expect(low <= truth && truth <= high).toBeTrue();
    }
  });

  it('is known better with each reading, and less far from where it was measured', () => {
    const doubt = (readings: OvenReading[], at: number): number => {
      const { low, high } = realHeat(ovenOffset(readings, false)!, at);
      return high - low;
    };
    const one = [read(180, 190)];
    const three = [...one, read(170, 181), read(190, 199)];
    expect(doubt(three, 180)).toBeLessThan(doubt(one, 180));
    expect(doubt(three, 240)).toBeGreaterThan(doubt(three, 180));
  });

  it('is never surer than the thermometer is, however many readings there are', () => {
    const many = Array.from({ length: 200 }, () => read(180, 190));
    const { low, high } = realHeat(ovenOffset(many, false)!, 180);
    expect((high - low) / 4).toBeGreaterThan(3);
    expect((high - low) / 4).toBeLessThan(3.3);
  });

  it('keeps fan and conventional apart, and says nothing unmeasured', () => {
    const readings = [read(180, 192), read(180, 200, true)];
    expect(ovenOffset(readings, true)!.offsetCelsius).toBeGreaterThan(
      ovenOffset(readings, false)!.offsetCelsius,
    );
    expect(ovenOffset([read(180, 192)], true)).toBeNull();
    expect(ovenOffset([], false)).toBeNull();
  });

  it('is as hot as wanted when its dial is set by `dialFor`, whatever its readings', () => {
    const reading = fc.record({
      setCelsius: fc.integer({ min: 100, max: 260 }),
      readCelsius: fc.integer({ min: 80, max: 300 }),
      isFan: fc.constant(false),
    });
    fc.assert(
      fc.property(
        fc.array(reading, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 120, max: 240 }),
        (readings, wanted) => {
          const offset = ovenOffset(readings, false)!;
          expect(realHeat(offset, dialFor(offset, wanted)).celsius).toBeCloseTo(wanted, 6);
        },
      ),
    );
  });

  it('holds the truth in nineteen of twenty lines through noisy readings', () => {
    // A fixed sequence that is spread as a thermometer in a cycling oven is.
    const noise = [4, -6, 2, 7, -3, 5, -8, 1, -2, 6, 3, -5, 0, -7, 8, -1, 4, -4, 2, -6];
    let holds = 0;
    for (let oven = 0; oven < noise.length; oven++) {
      const readings = [150, 170, 190, 210].map((set, at) =>
        read(set, set + 10 + noise[(oven + 5 * at) % noise.length]!),
      );
      const { low, high } = realHeat(ovenOffset(readings, false)!, 180);
      if (low <= 190 && 190 <= high) holds++;
    }
    expect(holds).toBeGreaterThanOrEqual(18);
  });

  it('with its fan on wants 20 °C less, unless the recipe says it', () => {
    expect(wantedHeat({ celsius: 180, fanCelsius: null }, true)).toEqual({
      celsius: 160,
      isWritten: false,
    });
    expect(wantedHeat({ celsius: 180, fanCelsius: 165 }, true)).toEqual({
      celsius: 165,
      isWritten: true,
    });
    expect(wantedHeat({ celsius: 180, fanCelsius: 165 }, false).celsius).toBe(180);
  });
});
