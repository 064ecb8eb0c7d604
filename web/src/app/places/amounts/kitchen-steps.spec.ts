import { KitchenSteps } from './kitchen-steps';

describe('steps of the kitchen in Amounts', () => {
  const dip = { type: 'dip' };
  const weigh = { type: 'weigh' };

  it('are met in their place among the decisions of the recipe', () => {
    const steps = new KitchenSteps();
    steps.make(dip, 2);
    expect(steps.isNewest(2)).toBeTrue();
    // One more decision of the recipe stands before it on the way back.
    expect(steps.isNewest(3)).toBeFalse();
    steps.undo();
    expect(steps.isNewest(2)).toBeFalse();
    expect(steps.isNext(2)).toBeTrue();
    expect(steps.isNext(1)).toBeFalse();
    expect(steps.redo()).toEqual(dip);
    expect(steps.isNewest(2)).toBeTrue();
  });

  it('forget what was taken back once another is made', () => {
    const steps = new KitchenSteps();
    steps.make(dip, 0);
    steps.undo();
    steps.make(weigh, 0);
    expect(steps.isNext(0)).toBeFalse();
    expect(steps.redo()).toBeNull();
  });
});
