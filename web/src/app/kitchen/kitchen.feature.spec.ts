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
