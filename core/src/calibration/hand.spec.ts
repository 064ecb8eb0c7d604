import { biasAgainst, calibrateHand, changeOf, studentT95, trialsNeeded } from './index.js';

const CUP = 236.5882365;
const hand = (...grams: number[]) =>
  calibrateHand(grams.map((mass) => ({ grams: mass, millilitres: CUP })))!;

describe('a hand', () => {
  it('has the mean, the deviation and the t-interval of its trials', () => {
    // Mean 129, sample deviation √10 = 3.1623, t(4) = 2.776.
    const found = hand(125, 127, 129, 131, 133);
    expect(found.gramsPerMillilitre * CUP).toBeCloseTo(129, 9);
    expect(found.spread! * 129).toBeCloseTo(3.16228, 5);
    expect(found.uncertainty * 129).toBeCloseTo((2.776 * 3.16228) / Math.sqrt(5), 3);
    expect(found.isEnough).toBeTrue();
  });

  it('is not believed with two trials, and says nothing of its spread with one', () => {
    expect(hand(125, 127).isEnough).toBeFalse();
    expect(hand(125).spread).toBeNull();
    expect(hand(125).uncertainty).toBe(Infinity);
    expect(calibrateHand([])).toBeNull();
  });

  it('takes half cups and cups together, by what a millilitre weighs', () => {
    const found = calibrateHand([
      { grams: 130, millilitres: CUP },
      { grams: 65, millilitres: CUP / 2 },
    ])!;
    expect(found.gramsPerMillilitre * CUP).toBeCloseTo(130, 9);
  });

  it('is biased when the reference lies outside its interval', () => {
    const heavy = hand(138, 140, 142, 139, 141);
    const bias = biasAgainst(heavy, 125 / CUP);
    expect(bias.difference).toBeCloseTo(0.12, 9);
    expect(bias.isClear).toBeTrue();
    expect(biasAgainst(hand(120, 130, 125, 128, 124), 125 / CUP).isClear).toBeFalse();
  });
});

describe('the trials that are needed', () => {
  it('are those of the t-interval, not of the normal one', () => {
    // With 4 %: t(17)·4/√18 = 1.989 is within 2 %, t(16)·4/√17 = 2.057 is not.
    expect(trialsNeeded(0.04)).toBe(18);
    // With 7 %, z alone would say 48.
    expect(trialsNeeded(0.07)).toBe(50);
  });

  it('are at least three, and not told when nobody would make so many', () => {
    expect(trialsNeeded(0)).toBe(3);
    expect(trialsNeeded(0.35)).toBeNull();
  });
});

describe("Student's t", () => {
  it('has the tabulated points, and those between the table and the normal distribution', () => {
    expect(studentT95(2)).toBe(4.303);
    expect(studentT95(30)).toBe(2.042);
    expect(studentT95(40)).toBeCloseTo(2.0211, 3);
    expect(studentT95(60)).toBeCloseTo(2.0003, 3);
    expect(studentT95(120)).toBeCloseTo(1.9799, 3);
    expect(studentT95(1e9)).toBeCloseTo(1.96, 4);
    expect(studentT95(0)).toBe(Infinity);
  });
});

describe('how a hand changes', () => {
  const DAY = 86_400_000;
  const over = (...grams: number[]) =>
    changeOf(grams.map((mass, day) => ({ at: day * DAY, gramsPerMillilitre: mass / CUP })));

  it('is the slope of a line through its trials', () => {
    const change = over(140, 138, 136, 134, 132, 130)!;
    // From 140 to 130 over five days, of a mean of 135.
    expect(change.change).toBeCloseTo(-10 / 135, 6);
    expect(change.days).toBe(5);
    expect(change.isClear).toBeTrue();
  });

  it('is not clear where trials only scatter', () => {
    expect(over(130, 136, 131, 135, 130, 136)!.isClear).toBeFalse();
  });

  it('can not be told from few trials, or from one day', () => {
    expect(over(130, 131, 132)).toBeNull();
    const sameDay = Array.from({ length: 8 }, (_, at) => ({ at, gramsPerMillilitre: 0.5 + at }));
    expect(changeOf(sameDay)).toBeNull();
  });
});
