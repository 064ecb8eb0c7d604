import { BUILT_IN_SHELF } from '../shelf/index.js';
import {
  amountOfSign,
  figureOnStrip,
  figureStrip,
  flattened,
  fractionFigures,
  greyOf,
  guessCorners,
  readingOrder,
  recipesOfDocument,
  scannedPage,
  slantOf,
  STRIP_HEIGHTS,
  textOfScan,
  turnedBack,
  wholeOf,
  withEvenLight,
  type Box,
  type PageWord,
  type GreyPicture,
} from './index.js';

const LETTER = 20;
const word = (text: string, left: number, top: number, confidence = 0.95): PageWord => ({
  text,
  confidence,
  box: { left, top, right: left + text.length * 10, bottom: top + LETTER },
});
/** Words of a line, a blank apart. */
const line = (text: string, left: number, top: number, confidence = 0.95): PageWord[] => {
  let at = left;
  return text.split(' ').map((one) => {
    const placed = word(one, at, top, confidence);
    at += (one.length + 1) * 10;
    return placed;
  });
};
const paper = (width: number, height: number, shade = 255): GreyPicture => ({
  width,
  height,
  grey: new Uint8ClampedArray(width * height).fill(shade),
});
const ink = ({ width, grey }: GreyPicture, { left, top, right, bottom }: Box, shade = 20): void => {
  for (let y = top; y < bottom; y++) grey.fill(shade, y * width + left, y * width + right);
};
const readLines = (...lines: PageWord[][]): string =>
  textOfScan(scannedPage(readingOrder(lines.flat(), BUILT_IN_SHELF), new Map(), BUILT_IN_SHELF));

describe('the reading order of a page', () => {
  it('goes down one column after the other, below a title that spans both', () => {
    const words = [
      ...line('A title that goes across the whole of it', 0, 0),
      ...['3 cups oats', '1 cup flour', '1 tsp salt'].flatMap((text, at) =>
        line(text, 0, 60 + at * 30),
      ),
      ...['Mix it all', 'Bake it long', 'Cut it up'].flatMap((text, at) =>
        line(text, 250, 60 + at * 30),
      ),
    ];
    const texts = readingOrder(words, BUILT_IN_SHELF).map((one) =>
      one.words.map(({ text }) => text).join(' '),
    );
    expect(texts).toEqual([
      'A title that goes across the whole of it',
      ...['3 cups oats', '1 cup flour', '1 tsp salt'],
      ...['Mix it all', 'Bake it long', 'Cut it up'],
    ]);
  });

  it('goes across a table of amounts and names', () => {
    const rows = [
      ['3 cups', 'rolled oats'],
      ['1 cup', 'flour'],
      ['1/2 tsp', 'salt'],
      ['2', 'eggs'],
    ] as const;
    const words = rows.flatMap(([amount, name], at) => [
      ...line(amount, 0, at * 30),
      ...line(name, 200, at * 30),
    ]);
    const texts = readingOrder(words, BUILT_IN_SHELF).map((one) =>
      one.words.map(({ text }) => text).join(' '),
    );
    expect(texts).toEqual(rows.map((row) => row.join(' ')));
  });

  it('sets a line apart where more room is above it than between the others', () => {
    const lines = [0, 30, 60, 130, 160].flatMap((top) => line('some words here', 0, top));
    expect(readingOrder(lines, BUILT_IN_SHELF).map(({ isApart }) => isApart)).toEqual([
      false,
      false,
      false,
      true,
      false,
    ]);
  });
});

describe('a recognised line', () => {
  it('loses the dirt at its edges, and gets back what the reader knows', () => {
    expect(
      readLines([word('|', 0, 0, 0.3), ...line('2 cups flour', 20, 0), word('”', 200, 0, 0.2)]),
    ).toBe('2 cups flour');
    expect(readLines(line('3 thsp olive oil', 0, 0))).toBe('3 tbsp olive oil');
    expect(readLines(line('1 cup f1our', 0, 0))).toBe('1 cup flour');
    expect(readLines(line('Bake 1t for 10 minutes', 0, 0))).toBe('Bake 1t for 10 minutes');
  });

  it('never guesses an amount: what may have been a fraction is asked', () => {
    const page = (words: PageWord[]) =>
      scannedPage(readingOrder(words, BUILT_IN_SHELF), new Map(), BUILT_IN_SHELF)[0]!;
    const blot = page(line('% cup honey', 0, 0));
    expect(blot.text).toBe('% cup honey');
    expect(blot.unsure[0]).toEqual({
      start: 0,
      end: 1,
      options: ['1/2', '1/4', '3/4', '1/3', '2/3'],
    });
    expect(page(line('1% cups flour', 0, 0)).unsure[0]!.options).toContain('1 1/2');
    // "½ cup" recognised as "5 cup": several cups would be "cups".
    expect(page(line('5 cup honey', 0, 0)).unsure[0]!.options).toContain('1/2');
    expect(page(line('5 cups honey', 0, 0)).unsure).toEqual([]);
    // Nothing was recognised before the unit.
    expect(page(line('cup fine polenta', 0, 0)).text).toBe('? cup fine polenta');
    expect(page(line('pinch of salt', 0, 0)).text).toBe('pinch of salt');
  });

  it('takes a sign as its figures were read, and asks where they could not be', () => {
    const words = line('¥ cup honey', 0, 0);
    const text = (sign: string | null): string =>
      textOfScan(
        scannedPage(
          readingOrder(words, BUILT_IN_SHELF),
          new Map([[words[0]!, sign]]),
          BUILT_IN_SHELF,
        ),
      );
    expect(text('1/2')).toBe('1/2 cup honey');
    expect(text(null)).toBe('? cup honey');
  });

  it('marks figures that were not recognised for sure', () => {
    const [first] = scannedPage(
      readingOrder(line('225 g flour', 0, 0, 0.6), BUILT_IN_SHELF),
      new Map(),
      BUILT_IN_SHELF,
    );
    expect(first!.unsure.map(({ start, end }) => first!.text.slice(start, end))).toEqual(['225']);
  });
});

describe('a fraction written as one sign', () => {
  /** A whole figure, a small one above, a stroke, a small one below. */
  function drawn(hasWhole: boolean): GreyPicture {
    const picture = paper(120, 60);
    if (hasWhole) ink(picture, { left: 10, top: 10, right: 24, bottom: 50 });
    ink(picture, { left: 34, top: 10, right: 40, bottom: 28 });
    for (let y = 10; y < 50; y++) {
      const left = Math.round(62 - ((y - 10) * 18) / 40);
      ink(picture, { left, top: y, right: left + 4, bottom: y + 1 });
    }
    ink(picture, { left: 66, top: 32, right: 76, bottom: 50 });
    return picture;
  }
  const box = { left: 8, top: 8, right: 80, bottom: 52 };

  it('is seen by its stroke between two small figures, with what stands before it', () => {
    expect(fractionFigures(drawn(false), box)).toEqual(
      jasmine.objectContaining({ before: 0, above: { left: 34, top: 10, right: 40, bottom: 28 } }),
    );
    expect(fractionFigures(drawn(true), box)!.before).toBe(1);
    const plain = paper(60, 60);
    ink(plain, { left: 10, top: 10, right: 24, bottom: 50 });
    expect(fractionFigures(plain, { left: 8, top: 8, right: 30, bottom: 52 })).toBeNull();
  });

  it('is the amount of its figures, where these make one', () => {
    const figures = fractionFigures(drawn(true), box)!;
    expect(amountOfSign('1%', figures, '3', '4')).toBe('1 3/4');
    // A figure so narrow that nobody read it is a one.
    expect(amountOfSign('1%', figures, '', '2')).toBe('1 1/2');
    expect(amountOfSign('1%', figures, '0', '0')).toBeNull();
    expect(amountOfSign('x%', figures, '1', '2')).toBeNull();
  });

  it('has its figures read as strips of three', () => {
    const { above } = fractionFigures(drawn(false), box)!;
    const [height] = STRIP_HEIGHTS;
    const strip = figureStrip(drawn(false), above, height);
    expect(strip.grey.length).toBe(strip.width * strip.height);
    expect(strip.height).toBeGreaterThan(height);
    expect(figureOnStrip(' 444\n')).toBe('4');
    expect(figureOnStrip('lIl')).toBe('1');
    expect(figureOnStrip('4 7')).toBe('');
  });
});

describe('a picture of a page', () => {
  it('is made grey, on white where it is clear', () => {
    const rgba = new Uint8ClampedArray([255, 255, 255, 255, 0, 0, 0, 255, 0, 0, 0, 0]);
    expect([...greyOf(rgba, 3, 1).grey]).toEqual([255, 0, 255]);
  });

  it('under a shadow becomes white paper, and its ink stays dark', () => {
    const shaded = paper(400, 400);
    for (let at = 0; at < shaded.grey.length; at++) shaded.grey[at] = 90 + ((at % 400) * 160) / 400;
    ink(shaded, { left: 40, top: 200, right: 60, bottom: 210 }, 20);
    const even = withEvenLight(shaded);
    for (const x of [10, 200, 390])
      expect(even.grey[20 * 400 + x])
        .withContext(String(x))
        .toBeGreaterThan(235);
    expect(even.grey[205 * 400 + 50]).toBeLessThan(90);
  });

  for (const degrees of [-4, -1, 0, 2.5]) {
    it(`that is turned by ${degrees}° is turned back`, () => {
      const page = paper(600, 600);
      for (let top = 60; top < 540; top += 40)
        ink(page, { left: 80, top, right: 520, bottom: top + 8 });
      const turned = turnedBack(page, -degrees);
      expect(slantOf(turned)).toBeCloseTo(degrees, 0);
      expect(Math.abs(slantOf(turnedBack(turned, slantOf(turned))))).toBeLessThan(0.3);
    });
  }

  it('is found on something darker, and laid flat between its corners', () => {
    const picture = paper(320, 320, 60);
    ink(picture, { left: 80, top: 40, right: 260, bottom: 280 }, 240);
    const corners = guessCorners(picture);
    expect(corners[0].x).toBeCloseTo(80, -1);
    expect(corners[2].y).toBeCloseTo(280, -1);
    const flat = flattened(picture, corners);
    expect(flat.width).toBeCloseTo(180, -1);
    expect(flat.grey[Math.floor(flat.grey.length / 2)]).toBe(240);
    expect(guessCorners(paper(320, 320, 240))).toEqual(wholeOf({ width: 320, height: 320 }));
  });

  it('keeps a straight line straight between slanted corners', () => {
    const picture = paper(200, 200);
    // A slanted stroke along the left edge of the page becomes upright.
    for (let y = 20; y < 180; y++) {
      const x = Math.round(40 + (y - 20) * 0.25);
      ink(picture, { left: x, top: y, right: x + 4, bottom: y + 1 });
    }
    const flat = flattened(picture, [
      { x: 40, y: 20 },
      { x: 160, y: 20 },
      { x: 160, y: 180 },
      { x: 80, y: 180 },
    ]);
    const darkAt = (y: number): number =>
      flat.grey.subarray(y * flat.width, (y + 1) * flat.width).findIndex((shade) => shade < 128);
    expect(darkAt(30)).toBeLessThan(4);
    expect(darkAt(flat.height - 30)).toBeLessThan(4);
  });
});

describe('a document with its own text', () => {
  const page = (number: number, title: string, lines: readonly string[]) => ({
    height: 800,
    words: [
      { ...word('From the towpath', 200, 10), box: { left: 200, top: 10, right: 360, bottom: 24 } },
      { text: title, confidence: 1, box: { left: 40, top: 80, right: 300, bottom: 110 } },
      ...lines.map((text, at) => ({
        text,
        confidence: 1,
        box: { left: 40, top: 140 + at * 22, right: 40 + text.length * 7, bottom: 152 + at * 22 },
      })),
      {
        text: String(number),
        confidence: 1,
        box: { left: 280, top: 770, right: 290, bottom: 782 },
      },
    ],
  });
  const OATS = ['Makes 12', '3 cups oats', '1 cup flour', 'Bake for 20 minutes.'];
  const RYE = ['2 cups rye flour', '1 tsp salt', 'Roll thin and bake.'];

  it('is cut at its titles, without running heads and page numbers', () => {
    const texts = recipesOfDocument(
      [page(1, 'Oat slabs', OATS), page(2, 'Rye crispbread', RYE), page(3, 'More oats', OATS)],
      BUILT_IN_SHELF,
    );
    expect(texts.map((text) => text.split('\n')[0])).toEqual([
      'Oat slabs',
      'Rye crispbread',
      'More oats',
    ]);
    for (const text of texts) expect(text).not.toMatch(/towpath|^\d$/m);
  });

  it('keeps a recipe whole that goes on over the page, and a story with the recipe below it', () => {
    const texts = recipesOfDocument(
      [
        page(1, 'A winter on the water', ['It was cold, and we had oats.']),
        page(2, 'Oat slabs', OATS),
        page(3, 'What to do with the rest', ['Eat them.']),
      ],
      BUILT_IN_SHELF,
    );
    expect(texts.length).toBe(1);
    expect(texts[0]).toContain('It was cold');
    expect(texts[0]).toContain('Eat them.');
  });

  it('joins pieces of a word, and says nothing of a blank document', () => {
    const pieces = [
      { text: '3 cups fl', confidence: 1, box: { left: 0, top: 100, right: 60, bottom: 112 } },
      { text: 'our', confidence: 1, box: { left: 60.2, top: 100, right: 80, bottom: 112 } },
    ];
    expect(recipesOfDocument([{ height: 800, words: pieces }], BUILT_IN_SHELF)).toEqual([
      '3 cups flour',
    ]);
    expect(recipesOfDocument([{ height: 800, words: [] }], BUILT_IN_SHELF)).toEqual([]);
  });
});
