import fc from 'fast-check';
import { readCsv, writeCsv } from './index.js';

const COLUMNS = ['name', 'grams'];

describe('CSV', () => {
  it('comes back as it was written, whatever is in the cells', () => {
    const cell = fc.oneof(
      fc.string(),
      fc.constantFrom('=1+1', "'=1", '-3', '@a', '\ttab', 'a "b", c', 'two\r\nlines'),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1 }), (table) => {
        // A row of nothing but space is no row.
        const rows = table
          .filter((cells) => cells.some((text) => text.trim() !== ''))
          .map(([name, grams]) => ({ name, grams }));
        const read = readCsv(writeCsv(COLUMNS, rows), COLUMNS);
        expect(read.problems).toEqual([]);
        expect(read.rows.map(({ cells }) => cells)).toEqual(rows);
      }),
    );
  });

  it('goes by its head for what parts the columns, not by what stands in the cells', () => {
    const rows = [{ name: '\ttab', grams: '\ttab' }];
    expect(readCsv(writeCsv(COLUMNS, rows), COLUMNS).rows[0]!.cells).toEqual(rows[0]!);
  });

  it('has no cell that a spreadsheet would run', () => {
    const text = writeCsv(COLUMNS, [{ name: '=HYPERLINK("x")', grams: '+1' }]);
    expect(text).toContain(`"'=HYPERLINK(""x"")",'+1`);
  });

  it('names the row that can not be read and keeps the others', () => {
    const { rows, problems } = readCsv('name,grams\nbowl,300\npot\n\ncup,120\n', COLUMNS);
    expect(rows).toEqual([
      { row: 2, cells: { name: 'bowl', grams: '300' } },
      { row: 5, cells: { name: 'cup', grams: '120' } },
    ]);
    expect(problems).toEqual([{ code: 'cell-count', row: 3, cells: 1, columns: 2 }]);
  });

  it('takes semicolons, a byte order mark, other orders and further columns', () => {
    const { rows } = readCsv('\ufeffGrams;note;NAME\n120;x;cup\n', COLUMNS);
    expect(rows[0]?.cells).toEqual(jasmine.objectContaining({ name: 'cup', grams: '120' }));
  });

  it('says what is missing', () => {
    expect(readCsv('name,weight\ncup,1\n', COLUMNS).problems).toEqual([
      { code: 'missing-column', column: 'grams' },
    ]);
    expect(readCsv('Dear baker', COLUMNS).problems).toEqual([{ code: 'no-table' }]);
    expect(readCsv('', COLUMNS).problems).toEqual([{ code: 'no-table' }]);
  });

  it('says where a quote was left open', () => {
    expect(readCsv('name,grams\n"bowl,300\n', COLUMNS).problems).toEqual([
      { code: 'open-quote', row: 2 },
    ]);
  });

  it('never throws', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        expect(() => readCsv(text, COLUMNS)).not.toThrow();
      }),
    );
  });
});
