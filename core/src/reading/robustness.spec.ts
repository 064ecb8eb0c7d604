import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText } from '../testing/usual.js';
import fc from 'fast-check';
import { intendedMass } from '../conversion/index.js';
import type { Reading } from './line.js';
import { readInRecipe } from './testing/corpus/index.js';

/** Pieces that recipes are made of, thrown together in any order. */
const piece = fc.constantFrom(
  '1',
  '1/2',
  '½',
  '2-3',
  'one',
  'half a',
  ' ',
  'cup',
  'cups',
  'T',
  't',
  'g',
  'oz',
  'fl oz',
  '(150 g)',
  '(',
  ')',
  ',',
  'plus',
  'or',
  'and',
  'of',
  'sifted',
  'packed',
  'heaping',
  'flour',
  'butter',
  'eggs',
  'salt',
  'dragonfruit',
  'constructor',
  '__proto__',
  'x',
  'can',
  '\n',
  '\n\n',
  ':',
  'For the',
  'Makes',
  '.',
);
const text = fc.array(piece, { maxLength: 40 }).map((pieces) => pieces.join(' '));

/** The lines of a reading as they are written, each once. */
const writtenLines = ({ lines }: Reading): string[] =>
  lines.flatMap(({ written, partOf }) => (partOf?.index ? [] : [partOf?.whole ?? written]));

describe('reading anything at all', () => {
  it('never throws and never loses a line', () => {
    fc.assert(
      fc.property(text, (written) => {
        const reading = readText(written);
        const lines = written.split('\n').filter((line) => line.trim() !== '');
        const titled = reading.title === null ? 0 : 1;
        expect(writtenLines(reading)).toEqual(lines.slice(titled));
      }),
      { numRuns: 500 },
    );
  });

  it('reads any Unicode text without losing a character', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (written) => {
        const reading = readText(`First line\n${written}`);
        expect(reading.title).toBe('First line');
        const kept = written.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
        expect(writtenLines(reading)).toEqual(kept);
      }),
      { numRuns: 500 },
    );
  });

  it('reads a line the same a second time, by itself', () => {
    fc.assert(
      fc.property(text, (written) => {
        const { lines } = readText(`First line\n${written}`);
        const whole = lines.filter(({ partOf }) => !partOf?.index);
        const again = whole.flatMap((line) => readInRecipe(line.partOf?.whole ?? line.written));
        expect(again as unknown).toEqual(lines);
      }),
      { numRuns: 200 },
    );
  });

  it('never weighs less than nothing, nor outside its own range', () => {
    fc.assert(
      fc.property(text, (written) => {
        for (const line of readText(written).lines) {
          const mass = intendedMass(line, 'us-customary', BUILT_IN_SHELF);
          if (!mass) continue;
          expect(Number.isFinite(mass.grams)).toBeTrue();
          expect(mass.low).toBeGreaterThanOrEqual(0);
          expect(mass.low).toBeLessThanOrEqual(mass.grams + 1e-9);
          expect(mass.high).toBeGreaterThanOrEqual(mass.grams - 1e-9);
        }
      }),
      { numRuns: 500 },
    );
  });

  it('marks only what stands in the line', () => {
    fc.assert(
      fc.property(text, (written) => {
        for (const line of readText(written).lines) {
          for (const { start, end } of line.spans) {
            expect(start).toBeGreaterThanOrEqual(0);
            expect(end).toBeGreaterThan(start);
            expect(end).toBeLessThanOrEqual(line.written.length);
          }
        }
      }),
      { numRuns: 300 },
    );
  });

  it('reads a line the same whatever stands around it', () => {
    const lines = [
      '2 cups flour',
      '1 tsp salt',
      '3 large eggs, beaten',
      '1 (400 g) can coconut milk',
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray(lines, { minLength: 1 }), (some) => {
        const together = readText(some.join('\n')).lines;
        const apart = some.map((line) => readText(line).lines[0]);
        expect(together as unknown).toEqual(apart);
      }),
    );
  });
});
