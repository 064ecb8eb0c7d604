import { USUAL_KITCHEN } from '@ypsigram/contract';
import { Acting, practiceWith } from '../../testing/practice';
import { KitchenPage } from './kitchen.page';

describe('KitchenPage', () => {
  const tile = (name: string, change: Parameters<typeof practiceWith>[0] = {}): string => {
    practiceWith(change);
    const { element } = new Acting(KitchenPage);
    const tiles = [...element.querySelectorAll('li')];
    return tiles
      .find((one) => one.querySelector('h2')!.textContent.trim() === name)!
      .textContent.replace(/\s+/g, ' ');
  };

  it('says how many tools there are, and what is in the wash', () => {
    const { tools } = USUAL_KITCHEN;
    const aside = tools.map((tool, at) => ({ ...tool, aside: at === 0 }));
    expect(tile('Tools', { tools: aside })).toContain(`${tools.length} tools, 1 in the wash`);
  });

  it('names who measures, and what is not there yet', () => {
    expect(tile('People')).toContain('Grebe; no trials yet');
  });

  it('says where there is nothing', () => {
    expect(tile('Ovens')).toContain('no oven measured yet');
  });

  it('leads to each of its parts', () => {
    practiceWith({});
    const { element } = new Acting(KitchenPage);
    const links = [...element.querySelectorAll('a')].map((a) => a.getAttribute('href'));
    expect(links).toEqual([
      '/kitchen/tools',
      '/kitchen/tools#scales',
      '/kitchen/ovens',
      '/kitchen/people',
      '/kitchen/authors',
      '/kitchen/settings#devices',
      '/kitchen/settings',
      '/practice',
    ]);
  });
});
