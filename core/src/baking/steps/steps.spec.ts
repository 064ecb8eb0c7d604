import { readText } from '../../testing/usual.js';
import { KNOTS } from '../../testing/bake.js';
import { adviceOf, afterTester, bakeSteps, firstLook, type BakingFacts } from './index.js';

const walk = (text: string, said?: BakingFacts) => bakeSteps(readText(text), said);
const kinds = (text: string, said?: BakingFacts) => walk(text, said).steps.map(({ kind }) => kind);

const CAKE = `Lock cake
Makes 1 cake

200 g flour
100 g butter

Method
`;

describe('the steps of a recipe', () => {
  it('are its sentences, each for what is done', () => {
    expect(
      kinds(`${CAKE}Heat the oven to 180 °C. Cream the butter and sugar.
Fold in the flour.
Chill 1 hour.
Roll out and cut.
Bake 25 to 30 minutes. Cool on a wire rack.`),
    ).toEqual(['heat', 'cream', 'combine', 'chill', 'shape', 'bake', 'cool']);
  });

  it('carry their times and heat, a range from its early end', () => {
    const { steps } = walk(`${CAKE}Bake at 350 °F for 25 to 28 minutes.`);
    const bake = steps.find(({ kind }) => kind === 'bake')!;
    expect(bake.minutes).toEqual({ min: 25, max: 28 });
    expect(bake.heat?.celsius).toBeCloseTo(176.67, 1);
  });

  it('heat the oven before it is used, also where the text leaves that out', () => {
    const { steps } = walk(KNOTS);
    const heat = steps.findIndex(({ kind }) => kind === 'heat');
    const bake = steps.findIndex(({ kind }) => kind === 'bake');
    expect(heat).toBeGreaterThanOrEqual(0);
    expect(heat).toBeLessThan(bake);
    expect(steps[heat]!.heat).toEqual(steps[bake]!.heat);
  });

  it('take what stands in the same sentence for the rest in the pan', () => {
    const { steps, missing } = walk(
      `${CAKE}Bake at 180 °C for 25 to 28 minutes and turn out after 5 minutes.`,
    );
    expect(steps.at(-1)).toEqual(
      jasmine.objectContaining({ id: 'pan', kind: 'cool', minutes: { min: 5, max: 5 } }),
    );
    expect(missing).toEqual([]);
  });

  it('ask for what the text does not say, once', () => {
    expect(walk(`${CAKE}Mix and bake until gold.`).missing).toEqual(['celsius', 'minutes', 'pan']);
    const said = { celsius: 180, minMinutes: 30, maxMinutes: 35, panMinutes: 10 };
    const answered = walk(`${CAKE}Mix and bake until gold.`, said);
    expect(answered.missing).toEqual([]);
    const bake = answered.steps.find(({ kind }) => kind === 'bake')!;
    expect(bake.minutes).toEqual({ min: 30, max: 35 });
    expect(bake.heat?.celsius).toBe(180);
    expect(answered.steps.at(-1)!.minutes).toEqual({ min: 10, max: 10 });
  });

  it('go by what the baker said rather than by the text', () => {
    const { steps } = walk(`${CAKE}Bake at 180 °C for 30 minutes. Cool in the tin.`, {
      minMinutes: 25,
      maxMinutes: 25,
    });
    expect(steps.find(({ kind }) => kind === 'bake')!.minutes).toEqual({ min: 25, max: 25 });
  });

  it('turn out at once where its baker says so', () => {
    expect(kinds(`${CAKE}Bake at 180 °C for 30 minutes.`, { panMinutes: 0 }).at(-1)).toBe('bake');
  });

  it('are none of baking for what is not baked', () => {
    const found = walk(
      'Towpath cream\n200 ml cream\n30 g sugar\n\nMethod\nWhisk and chill 2 hours.',
    );
    expect(found.isBaked).toBeFalse();
    expect(found.missing).toEqual([]);
    expect(walk('200 g flour').steps).toEqual([]);
  });

  it('keep their ids for as long as the text is', () => {
    const ids = (): string[] => walk(KNOTS).steps.map(({ id }) => id);
    expect(ids()).toEqual(ids());
    expect(new Set(ids()).size).toBe(ids().length);
  });

  it('do not take a baking sheet, baking powder or cream of tartar for the work', () => {
    expect(kinds(`${CAKE}Line a baking tray.`)).not.toContain('bake');
    expect(kinds(`${CAKE}Whisk eggs and cream of tartar until thick.`)[0]).toBe('combine');
  });

  it('are about what they begin with, where that is work by hand', () => {
    expect(kinds(`${CAKE}Roll out, fold in three and cut into 18 strips.`)[0]).toBe('shape');
    expect(kinds(`${CAKE}Fold in the nuts and press it flat.`)[0]).toBe('combine');
    expect(kinds(`${CAKE}Slice a finger thick and spread out.`)[0]).toBe('cut');
  });

  it('are read in German and French too', () => {
    expect(kinds(`${CAKE}Den Ofen auf 180 °C vorheizen.\nButter schaumig rühren.`)).toContain(
      'cream',
    );
    expect(kinds(`${CAKE}Enfourner à 180 °C.`)).toContain('bake');
  });
});

describe('the first look', () => {
  it('is at the early end', () => {
    expect(firstLook(25, 'as-written')).toEqual({ minutes: 25, why: 'early-end' });
    expect(firstLook(25, 'deeper')).toEqual({ minutes: 25, why: 'early-end' });
  });
  it('is earlier in a dark or a shallower pan, with the reason', () => {
    expect(firstLook(40, 'dark')).toEqual({ minutes: 34, why: 'dark' });
    expect(firstLook(40, 'shallower')).toEqual({ minutes: 30, why: 'shallower' });
  });
  it('is earlier in an oven that is known to be hot', () => {
    expect(firstLook(30, 'as-written', 12)).toEqual({ minutes: 25, why: 'hot' });
    expect(firstLook(30, 'as-written', 4).why).toBe('early-end');
    expect(firstLook(1, 'shallower').minutes).toBe(1);
  });
});

describe('the tester', () => {
  const range = { min: 30, max: 40 };
  it('that is wet sends it back, to be looked at after a tenth of the time', () => {
    expect(afterTester('wet', 30, range)).toEqual({ do: 'wait', minutes: 4 });
    expect(afterTester('wet', 10, { min: 8, max: 10 })).toEqual({ do: 'wait', minutes: 2 });
    expect(afterTester('wet', 10, { min: 100, max: 180 })).toEqual({ do: 'wait', minutes: 10 });
  });
  it('with crumbs or clean says out, past it after the range', () => {
    expect(afterTester('crumbs', 45, range)).toEqual({ do: 'out', isPast: false });
    expect(afterTester('clean', 38, range)).toEqual({ do: 'out', isPast: false });
    expect(afterTester('clean', 45, range)).toEqual({ do: 'out', isPast: true });
  });
});

describe('what is said at a step', () => {
  const adviceAt = (text: string) =>
    walk(`${CAKE}${text}`)
      .steps.filter(({ text: of }) => of !== '')
      .map((step) => adviceOf(step));

  it('goes by the verb and by what is in the bowl', () => {
    expect(adviceAt('Fold in the flour.')).toEqual(['fold']);
    expect(adviceAt('Beat the eggs and sugar until smooth.')).toEqual([null]);
    expect(adviceAt('Sift the flour and baking powder together.')).toEqual([null]);
    expect(adviceAt('Das Mehl unterheben.')).toEqual(['fold']);
    expect(adviceAt('Divide the dough into 18 pieces.')).toEqual(['divide']);
    expect(adviceAt('Scrape the batter into the tin.')).toEqual([null]);
    expect(adviceAt('Cut in the butter.')).toEqual([null]);
    expect(adviceAt('Cool the cookies on a rack.')).toEqual([null]);
  });

  it('does not take lining a tin for shaping, nor beating for baking', () => {
    expect(kinds(`${CAKE}Line a 20 cm tin with paper.`)).toEqual(['prepare']);
    expect(kinds(`${CAKE}Beat the eggs for two minutes.`)).toEqual(['combine']);
  });

  it('heats the oven once, and takes no list of times for a step', () => {
    const found = kinds(
      `${CAKE}Prep 15 min, bake 35 minutes\nPreheat the oven to 180 °C.\nMeanwhile heat the oven.\nMix and bake.`,
    );
    expect(found.filter((kind) => kind === 'heat').length).toBe(1);
    expect(found.filter((kind) => kind === 'bake').length).toBe(1);
  });

  it('gives the time in the oven through all its stages', () => {
    expect(
      walk(`${CAKE}Bake 10 minutes at 230, then reduce to 190 and bake 30 more.`).inOven,
    ).toEqual({ min: 40, max: 40 });
    expect(
      walk(`${CAKE}Bake at 230 °C for 10 minutes, then at 190 °C until brown.`).inOven,
    ).toBeNull();
  });

  it('is that of the last time in the oven, where nuts were toasted or a base was baked before', () => {
    for (const before of [
      'Toast the nuts in the oven at 180 °C for 8 minutes. Beat the eggs with the sugar.',
      'Bake the base at 180 °C for 15 minutes. Whisk the eggs and the lemon juice.',
      'Bake at 180 °C for 25 minutes. Cool for 10 minutes, then slice.',
    ]) {
      const { inOven } = walk(`${CAKE}${before} Bake at 160 °C for 40 minutes.`);
      expect(inOven).withContext(before).toEqual({ min: 40, max: 40 });
    }
  });
});
