import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { Acting, practiceWith } from '../../testing/practice';
import { IngredientSheet } from './ingredient-sheet';

describe('the page of an ingredient', () => {
  function sheet(id: string, change: Parameters<typeof practiceWith>[0] = {}) {
    const { store } = practiceWith(change);
    const shelf = store.selectSignal(selectShelf);
    const view = new Acting(IngredientSheet, { ingredient: shelf().ingredient(id)! });
    /** As the Shelf shows it after a change: with what the kitchen has now. */
    const follow = (): void => {
      view.fixture.componentRef.setInput('ingredient', shelf().ingredient(id)!);
      view.fixture.detectChanges();
    };
    const row = (name: string): string => {
      const rows = [...view.element.querySelectorAll('tbody tr')];
      const found = rows.find((one) => one.querySelector('th')?.textContent.trim() === name);
      const cells = [...(found?.children ?? [])].map((cell) => cell.textContent.trim());
      return cells.join(' ').replace(/\s+/g, ' ');
    };
    const kitchen = store.selectSignal(kitchenFeature.selectCurrent);
    return { view, follow, row, kitchen };
  }
  const FLOUR = 'flour-wheat-all-purpose';

  it('weighs each way of filling in the cups of this kitchen, and says where that is from', () => {
    const us = sheet(FLOUR);
    expect(us.row('spooned')).toContain('spooned 125 7.8 2.6 0.528 from tables');
    expect(us.row('tamped')).toContain('a guess');
    expect(us.view.words()).toContain('in our cups and spoons (US customary)');
  });

  it('weighs more in a larger cup: 125 g in 236.6 mL are 132 g in 250', () => {
    const { row, view } = sheet(FLOUR, { standard: 'metric' });
    expect(row('spooned')).toContain('spooned 132 7.9 2.6 0.528');
    expect(view.words()).toContain('(Metric)');
  });

  it('takes a weight of one’s own for one way of filling, and the table’s again', () => {
    const { view, follow, row, kitchen } = sheet(FLOUR);
    view.click('Set our weight: spooned');
    const field = view.field('.setting input');
    field.value = '131';
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    follow();
    expect(kitchen().weights[0]!.gramsPerMillilitre).toBeCloseTo(131 / 236.5882365, 6);
    expect(row('spooned')).toContain('131');
    expect(row('dipped')).toContain('137');
    view.click('Use table’s weight again: spooned');
    follow();
    expect(kitchen().weights).toEqual([]);
    expect(row('spooned')).toContain('125');
  });

  it('says what is wrong with a weight that can’t be meant, and saves nothing', () => {
    const { view, kitchen } = sheet(FLOUR);
    for (const typed of ['', 'a lot', '-3', '90000']) {
      if (!view.element.querySelector('.setting')) view.click('Set our weight: spooned');
      const field = view.field('.setting input');
      field.value = typed;
      field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
      view.fixture.detectChanges();
      expect(view.words()).withContext(typed).toContain('Write how many grams one cup weighs');
    }
    expect(kitchen().weights).toEqual([]);
  });

  it('tells how much of another salt salts as much', () => {
    expect(sheet('salt-table').view.words()).toMatch(/coarse salt/i);
  });

  it('compares nothing else with a salt', () => {
    expect(sheet(FLOUR).view.words()).not.toMatch(/coarse salt/i);
  });

  it('says where two sources disagree, and by how much', () => {
    expect(sheet('flour-wheat-cake').view.words()).toMatch(
      /Sources disagree: .* g .*, \d+ % (heavier|lighter) than/,
    );
  });

  it('works out what a cup costs from a pack, and asks again for a price that is none', () => {
    const { view, kitchen } = sheet(FLOUR, { currency: '€' });
    const [pack, price] = [...view.element.querySelectorAll('yg-pack-price input')].map(
      (field) => field as HTMLInputElement,
    );
    const type = (field: HTMLInputElement, text: string): void => {
      field.value = text;
      field.dispatchEvent(new Event('input'));
    };
    type(pack!, '1000');
    type(price!, 'cheap');
    view.click('Save price');
    expect(view.words()).toContain('Write the price of the pack');
    expect(kitchen().prices).toEqual([]);
    type(price!, '1.60');
    view.click('Save price');
    // 125 g of 1000 g at 1.60.
    expect(view.words()).toMatch(/0\.16.* for 100 g, .*0\.20.* a cup/);
    view.click('Delete price');
    expect(kitchen().prices).toEqual([]);
  });
});
