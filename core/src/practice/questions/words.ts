import type { Ingredient } from '../../catalogue/index.js';
import { intendedMass } from '../../conversion/index.js';
import { defaultMethod, densityOf } from '../../measuring/index.js';
import { readLine } from '../../reading/index.js';
import { GRAMS_PER_OUNCE, STANDARDS, millilitresIn } from '../../units/index.js';
import { pick } from '../pick.js';
import { measuredByCup, ofClasses, shuffled, withRightFirst } from './pool.js';
import type { Draw } from './draw.js';
import type { OuncesQuestion, TablespoonsQuestion, WordingQuestion } from './question.js';

const OUNCES = [2, 4, 6, 8, 12];
/** The two ounces are only compared where they differ by this share. */
const CLEARLY = 0.08;
/** Tablespoons of two countries are only offered side by side where they differ by this share. */
const APART = 0.1;
/** What nobody's tablespoon holds: a dessert spoon's, in millilitres. */
const DESSERT_SPOON = 10;
const CHOICES = 4;
/** Before and after are only asked about where it makes this much of a difference. */
const MATTERS = 0.03;
const MOST_DRAWS = 500;

/** What a bare "oz" of something is read as, or which of both ounces of it is more. */
export function drawOunces({ shelf, standard, random }: Draw): OuncesQuestion | null {
  const asks = pick(['read-as', 'which-more'] as const, random);
  const ounces = pick(OUNCES, random);
  const fluid = millilitresIn('fl-oz', standard).valueOf();
  for (const ingredient of shuffled(measuredByCup(shelf), random)) {
    const method = defaultMethod(ingredient);
    const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
    if (!basis) continue;
    const byWeight = ounces * GRAMS_PER_OUNCE;
    const byVolume = ounces * fluid * basis.gramsPerMillilitre;
    const shared = {
      topic: 'ounces',
      asks,
      ingredientId: ingredient.id,
      ounces,
      byWeight,
      byVolume,
    } as const;
    if (asks === 'which-more') {
      if (Math.abs(byVolume / byWeight - 1) < CLEARLY) continue;
      return { ...shared, choices: ['weight', 'volume'], right: byWeight > byVolume ? 0 : 1 };
    }
    const read = readLine(`${ounces} oz ${ingredient.name.toLowerCase()}`, standard, shelf);
    if (read.ingredientId !== ingredient.id) continue;
    const note = read.notes.find(
      ({ code }) => code === 'ounce-read-as' || code === 'ounce-ambiguous',
    );
    if (!note) continue;
    const choices = ['weight', 'volume', 'either'] as const;
    const meant =
      note.code === 'ounce-read-as' ? (note.as === 'mass' ? 'weight' : 'volume') : 'either';
    return { ...shared, choices, right: choices.indexOf(meant) };
  }
  return null;
}

/** How much so many tablespoons of a country hold. */
export function drawTablespoons({ random }: Draw): TablespoonsQuestion {
  const tablespoon = (of: (typeof STANDARDS)[number]): number =>
    millilitresIn('tbsp', of).valueOf();
  const standard = pick(STANDARDS, random);
  const count = pick([1, 2, 3, 4], random);
  const one = [tablespoon(standard)];
  for (const other of [...shuffled(STANDARDS, random).map(tablespoon), DESSERT_SPOON]) {
    const isApart = one.every((known) => Math.abs(other / known - 1) > APART);
    if (isApart && one.length < CHOICES) one.push(other);
  }
  return {
    topic: 'tablespoons',
    standard,
    count,
    ...withRightFirst(
      one.map((millilitres) => count * millilitres),
      random,
    ),
  };
}

/** Words that are done to something before or after it is measured, and of what. */
const DONE = [
  { done: 'sifted', classes: ['powder'] },
  { done: 'chopped', classes: ['chunk'] },
  { done: 'grated', classes: ['chunk', 'paste'] },
  { done: 'melted', classes: ['solid-fat'] },
  { done: 'ground', classes: ['chunk'] },
] as const;

/** "1 cup sifted flour" or "1 cup flour, sifted": what is done first. */
export function drawWording({ shelf, standard, random }: Draw): WordingQuestion | null {
  for (let draw = 0; draw < MOST_DRAWS; draw++) {
    const { done, classes } = pick(DONE, random);
    const ingredient = pick(ofClasses(shelf, ...classes), random);
    const both = wordings(ingredient, done).map((written) => {
      const line = readLine(written, standard, shelf);
      // Only what is read as it stands, with nothing left to ask about the thing itself.
      const isRead = line.ingredientId === ingredient.id && line.heap === null;
      const intended = isRead ? intendedMass(line, standard, shelf) : null;
      return { written, grams: intended?.grams ?? null };
    });
    const [before, after] = both;
    if (!before?.grams || !after?.grams) continue;
    if (Math.abs(before.grams / after.grams - 1) < MATTERS) continue;
    const isBefore = random.uniform() < 0.5;
    return {
      topic: 'wording',
      written: isBefore ? before.written : after.written,
      ingredientId: ingredient.id,
      done,
      before: before.grams,
      after: after.grams,
      choices: ['before', 'after'],
      right: isBefore ? 0 : 1,
    };
  }
  return null;
}

const wordings = ({ name }: Ingredient, done: string): readonly [string, string] => [
  `1 cup ${done} ${name.toLowerCase()}`,
  `1 cup ${name.toLowerCase()}, ${done}`,
];
