import fc from 'fast-check';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import {
  labelPages,
  LABEL_PAPERS,
  labelSheet,
  LABELS_PER_SHEET,
  overnight,
  portionsOf,
  takenOutGrams,
  takeOutFor,
  type Overnight,
} from './index.js';

const of = (id: string, written = ''): Overnight => {
  const ingredient = BUILT_IN_SHELF.ingredient(id)!;
  return { ingredientId: id, class: ingredient.class, role: ingredient.role, written };
};

describe('the evening before', () => {
  it('lets dry things stand, wraps fat in the cold, and waits with what spoils', () => {
    const stands = (id: string, written?: string) => overnight(of(id, written)).stands;
    for (const id of [
      'flour-wheat-bread',
      'sugar-brown',
      'salt-table',
      'cardamom-ground',
      'honey',
      'yeast-active-dry',
    ]) {
      expect(stands(id)).withContext(id).toBe('counter');
    }
    expect(stands('butter')).toBe('cold');
    for (const id of ['milk-whole', 'cream-heavy', 'egg-whole', 'buttermilk', 'yogurt-plain']) {
      expect(overnight(of(id)))
        .withContext(id)
        .toEqual({ stands: 'wait', why: 'spoils' });
    }
    expect(overnight(of('butter', '1/2 cup butter, melted'))).toEqual({
      stands: 'wait',
      why: 'hot',
    });
    expect(stands('water', '1 cup warm water')).toBe('wait');
    expect(stands('water', '1 cup water')).toBe('counter');
  });

  it('waits in doubt: what is not known, and every liquid that is not known to keep', () => {
    expect(
      overnight({ ingredientId: null, class: null, role: null, written: 'leftovers' }).stands,
    ).toBe('wait');
    for (const { id, class: is, role } of BUILT_IN_SHELF.all) {
      const night = overnight({ ingredientId: id, class: is, role, written: '' });
      if (/milk|cream|egg/.test(id) && !/powder|dried|dry|cream-of-tartar/.test(id)) {
        expect(night.stands).withContext(id).not.toBe('counter');
      }
    }
  });

  it('says what comes out of the fridge in time', () => {
    expect(takeOutFor(of('butter', '6 tablespoons butter, softened'))).toEqual({
      why: 'soften',
      minutesBefore: 60,
    });
    expect(takeOutFor(of('butter', 'cold butter, cubed'))).toBeNull();
    expect(takeOutFor(of('egg-whole'))?.why).toBe('room-temperature');
    expect(takeOutFor(of('flour-wheat-bread'))).toBeNull();
  });
});

describe('labels', () => {
  it('stand on every sheet without overlapping or leaving it', () => {
    for (const paper of LABEL_PAPERS) {
      for (const count of LABELS_PER_SHEET) {
        const sheet = labelSheet(paper, count);
        const { columns, rows, labelWidth, labelHeight, marginX, marginY } = sheet;
        expect(columns * rows).toBe(paper === 'roll' ? 1 : count);
        expect(2 * marginX + columns * labelWidth).toBeCloseTo(sheet.pageWidth, 6);
        expect(2 * marginY + rows * labelHeight).toBeCloseTo(sheet.pageHeight, 6);
        if (paper !== 'roll') expect(Math.min(marginX, marginY)).toBeGreaterThanOrEqual(5.9);
      }
    }
  });

  it('begin where a used sheet still has labels, and lose none', () => {
    const sheet = labelSheet('a4', 8);
    expect(labelPages(['a', 'b'], sheet, 3)).toEqual([[null, null, null, 'a', 'b']]);
    fc.assert(
      fc.property(
        fc.array(fc.string(), { maxLength: 60 }),
        fc.nat({ max: 30 }),
        (labels, first) => {
          const pages = labelPages(labels, sheet, first);
          expect(pages.flat().filter((label) => label !== null)).toEqual(labels);
          expect(pages.every((page) => page.length <= 8)).toBeTrue();
        },
      ),
    );
  });
});

describe('portions', () => {
  it('divides a dough into equal pieces, rounded down, and says what is left', () => {
    expect(portionsOf(1830, { by: 'pieces', pieces: 36 }, 1)).toEqual(
      jasmine.objectContaining({ pieces: 36, shownGrams: 50, restGrams: 30, rest: 'spread' }),
    );
    expect(portionsOf(1800, { by: 'pieces', pieces: 36 }, 1)!.rest).toBe('none');
  });

  it('divides by weight: a small one, or a last one that is a little short', () => {
    expect(portionsOf(1000, { by: 'grams', gramsEach: 90 }, 1)).toEqual(
      jasmine.objectContaining({ pieces: 11, restGrams: 10, rest: 'spread' }),
    );
    expect(portionsOf(1040, { by: 'grams', gramsEach: 90 }, 1)!.rest).toBe('small-one');
    expect(portionsOf(1078, { by: 'grams', gramsEach: 90 }, 1)).toEqual(
      jasmine.objectContaining({ pieces: 12, rest: 'last-short' }),
    );
  });

  it('is nothing where nothing can be divided', () => {
    expect(portionsOf(0, { by: 'pieces', pieces: 3 }, 1)).toBeNull();
    expect(portionsOf(100, { by: 'pieces', pieces: 0 }, 1)).toBeNull();
    expect(portionsOf(100, { by: 'pieces', pieces: 2.5 }, 1)).toBeNull();
    expect(portionsOf(40, { by: 'grams', gramsEach: 90 }, 1)).toBeNull();
    expect(portionsOf(1, { by: 'pieces', pieces: 30 }, 1)).toBeNull();
  });

  it('adds up: pieces and rest are the dough, and taking out never drifts', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 5000 }),
        fc.integer({ min: 1, max: 60 }),
        (dough, pieces) => {
          const portions = portionsOf(dough, { by: 'pieces', pieces }, 1);
          if (!portions) return;
          expect(portions.pieces * portions.shownGrams + portions.restGrams).toBeCloseTo(dough, 6);
          expect(portions.restGrams).toBeGreaterThanOrEqual(0);
          const out = takenOutGrams(portions, pieces, 1);
          expect(Math.abs(-out - dough)).toBeLessThanOrEqual(0.5 + 1e-6);
        },
      ),
    );
  });
});
