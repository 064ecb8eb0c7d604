import { USUAL_KITCHEN, type TrialRecord } from '@ypsigram/contract';
import { kitchenActions, kitchenChanges } from '../kitchen/kitchen.actions';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { trialsActions as actions, trialsFeature, type TrialsState } from './trials.feature';
import { selectKnownNow } from './trials.selectors';

const GREBE = '00000000-0000-4000-8000-000000000001';
const trial = (id: number, grams: number, by: Partial<TrialRecord> = {}): TrialRecord => ({
  id: `00000000-0000-4000-8000-00000000010${id}`,
  handId: GREBE,
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: 236.5882365,
  grams,
  at: `2026-03-1${id}T09:00:00Z`,
  source: 'typed',
  conditions: '',
  verdict: null,
  importId: null,
  revision: 1,
  ...by,
});

const loaded = (...trials: TrialRecord[]): TrialsState =>
  trialsFeature.reducer(undefined, actions.trialsLoaded({ trials }));

const kitchen = [
  kitchenActions.kitchenLoaded({
    kitchen: { ...USUAL_KITCHEN, hands: [{ id: GREBE, name: 'Grebe' }], handId: GREBE },
  }),
  kitchenChanges.containerKept({ container: { name: 'bowl', grams: 300 } }),
].reduce(kitchenFeature.reducer, kitchenFeature.reducer(undefined, { type: 'start' }));
const select = (trials: TrialsState) => ({ trials, kitchen });

describe('trials on the page', () => {
  it('stay in the order of time, one of each', () => {
    const kept = (state: TrialsState, added: TrialRecord): TrialsState =>
      trialsFeature.reducer(state, actions.trialKept({ trial: added, undo: null }));
    const state = kept(kept(loaded(trial(3, 130)), trial(1, 128)), trial(3, 131));
    const shown = trialsFeature.selectTrials(select(state));
    expect(shown.map(({ grams }) => grams)).toEqual([128, 131]);
  });

  it('remember how to take back each change', () => {
    const added = trial(1, 128);
    const undo = { kind: 'delete', trial: added } as const;
    const state = trialsFeature.reducer(loaded(), actions.trialKept({ trial: added, undo }));
    expect(state.past).toEqual([undo]);
    expect(trialsFeature.reducer(state, actions.changeTakenBack({ undo })).past).toEqual([]);
  });

  it('make the hand known from the third on, a doubted one left out', () => {
    const known = (state: TrialsState) => selectKnownNow(select(state));
    expect(known(loaded(trial(1, 128), trial(2, 130)))).toEqual([]);
    const [weight] = known(
      loaded(trial(1, 128), trial(2, 130), trial(3, 129), trial(4, 430), trial(5, 133)),
    );
    expect(weight!.gramsPerMillilitre * 236.5882365).toBeCloseTo(130, 9);
    expect(weight?.source).toEqual({ from: 'hand', hand: 'Grebe', trials: 4 });
  });

  it('count for what the tool really holds, once that is known', () => {
    const calibration = { grams: [247, 247.2, 246.9], celsius: 20, grid: 0.1 };
    const cup = USUAL_KITCHEN.tools.find(({ name }) => name === '1 cup')!;
    const weighed = kitchenFeature.reducer(
      kitchen,
      kitchenChanges.toolChanged({ name: '1 cup', tool: { ...cup, calibration } }),
    );
    const trials = loaded(trial(1, 130), trial(2, 130), trial(3, 130));
    const [weight] = selectKnownNow({ trials, kitchen: weighed });
    expect(weight!.gramsPerMillilitre).toBeCloseTo(130 / 247.7, 3);
  });
});
