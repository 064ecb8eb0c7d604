import { linesOfPages, linesToSave, savedPage, settled, type PhotoLine } from './photo-pages';
import { photoLinesOf } from './photo-lines';

const line = (text: string, top = 0): PhotoLine => ({
  text,
  page: 0,
  box: { left: 0, top, right: 100, bottom: top + 20 },
  unsure: [],
});
const READ = [line('Oat slabs'), null, line('3 cups oats', 40), line('1 cup flour', 60)];

describe('the lines of a text that came from a photo', () => {
  it('stand where they were read', () => {
    expect(photoLinesOf(['Oat slabs', '', '3 cups oats', '1 cup flour'], READ)).toEqual(READ);
  });

  it('stay where they were when one is changed, added or removed', () => {
    const changed = photoLinesOf(['Oat slabs', '', '3 1/2 cups oats', '1 cup flour'], READ);
    expect(changed[2]).toBe(READ[2]!);
    const added = photoLinesOf(['Oat slabs', '', 'a pinch', '3 cups oats', '1 cup flour'], READ);
    expect(added.slice(2)).toEqual([null, READ[2]!, READ[3]!]);
    const removed = photoLinesOf(['Oat slabs', '1 cup flour'], READ);
    expect(removed).toEqual([READ[0]!, READ[3]!]);
    expect(photoLinesOf(['new', ...READ.map((one) => one?.text ?? '')], READ).slice(1)).toEqual(
      READ,
    );
    expect(photoLinesOf([], READ)).toEqual([]);
  });

  it('of several pages follow each other, and know their page', () => {
    const page = (text: string) => ({
      lines: [{ text, box: line(text).box, unsure: [] }],
      shown: null as unknown as ImageBitmap,
    });
    const lines = linesOfPages([page('one'), page('two')]);
    expect(lines.map((one) => one?.text ?? '')).toEqual(['one', '', 'two']);
    expect(lines[2]!.page).toBe(1);
  });

  it('are saved with their doubts, and are the same on a picture of another size', () => {
    const unsure = [{ start: 0, end: 1, options: ['1/2'] }];
    const sized = (width: number, height: number) => ({ width, height }) as ImageBitmap;
    const saved = linesToSave([{ ...line('% cup honey', 400), unsure }], sized(1000, 2000));
    const { lines } = savedPage({ id: 'a', lines: saved }, sized(500, 1000));
    expect(lines).toEqual([
      { text: '% cup honey', box: { left: 0, top: 200, right: 50, bottom: 210 }, unsure },
    ]);
  });

  it('keep the other doubts in their places when one is settled', () => {
    const first = { start: 0, end: 1, options: ['1/2'] };
    const second = { start: 6, end: 11, options: ['honey'] };
    const doubted = { ...line('% cup h0ney'), unsure: [first, second] };
    const after = settled(doubted, first, '1/2');
    expect(after.text).toBe('1/2 cup h0ney');
    const [left] = after.unsure;
    expect(after.text.slice(left!.start, left!.end)).toBe('h0ney');
    expect(settled(after, left!, 'honey')).toEqual(
      jasmine.objectContaining({ text: '1/2 cup honey', unsure: [] }),
    );
  });
});
