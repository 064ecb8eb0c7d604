import type { IngredientClass } from '@ypsigram/core/catalogue';
import type { CupOf, PracticeQuestion, ScaleQuestion, ScaleSlip } from '@ypsigram/core/practice';
import { millilitresIn, type Standard } from '@ypsigram/core/units';
import { capital } from '../../wording/capital.js';
import { fixed, short } from '../../wording/figures.js';
import { METHOD_NAMES } from '../../wording/names.js';
import { scaleFigure } from './jug.js';
import { standardName } from '../../wording/standards.js';

/** What a text needs to know: how ingredients are called, and whose cups these are. */
export interface QuestionNames {
  readonly nameOf: (ingredientId: string) => string;
  readonly standard: Standard;
}

const grams = (value: number): string => `${fixed(value, value < 10 ? 1 : 0)} g`;
const millilitres = (value: number): string => `${short(value, 1)} mL`;

/** How each class is filled, in one line. */
const WAYS: Readonly<Record<IngredientClass, string>> = {
  powder: 'Spoon it in lightly, sweep level, never press or tap',
  granular: 'Dip or pour, then sweep level',
  moist: 'Press it in firmly, then sweep level',
  chunk: 'Fill a little over the brim and settle it by hand, no straight edge',
  liquid: 'Pour into a jug, with the eye at the line',
  syrup: 'Oil or warm the measure, pour, and scrape all of it out',
  paste: 'Press it in and push out the air, then smooth it level',
  'solid-fat': 'Press it in, or cut it at the marks',
  egg: 'Count them, each cracked into a small bowl',
};

const SLIPS: Readonly<Record<ScaleSlip, string>> = {
  nothing: 'Nothing is wrong',
  'not-tared': 'The bowl was weighed too',
  ounces: 'It shows pounds and ounces',
  water: 'Its mL are those of water',
  'too-little': 'Too little for this scale',
};

/** "Flour, sifted"; the usual way is not said where nothing else is beside it. */
const cup = ({ ingredientId, method }: CupOf, { nameOf }: QuestionNames): string =>
  `1 cup ${nameOf(ingredientId).toLowerCase()}, ${METHOD_NAMES[method]}`;

const lower = (id: string, { nameOf }: QuestionNames): string => nameOf(id).toLowerCase();

/** What is asked, in a sentence or two. */
export function questionText(question: PracticeQuestion, names: QuestionNames): string {
  switch (question.topic) {
    case 'technique':
      return `How do you fill a cup with ${lower(question.ingredientId, names)}?`;
    case 'tool':
      return `What do you measure ${lower(question.ingredientId, names)} in: a dry cup or a jug?`;
    case 'heavier': {
      const [a, b] = question.cups;
      return `Which is heavier, and by how much: ${cup(a, names)}; or ${cup(b, names)}?`;
    }
    case 'ounces':
      return question.asks === 'read-as'
        ? `A recipe says “${question.ounces} oz ${lower(question.ingredientId, names)}”. What does it mean?`
        : `Which is more ${lower(question.ingredientId, names)}: ${question.ounces} oz by weight, or ${question.ounces} fl oz?`;
    case 'tablespoons':
      return `The recipe’s spoons: ${standardName(question.standard)}. How many millilitres is ${question.count} tbsp?`;
    case 'wording':
      return `“${question.written}”: is it ${question.done} before or after you measure it?`;
    case 'scale': {
      const { wanted, bowlGrams, ingredientId } = question;
      const unit = wanted.unit === 'g' ? 'g' : 'mL';
      return `The recipe wants ${short(wanted.amount, 1)} ${unit} of ${lower(ingredientId, names)}. The empty bowl weighs ${bowlGrams} g. What is wrong?`;
    }
    case 'order':
      return 'Put these cups in order, the lightest first.';
    case 'estimate': {
      const amount = scaleFigure(question.count);
      const unit = question.unit === 'cup' && question.count > 1 ? 'cups' : question.unit;
      return `How many grams is ${amount} ${unit} of ${lower(question.cup.ingredientId, names)}, ${METHOD_NAMES[question.cup.method]}? Within a tenth is right.`;
    }
  }
}

/** The choices in words; none for an order or an estimate. */
export function choiceTexts(question: PracticeQuestion, names: QuestionNames): readonly string[] {
  switch (question.topic) {
    case 'technique':
      return question.choices.map((of) => WAYS[of]);
    case 'tool':
      return ['In a dry cup', 'In a jug'];
    case 'heavier':
      return question.choices.map(
        ({ cup: at, grams: by }) =>
          `${sideOf(question.cups[at], question.cups, names)}, by ${grams(by)}`,
      );
    case 'ounces':
      return question.choices.map((choice) => {
        if (choice === 'either') return 'It could be either: ask';
        const much = grams(choice === 'weight' ? question.byWeight : question.byVolume);
        if (question.asks === 'read-as') {
          return choice === 'weight' ? `Ounces by weight (${much})` : `Fluid ounces (${much})`;
        }
        return choice === 'weight' ? 'By weight' : 'In fluid ounces';
      });
    case 'tablespoons':
      return question.choices.map(millilitres);
    case 'wording':
      return [
        `${capital(question.done)} first, then measured`,
        `Measured first, then ${question.done}`,
      ];
    case 'scale':
      return question.choices.map((slip) => SLIPS[slip]);
    case 'order':
      return question.cups.map(({ ingredientId }) => names.nameOf(ingredientId));
    case 'estimate':
      return [];
  }
}

function sideOf(one: CupOf, both: readonly CupOf[], names: QuestionNames): string {
  const isSame = both[0]!.ingredientId === both[1]!.ingredientId;
  return capital(isSame ? METHOD_NAMES[one.method] : lower(one.ingredientId, names));
}

/** Why the right answer is right, with its figures. */
export function explanationText(question: PracticeQuestion, names: QuestionNames): string {
  switch (question.topic) {
    case 'technique':
      return `${names.nameOf(question.ingredientId)}: ${WAYS[question.choices[question.right]!].toLowerCase()}.`;
    case 'tool':
      return question.right === 0
        ? 'What must be levelled goes in a dry cup: you sweep it off at the rim.'
        : 'What levels itself goes in a jug: you read it at a line, and nothing spills.';
    case 'heavier':
      return `${question.cups.map((one) => `${capital(cup(one, names))}: ${grams(one.grams)}`).join('. ')}.`;
    case 'ounces':
      return ouncesExplained(question, names);
    case 'tablespoons':
      return `${standardName(question.standard)}: one tablespoon is ${short(question.choices[question.right]! / question.count, 2)} mL.`;
    case 'wording':
      return (
        `A word before the ingredient is done before measuring, a word after the comma is done after. ` +
        `${capital(question.done)} first: ${grams(question.before)}. ${capital(question.done)} afterwards: ${grams(question.after)}.`
      );
    case 'scale':
      return scaleExplained(question, names);
    case 'order':
      return `${question.right
        .map((at) => question.cups[at]!)
        .map(({ ingredientId, grams: weight }) => `${names.nameOf(ingredientId)} ${grams(weight)}`)
        .join(', ')}.`;
    case 'estimate': {
      const { cup: one, unit, count, right } = question;
      const each = `1 ${unit} weighs ${grams(one.grams)}`;
      return count === 1 ? `${capital(each)}.` : `${each}, so it is ${grams(right)}.`;
    }
  }
}

type AskedOunces = Extract<PracticeQuestion, { topic: 'ounces' }>;

function ouncesExplained(question: AskedOunces, names: QuestionNames): string {
  const { ounces, byWeight, byVolume, choices, right, asks, ingredientId } = question;
  const figures =
    `${ounces} oz by weight is ${grams(byWeight)}; ${ounces} fl oz of ` +
    `${lower(ingredientId, names)} is ${grams(byVolume)}.`;
  if (asks === 'which-more') return figures;
  switch (choices[right]!) {
    case 'weight':
      return `What is not liquid is sold by weight, so “oz” is a weight. ${figures}`;
    case 'volume':
      return `For a thin liquid “oz” means fluid ounces. ${figures}`;
    case 'either':
      return `It is sold both ways, so the recipe has to be asked. ${figures}`;
  }
}

function scaleExplained(question: ScaleQuestion, names: QuestionNames): string {
  const { wanted, bowlGrams, contentGrams, shown, gridGrams } = question;
  const name = lower(question.ingredientId, names);
  switch (question.choices[question.right]!) {
    case 'nothing':
      return `${shown} g, with the bowl tared away: just what the recipe wants.`;
    case 'not-tared':
      return `${bowlGrams} g of bowl and ${short(wanted.amount, 1)} g of ${name} make ${shown} g. Put the bowl on, press tare, then fill it.`;
    case 'ounces':
      return `${shown} oz is ${grams(contentGrams)}. The weight is right; set the scale to grams.`;
    case 'water':
      return `In mL a scale takes everything for water: ${shown} “mL” is ${grams(contentGrams)} of ${name}, and not ${short(wanted.amount, 0)} mL of it.`;
    case 'too-little':
      return `A scale with steps of ${gridGrams} g may be ${short(gridGrams / 2, 1)} g off, that is ${fixed((50 * gridGrams) / wanted.amount, 0)} % here. Use a fine scale or a spoon.`;
  }
}

/** The cups and spoons that the figures of a question are told for. */
export const cupsOf = (standard: Standard): string =>
  `${standardName(standard)} cups of ${short(millilitresIn('cup', standard).valueOf(), 1)} mL`;
