import { Acting } from '../../testing/practice';
import { HowExact } from './how-exact';

describe('how exact, and what kind of bake', () => {
  function fields(kind: 'airy' | null) {
    const view = new Acting(HowExact, { strictness: 'normal', kind, guessedKind: 'cookie' });
    const told: unknown[] = [];
    view.fixture.componentInstance.strictnessChosen.subscribe((one) => told.push(one));
    view.fixture.componentInstance.kindChosen.subscribe((one) => told.push(one));
    const [strictness, kindField] = [...view.element.querySelectorAll('select')];
    const choose = (field: HTMLSelectElement, value: string): void => {
      field.value = value;
      field.dispatchEvent(new Event('change'));
    };
    return { told, choose, strictness: strictness!, kindField: kindField! };
  }

  it('shows the guess where nothing was chosen, and tells what is chosen', () => {
    const { told, choose, strictness, kindField } = fields(null);
    expect(kindField.selectedOptions[0]!.textContent).toMatch(/cookie.*\(guessed\)/);
    choose(strictness, 'strict');
    choose(kindField, 'airy');
    expect(told).toEqual(['strict', 'airy']);
  });

  it('goes back to the guess', () => {
    const { told, choose, kindField } = fields('airy');
    expect(kindField.value).toBe('airy');
    choose(kindField, '');
    expect(told).toEqual([null]);
  });
});
