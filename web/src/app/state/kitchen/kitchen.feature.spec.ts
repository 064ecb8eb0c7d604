import { USUAL_KITCHEN, type KitchenTool } from '@ypsigram/contract';
import { kitchenActions as actions, kitchenChanges as changes } from './kitchen.actions';
import { kitchenFeature, type KitchenState } from './kitchen.feature';
import { selectDrawer, selectShelf } from './kitchen.selectors';

type KitchenAction = ReturnType<
  (typeof actions)[keyof typeof actions] | (typeof changes)[keyof typeof changes]
>;

const after = (...happened: KitchenAction[]): KitchenState =>
  happened.reduce<KitchenState>(
    (state, action) => kitchenFeature.reducer(state, action),
    kitchenFeature.reducer(undefined, actions.kitchenLoaded({ kitchen: USUAL_KITCHEN })),
  );

const MUG: KitchenTool = {
  name: 'blue mug',
  kind: 'cup',
  nominal: '310',
  unit: 'ml',
  set: null,
  aside: false,
  calibration: null,
};

describe('the kitchen', () => {
  it('can take back every change, one by one', () => {
    const changed = [
      changes.toolAdded({ tool: MUG }),
      changes.standardChosen({ standard: 'metric' }),
      changes.toolRemoved({ name: '1 cup' }),
    ] as const;
    const undo = changes.changeUndone();
    expect(after(...changed, undo).current.tools.map(({ name }) => name)).toContain('1 cup');
    expect(after(...changed, undo).current.standard).toBe('metric');
    expect(after(...changed, undo, undo, undo).current).toEqual(after().current);
    expect(after(...changed, undo, undo, undo, undo).current).toEqual(after().current);
  });

  it('fills a class as it is used to, until it does as the author did again', () => {
    const dipped = changes.habitChosen({ of: 'powder', method: 'dipped' });
    const loose = changes.habitChosen({ of: 'moist', method: 'loose' });
    expect(after(dipped, loose).current.habits).toEqual({ powder: 'dipped', moist: 'loose' });
    const back = changes.habitChosen({ of: 'powder', method: null });
    expect(after(dipped, loose, back).current.habits).toEqual({ moist: 'loose' });
    const ounces = changes.weighingChosen({ weighedIn: 'oz' });
    expect(after(ounces).current.weighedIn).toBe('oz');
  });

  it('remembers what a name means here, once, until it is forgotten', () => {
    const answer = {
      note: 'kind-ambiguous',
      name: 'kosher salt',
      word: null,
      reading: { ingredientId: 'salt-coarse-dense' },
    } as const;
    const other = { ...answer, reading: { ingredientId: 'salt-coarse-light' } };
    const kept = after(changes.answerKept({ answer }), changes.answerKept({ answer: other }));
    expect(kept.current.answers).toEqual([other]);
    expect(
      after(changes.answerKept({ answer }), changes.answerForgotten({ of: other })).current.answers,
    ).toEqual([]);
  });

  it('gives plans the tools that are here', () => {
    const cups = (state: KitchenState): string[] =>
      selectDrawer({ kitchen: state }).dry.map(({ id }) => id);
    expect(cups(after(changes.toolAdded({ tool: MUG })))).toContain('blue mug');
    const aside = after(changes.toolAdded({ tool: { ...MUG, aside: true } }));
    expect(cups(aside)).not.toContain('blue mug');
  });

  it('sets one own weight for each form and method, and puts the table’s back', () => {
    const of = { ingredientId: 'honey', form: null, method: 'poured' } as const;
    const set = (gramsPerMillilitre: number) =>
      changes.weightSet({ weight: { ...of, gramsPerMillilitre } });
    const grams = (state: KitchenState): number =>
      selectShelf({ kitchen: state }).ingredient('honey')!.weights[0]!.grams;
    expect(after(set(1.3), set(1.5)).current.weights.length).toBe(1);
    expect(grams(after(set(1.3), set(1.5)))).toBeCloseTo(1.5 * 236.588, 2);
    expect(grams(after(set(1.3), changes.weightPutBack({ of })))).toBe(339);
    expect(grams(after(set(1.3), changes.changeUndone()))).toBe(339);
  });

  it('keeps one scale, container, price and hand of a name, and takes each back', () => {
    const bowl = (grams: number) => changes.containerKept({ container: { name: 'bowl', grams } });
    const grebe = { id: '00000000-0000-4000-8000-000000000001', name: 'Grebe' };
    const state = after(
      bowl(300),
      bowl(312),
      changes.handKept({ hand: grebe }),
      changes.handChosen({ id: grebe.id }),
      changes.priceKept({ price: { ingredientId: 'honey', packGrams: 500, price: 5 } }),
      changes.priceKept({ price: { ingredientId: 'honey', packGrams: 500, price: 6 } }),
    );
    expect(state.current.containers).toEqual([{ name: 'bowl', grams: 312 }]);
    expect(state.current.prices.map(({ price }) => price)).toEqual([6]);
    expect(state.current.handId).toBe(grebe.id);
    const gone = kitchenFeature.reducer(state, changes.handRemoved({ id: grebe.id }));
    expect(gone.current.handId).toBeNull();
    expect(kitchenFeature.reducer(gone, changes.changeUndone()).current.handId).toBe(grebe.id);
  });

  it('puts a whole set in the wash with one step', () => {
    const names = ['1 cup', '1/2 cup'];
    const state = after(changes.toolsPutAside({ names, aside: true }));
    expect(state.current.tools.filter(({ aside }) => aside).map(({ name }) => name)).toEqual(names);
    expect(kitchenFeature.reducer(state, changes.changeUndone()).current).toEqual(after().current);
  });

  it('adds an ingredient with its weight, and takes both away together', () => {
    const ingredient = {
      id: 'own-carob',
      name: 'Carob powder',
      class: 'powder',
      role: 'flavour',
      waterPercent: 4,
      allergens: [],
      aliases: [],
    } as const;
    const weight = {
      ingredientId: ingredient.id,
      form: null,
      method: 'spooned',
      gramsPerMillilitre: 0.43,
    } as const;
    const state = after(
      changes.ingredientKept({
        ingredient: { ...ingredient, allergens: [], aliases: [] },
        weight,
      }),
    );
    const carob = selectShelf({ kitchen: state }).ingredient('own-carob');
    expect(carob?.weights.length).toBe(1);
    const gone = kitchenFeature.reducer(state, changes.ingredientRemoved({ id: 'own-carob' }));
    expect(gone.current.weights).toEqual([]);
    expect(gone.current.ingredients).toEqual([]);
  });

  it('takes the newer kitchen of another window, one step of undo from its own', () => {
    const theirs = { ...USUAL_KITCHEN, standard: 'japanese' as const, revision: 4 };
    const met = after(
      changes.standardChosen({ standard: 'metric' }),
      actions.newerKitchenMet({ kitchen: theirs, problem: 'Changed elsewhere.' }),
    );
    expect(met.current.standard).toBe('japanese');
    expect(met.revision).toBe(4);
    expect(kitchenFeature.reducer(met, changes.changeUndone()).current.standard).toBe('metric');
  });
});
