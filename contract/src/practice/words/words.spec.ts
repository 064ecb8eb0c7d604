import { randomFrom } from '@ypsigram/core/chance';
import {
  JUG_KINDS,
  SKILLS,
  TOPICS,
  drawQuestion,
  type DomeScore,
  type FillCause,
  type FillLook,
  type JugCause,
  type JugScore,
} from '@ypsigram/core/practice';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import {
  JUG_NAMES,
  choiceTexts,
  domeMessage,
  explanationText,
  jugMessage,
  lookMessage,
  questionText,
  reasonMessage,
  scaleFigure,
  seenMessage,
  skillName,
} from './index.js';

const names = {
  nameOf: (id: string) => BUILT_IN_SHELF.ingredient(id)?.name ?? id,
  standard: 'us-customary' as const,
};
const UNDONE = /undefined|NaN|Infinity|null|\[object/;

describe('the words of practice', () => {
  it('name every skill differently', () => {
    const all = SKILLS.map(skillName);
    expect(new Set(all).size).toBe(all.length);
    expect(all).toContain('Flour, spooned');
    expect(JUG_KINDS.map((kind) => JUG_NAMES[kind]).join(' ')).not.toMatch(UNDONE);
  });

  it('ask and explain every question in whole sentences', () => {
    for (let seed = 0; seed < 900; seed++) {
      const question = drawQuestion(TOPICS[seed % TOPICS.length]!, {
        shelf: BUILT_IN_SHELF,
        standard: 'us-customary',
        random: randomFrom(seed),
      })!;
      const choices = choiceTexts(question, names);
      const texts = [questionText(question, names), explanationText(question, names), ...choices];
      for (const text of texts) {
        expect(text).not.toMatch(UNDONE);
        expect(text.length).toBeGreaterThan(2);
      }
      expect(new Set(choices).size).withContext(texts.join(' | ')).toBe(choices.length);
      expect(explanationText(question, names)).toMatch(/\.$/);
    }
  });

  it('say of a fill what it was, how much it made, and what to do', () => {
    expect(reasonMessage({ cause: 'pressed', grams: 14.2 })).toBe(
      'It was pressed: 14 g more. Leave it as it falls.',
    );
    expect(reasonMessage({ cause: 'not-full', grams: -8.04 })).toBe(
      'It does not reach the rim: 8.0 g less. Heap it up before you sweep.',
    );
    const causes: FillCause[] = [
      'settled',
      'sifted',
      'not-sifted',
      'dipped',
      'not-dipped',
      'chance',
    ];
    for (const cause of causes) expect(reasonMessage({ cause, grams: 3 })).toMatch(/\.$/);
    const looks: FillLook[] = [
      { code: 'as-asked' },
      { code: 'like-method', method: 'dipped', grams: 140 },
      { code: 'heaped' },
      { code: 'not-full' },
      { code: 'ounces', grams: 125 },
      { code: 'several-fills', fills: 2 },
      { code: 'several-fills', fills: 3 },
      { code: 'too-heavy' },
      { code: 'too-light' },
    ];
    expect(new Set(looks.map(lookMessage)).size).toBe(looks.length);
    expect(lookMessage(looks[1]!)).toBe('That is what it weighs dipped (140 g).');
  });

  it('say of a jug how far off it is, and why', () => {
    const score = (off: number, likely: readonly JugCause[] | null): JugScore => ({
      off,
      relative: off / 500,
      tolerance: 0.03,
      isGood: likely === null,
      seen: 500,
      effects: { parallax: 30, meniscus: 20, tilt: 0 },
      likely,
    });
    expect(jugMessage(score(0, null), false)).toBe('Poured just right.');
    expect(jugMessage(score(0.2, null), true)).toBe('Read just right.');
    expect(jugMessage(score(-34, ['parallax']), false)).toBe(
      '34 mL too little (6.8 %). Your eye was not level with the line.',
    );
    expect(jugMessage(score(-34, ['meniscus']), false)).toContain('Read the flat bottom of it.');
    expect(jugMessage(score(-34, ['parallax', 'tilt']), false)).toContain(
      'Your eye was not level with the line, and the board was tilted.',
    );
    expect(jugMessage(score(-34, []), false)).toContain('Was it another mark');
    expect(seenMessage(score(-34, ['parallax']), 466)).toBe(
      'From there it looked like 500 mL, and 466 mL was in it.',
    );
    expect(seenMessage(score(0, null), 500.4)).toBe('From there your eye sees it as it is.');
    const dome = (off: number, height: number): DomeScore => ({
      off,
      relative: off / 14.8,
      tolerance: 0.06,
      isGood: Math.abs(off / 14.8) <= 0.06,
      dome: height,
    });
    expect(domeMessage(dome(0.5, 0.6))).toContain('that is right');
    expect(domeMessage(dome(2, 2.2))).toContain('2.2 mm high');
    expect(domeMessage(dome(-2, -2))).toContain('reaches the rim');
  });

  it('write the figures of a jug as they are printed', () => {
    expect([0.25, 0.5, 1.75, 2, 2.125, 12, 350].map(scaleFigure)).toEqual([
      '1/4',
      '1/2',
      '1 3/4',
      '2',
      '2 1/8',
      '12',
      '350',
    ]);
  });
});
