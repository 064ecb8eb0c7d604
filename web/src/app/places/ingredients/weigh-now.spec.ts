import { USUAL_KITCHEN, type Kitchen } from '@ypsigram/contract';
import type { OwnWeight } from '@ypsigram/core/shelf';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { Acting, practiceWith } from '../../testing/practice';
import { typeInto } from '../../testing/type-into';
import { WeighNow } from './weigh-now';

const US_CUP = 236.5882365;

describe('weighing a cup for the Shelf', () => {
  function weigh(id: string, change: Partial<Kitchen> = {}) {
    const { store } = practiceWith(change);
    const ingredient = store.selectSignal(selectShelf)().ingredient(id)!;
    const view = new Acting(WeighNow, { ingredient });
    const kept: OwnWeight[] = [];
    view.fixture.componentInstance.weighed.subscribe((weight) => kept.push(weight));
    const choose = (label: string, name: string): void => {
      const field = [...view.element.querySelectorAll('label')]
        .find(({ textContent }) => textContent.includes(label))!
        .querySelector('select')!;
      const option = [...field.options].find(({ text }) => text.trim() === name)!;
      typeInto(field, option.value);
      view.fixture.detectChanges();
    };
    const type = (grams: string): void => {
      typeInto(view.field('input'), grams);
      view.click('Use this weight');
    };
    return { view, kept, choose, type };
  }

  it('takes what a cup weighs for the way it was filled', () => {
    const { kept, choose, type } = weigh('flour-wheat-all-purpose');
    choose('With', '1 cup');
    type('131');
    choose('Filled', 'dipped');
    type('142,5');
    expect(kept.map(({ form, method }) => [form, method])).toEqual([
      [null, 'spooned'],
      [null, 'dipped'],
    ]);
    expect(kept[0]!.gramsPerMillilitre).toBeCloseTo(131 / US_CUP, 9);
    expect(kept[1]!.gramsPerMillilitre).toBeCloseTo(142.5 / US_CUP, 9);
  });

  it('goes by what the tool really holds, once it was calibrated', () => {
    const calibration = { grams: [259.3, 259.1, 259.2], celsius: 20, grid: 0.1 };
    const tools = USUAL_KITCHEN.tools
      .filter(({ name }) => name === '1 cup')
      .map((tool) => ({ ...tool, calibration }));
    const { kept, type } = weigh('sugar-granulated', { tools });
    type('208');
    // 259.2 g of water at 20 °C are 259.94 mL, the lift of the air counted.
    expect(kept[0]!.gramsPerMillilitre).toBeCloseTo(208 / 259.94, 4);
  });

  it('says what to write where no filling weighs that much', () => {
    const { view, kept, choose, type } = weigh('flour-wheat-all-purpose');
    choose('With', '1 tsp');
    for (const wrong of ['', 'heavy', '-2', '0', '900']) {
      type(wrong);
      expect(view.words()).withContext(wrong).toContain('Write what the 1 tsp weighs in grams');
    }
    expect(kept).toEqual([]);
    // The same figure can be right for a larger tool.
    choose('With', '1 cup');
    type('125');
    expect(kept.length).toBe(1);
    expect(view.words()).not.toContain('Write what');
  });

  it('asks for a tool where the Drawer is empty', () => {
    const { view, kept, type } = weigh('honey', { tools: [] });
    type('340');
    expect(view.words()).toContain('Add a cup or a spoon to Tools first.');
    expect(kept).toEqual([]);
  });
});
