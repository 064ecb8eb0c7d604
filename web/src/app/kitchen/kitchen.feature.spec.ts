import { NEW_KITCHEN, type KitchenTool } from '@ypsigram/contract';
import { kitchenActions as actions, kitchenFeature, type KitchenState } from './kitchen.feature';

type KitchenAction = ReturnType<(typeof actions)[keyof typeof actions]>;

const after = (...happened: KitchenAction[]): KitchenState =>
  happened.reduce<KitchenState>(
    (state, action) => kitchenFeature.reducer(state, action),
    kitchenFeature.reducer(undefined, actions.kitchenLoaded({ kitchen: NEW_KITCHEN })),
  );

const MUG: KitchenTool = {
  name: 'blue mug',
  kind: 'cup',
  nominal: '310',
  unit: 'ml',
  aside: false,
  calibration: null,
};

describe('the kitchen', () => {
  it('can take back every change, one by one', () => {
    const changed = [
      actions.toolAdded({ tool: MUG }),
      actions.standardChosen({ standard: 'metric' }),
      actions.toolRemoved({ name: '1 cup' }),
    ] as const;
    const undo = actions.changeUndone();
    expect(after(...changed, undo).current.tools.map(({ name }) => name)).toContain('1 cup');
    expect(after(...changed, undo).current.standard).toBe('metric');
    expect(after(...changed, undo, undo, undo).current).toEqual(after().current);
    expect(after(...changed, undo, undo, undo, undo).current).toEqual(after().current);
  });

  it('gives plans the tools that are here', () => {
    const cups = (state: KitchenState): string[] =>
      kitchenFeature.selectOwnDrawer({ kitchen: state }).dry.map(({ id }) => id);
    expect(cups(after(actions.toolAdded({ tool: MUG })))).toContain('blue mug');
    const aside = after(actions.toolAdded({ tool: { ...MUG, aside: true } }));
    expect(cups(aside)).not.toContain('blue mug');
  });

  it('sets one own weight for each form and method, and puts the table’s back', () => {
    const of = { ingredientId: 'honey', form: null, method: 'poured' } as const;
    const set = (gramsPerMillilitre: number) =>
      actions.weightSet({ weight: { ...of, gramsPerMillilitre } });
    const grams = (state: KitchenState): number =>
      kitchenFeature.selectOwnShelf({ kitchen: state }).ingredient('honey')!.weights[0]!.grams;
    expect(after(set(1.3), set(1.5)).current.weights.length).toBe(1);
    expect(grams(after(set(1.3), set(1.5)))).toBeCloseTo(1.5 * 236.588, 2);
    expect(grams(after(set(1.3), actions.weightPutBack({ of })))).toBe(339);
    expect(grams(after(set(1.3), actions.changeUndone()))).toBe(339);
  });

  it('takes the newer kitchen of another window, one step of undo from its own', () => {
    const theirs = { ...NEW_KITCHEN, standard: 'japanese' as const, revision: 4 };
    const met = after(
      actions.standardChosen({ standard: 'metric' }),
      actions.newerKitchenMet({ kitchen: theirs, problem: 'Changed elsewhere.' }),
    );
    expect(met.current.standard).toBe('japanese');
    expect(met.revision).toBe(4);
    expect(kitchenFeature.reducer(met, actions.changeUndone()).current.standard).toBe('metric');
  });
});
