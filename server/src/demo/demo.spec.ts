import {
  USUAL_KITCHEN,
  type Author,
  type Kitchen,
  type RecipeDraft,
  type TrialRecord,
} from '@ypsigram/contract';
import { ratiosOf, type Ratios } from '@ypsigram/core/batch';
import { biasAgainst, trialByToday, trialSets } from '@ypsigram/core/calibration';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { intendedMass } from '@ypsigram/core/conversion';
import { readRecipe } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { startTestServer } from '../testing/test-server.js';
import { fillWithDemo } from './fill.js';
import { SAMPLE_RECIPES } from '@ypsigram/contract/samples';

const reading = (draft: RecipeDraft) =>
  readRecipe(draft.text, draft.standard ?? USUAL_STANDARD, BUILT_IN_SHELF);

function ratios(title: string): Ratios {
  const draft = SAMPLE_RECIPES.find(({ text }) => text.startsWith(title))!;
  const { lines, standard } = reading(draft);
  const parts = lines.flatMap((line) => {
    const grams = intendedMass(line, standard, BUILT_IN_SHELF)?.grams;
    return line.ingredientId && grams ? [{ ingredientId: line.ingredientId, grams }] : [];
  });
  return ratiosOf(parts, BUILT_IN_SHELF)!;
}

describe('the demo recipes', () => {
  for (const draft of SAMPLE_RECIPES) {
    const read = reading(draft);
    it(`understand every line of "${read.title}"`, () => {
      const ingredients = read.lines.filter(({ kind }) => kind === 'ingredient');
      expect(ingredients.length).toBeGreaterThanOrEqual(8);
      expect(ingredients.length).toBeLessThanOrEqual(14);
      expect(read.yield).not.toBeNull();
      expect(read.lines.some(({ kind }) => kind === 'step')).toBeTrue();
      for (const line of read.lines) {
        expect(line.kind).withContext(line.written).not.toBe('unread');
        if (line.kind === 'ingredient')
          expect(line.ingredientId).withContext(line.written).not.toBeNull();
      }
    });
  }

  // What bakers call normal for each kind, in percent of flour.
  const usual: readonly [string, keyof Ratios, number, number][] = [
    ['Towpath oat slabs', 'sugar', 50, 90],
    ['Towpath oat slabs', 'fat', 40, 65],
    ['Towpath oat slabs', 'salt', 0.4, 1.5],
    // Dough and filling together; the dough alone is near 80.
    ['Cardamom knots', 'water', 75, 95],
    ['Cardamom knots', 'yeast', 1, 3],
    ['Cardamom knots', 'salt', 0.8, 2.2],
    ['Polenta and pear tin', 'egg', 35, 80],
    ['Polenta and pear tin', 'leavening', 1, 4],
    ['Rye and honey crispbread', 'water', 45, 75],
    ['Rye and honey crispbread', 'salt', 1.5, 2.5],
    ['Rye and honey crispbread', 'leavening', 0.3, 1.5],
    ['Sesame rounds', 'fat', 55, 80],
    ['Sesame rounds', 'sugar', 20, 40],
    ['Lean sponge', 'egg', 150, 260],
    ['Lean sponge', 'sugar', 100, 160],
  ];
  for (const [title, ratio, low, high] of usual) {
    it(`keep ${ratio} of "${title}" between ${low} and ${high} % of flour`, () => {
      const value = ratios(title)[ratio];
      expect(value).toBeGreaterThanOrEqual(low);
      expect(value).toBeLessThanOrEqual(high);
    });
  }

  it('come in once: a kitchen that was emptied since stays as it is', async () => {
    const empty = await startTestServer();
    const { body: backup } = await empty.http.get('/api/backup').expect(200);
    const server = await startTestServer();
    await fillWithDemo(server.database, server.areas);
    await server.http
      .post('/api/backup')
      .send(backup as object)
      .expect(200);
    await fillWithDemo(server.database, server.areas);
    const { body } = await server.http.get('/api/recipes').expect(200);
    expect((body as { total: number }).total).toBe(0);
    await server.close();
    await empty.close();
  });

  it('leave the demo’s hands and authors with something to tell', async () => {
    const server = await startTestServer();
    await fillWithDemo(server.database, server.areas);
    const { items: trials } = (await server.http.get('/api/trials')).body as {
      items: TrialRecord[];
    };
    const { hands, containers } = (await server.http.get('/api/kitchen')).body as Kitchen;
    for (const { id, name } of hands) {
      const own = trials.filter(({ handId }) => handId === id);
      expect(own.length).withContext(name).toBeGreaterThanOrEqual(38);
      expect(own.length).withContext(name).toBeLessThanOrEqual(44);
    }
    const setOf = (name: string) => {
      const id = hands.find((hand) => hand.name === name)!.id;
      const own = trials
        .filter(({ handId }) => handId === id)
        .map((t) => trialByToday(t, USUAL_KITCHEN));
      return trialSets(own, BUILT_IN_SHELF, containers).find(
        ({ of }) => of.ingredientId === 'flour-wheat-all-purpose' && of.method === 'spooned',
      )!;
    };
    const heavy = setOf('Moorhen');
    const bias = biasAgainst(heavy.calibration!, heavy.reference!.gramsPerMillilitre);
    expect(bias.isClear).toBeTrue();
    expect(bias.difference).toBeGreaterThan(0.05);
    expect(heavy.trials.find(({ slip }) => slip)?.slip?.code).toBe('untared');
    expect(setOf('Grebe').trials.every(({ slip }) => slip === null)).toBeTrue();
    const { items: authors } = (await server.http.get('/api/authors')).body as { items: Author[] };
    const binder = authors.find(({ name }) => name === 'The blue binder')!;
    const flour = binder.inferred.find(
      ({ ingredientId }) => ingredientId === 'flour-wheat-all-purpose',
    )!;
    expect(flour.gramsPerMillilitre! * 236.588).toBeCloseTo(135.8, 1);
    await server.close();
  });

  it('fill an empty kitchen once, and leave a used one alone', async () => {
    const server = await startTestServer();
    const total = async (): Promise<number> =>
      ((await server.http.get('/api/recipes')).body as { total: number }).total;
    await fillWithDemo(server.database, server.areas);
    await fillWithDemo(server.database, server.areas);
    expect(await total()).toBe(SAMPLE_RECIPES.length);
    await server.close();
  });
});
