import fc from 'fast-check';
import {
  labelPages,
  LABEL_PAPERS,
  labelSheet,
  LABELS_PER_SHEET,
  portionsOf,
  takenOutGrams,
} from './index.js';

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
