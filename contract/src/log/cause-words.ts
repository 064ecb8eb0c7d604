import type { CauseId, Figure, Evidence, QuestionId } from '@ypsigram/core/diagnosis';
import { fixed } from '../wording/figures.js';
import { SYMPTOM_NAMES } from './symptom-words.js';

interface CauseWords {
  /** The cause as a short sentence. */
  readonly name: string;
  /** The one thing to change. */
  readonly change: string;
  /** Why it shows itself so. */
  readonly why: string;
}

/** Causes by their id. */
export const CAUSE_WORDS: Readonly<Record<CauseId, CauseWords>> = {
  'flour-over': {
    name: 'Too much flour',
    change: 'Weigh the flour.',
    why: 'More flour takes up the water: less is left to keep the crumb soft.',
  },
  'flour-under': {
    name: 'Too little flour',
    change: 'Weigh the flour.',
    why: 'Too little flour holds neither the fat nor the shape.',
  },
  'water-over': {
    name: 'Too much liquid',
    change: 'Weigh the liquid.',
    why: 'More water than the flour can hold: the crumb stays wet.',
  },
  'water-under': {
    name: 'Too little liquid',
    change: 'Weigh the liquid, or read the jug with your eye at the line.',
    why: 'Starch that does not get its water stays stiff, and the surface tears. A jug read from above is poured short.',
  },
  'fat-over': {
    name: 'Too much fat',
    change: 'Weigh the fat.',
    why: 'More fat than the flour can hold runs out of it.',
  },
  'fat-warm': {
    name: 'The fat was too warm',
    change: 'Use butter that gives to a finger but holds its shape, and chill the dough.',
    why: 'Fat that is near melting holds no air and runs before the crumb sets.',
  },
  'leavening-over': {
    name: 'Too much baking powder or soda',
    change: 'Weigh it on the fine scale, or level the spoon with a straight edge.',
    why: 'It rises faster than it sets, falls back, and what is left over tastes.',
  },
  'leavening-weak': {
    name: 'Weak or too little baking powder or soda',
    change: 'Buy it fresh: a spoonful must foam in hot water.',
    why: 'Old or too little of it does not lift the crumb.',
  },
  'yeast-short': {
    name: 'The dough had not risen enough',
    change: 'Let it rise until a fingertip leaves a dent that fills slowly.',
    why: 'A dough that has not risen enough tears in the oven and stays tight.',
  },
  'yeast-long': {
    name: 'The dough rose too long',
    change: 'Bake it sooner: at the dent that just fills again.',
    why: 'A dough that has risen too far has no strength left, nor sugar to brown.',
  },
  'salt-over': {
    name: 'Too much salt, or another kind of salt',
    change: 'Weigh the salt: kinds differ by the spoon, not by the gram.',
    why: 'A spoon of fine salt weighs up to twice as much as one of flakes.',
  },
  'salt-under': {
    name: 'Too little salt, or flakes for fine salt',
    change: 'Weigh the salt: kinds differ by the spoon, not by the gram.',
    why: 'Bland is salt far more often than butter or spice.',
  },
  spoons: {
    name: 'Spoons of another country or size',
    change: 'Weigh what goes by the spoon, or check your spoons in Tools.',
    why: 'A tablespoon is 15 mL here and 20 mL there: everything by the spoon is off alike.',
  },
  'oven-hot': {
    name: 'The oven was too hot',
    change: 'Measure your oven first, then set the dial by what it shows.',
    why: 'The outside is done before the heat has reached the middle.',
  },
  'oven-cold': {
    name: 'The oven was too cold',
    change: 'Set the dial higher, by what a thermometer shows.',
    why: 'It sets before it has risen, or falls before it sets, and does not brown.',
  },
  'too-long': {
    name: 'Too long in the oven',
    change: 'Look earlier, and take it out sooner.',
    why: 'Every minute after done takes water out of the crumb.',
  },
  'too-short': {
    name: 'Too short in the oven',
    change: 'Leave it in longer.',
    why: 'The middle has not set: it sinks and stays wet.',
  },
  'left-in-pan': {
    name: 'Left too long in the pan',
    change: 'Turn it out as soon as the recipe says.',
    why: 'In the hot pan it bakes on, then sweats and sticks.',
  },
  overmixed: {
    name: 'Mixed too long',
    change: 'Stop the machine once wet meets dry. Fold by hand until no dry flour shows.',
    why: 'Flour that is worked after it is wet makes a net, and the gas long holes in it.',
  },
  undermixed: {
    name: 'Mixed too little',
    change: 'Cream for a full minute, and fold until no dry flour shows.',
    why: 'Dry flour is left in it, or the fat took up no air.',
  },
  'egg-small': {
    name: 'Eggs smaller than meant',
    change: 'Weigh the eggs out of the shell: a large one is 50 g.',
    why: 'Egg binds and lifts: small ones hold a fifth less than the author’s.',
  },
  'egg-large': {
    name: 'Eggs larger than meant',
    change: 'Weigh the eggs out of the shell: a large one is 50 g.',
    why: 'More egg than meant sets like custard.',
  },
  'sugar-over': {
    name: 'Too much sugar',
    change: 'Weigh the sugar.',
    why: 'Sugar holds water, keeps the crumb from setting, and browns.',
  },
  untared: {
    name: 'The bowl was weighed along',
    change: 'Tare with the empty bowl on the scale, and weigh the flour.',
    why: 'The bowl was weighed along: so much less went in.',
  },
  'cups-as-ounces': {
    name: 'Cups were weighed as eight ounces',
    change: 'Weigh the flour by the grams shown: a cup of it is no eight ounces.',
    why: 'A cup of flour is no eight ounces: it weighs little more than half of that.',
  },
  'left-out': {
    name: 'Something was left out',
    change: 'Put everything on the tray before anything is mixed.',
    why: 'Something is still standing on the counter.',
  },
  'something-else': {
    name: 'Something else',
    change: 'Change one thing at a time, and write down what it did.',
    why: 'Not everything that can go wrong is on this list.',
  },
};

/** Questions by their id, each to be answered with yes or no. */
export const QUESTION_WORDS: Readonly<Record<QuestionId, string>> = {
  'flour-dipped': 'Did you dip the cup into the flour, or shake it down?',
  'flour-sifted': 'Did you sift the flour before you filled the cup?',
  'jug-from-above': 'Did you read the jug from above?',
  'other-salt': 'Was it another kind of salt than usual?',
  'old-leavening': 'Has the baking powder or soda been open for over half a year?',
  'other-spoons': 'Did you use other spoons than usual?',
  'small-eggs': 'Were the eggs small or medium?',
  'large-eggs': 'Were the eggs extra large?',
  'mixed-long': 'Did you go on mixing after the flour was wet?',
  'mixed-short': 'Did you stop mixing very early?',
  'oven-measured-hot': 'Does your oven brown other things too fast as well?',
  'oven-measured-cold': 'Does your oven take longer than recipes say?',
  'opened-door': 'Did you open the oven door in the first half?',
  'left-in-pan': 'Did it cool in its pan?',
  'bowl-not-tared': 'Could the bowl have been weighed along?',
  'left-out': 'Was anything still on the counter afterwards?',
  'fat-melting': 'Was the butter very soft or shiny?',
  'rose-short': 'Was the kitchen cold, or the rise cut short?',
  'rose-long': 'Did it rise longer than planned?',
  'cups-as-ounces': 'Did you weigh a cup as eight ounces?',
};

const FIGURE_NAMES: Readonly<Record<Figure, string>> = {
  flour: 'flour',
  water: 'liquid',
  fat: 'fat',
  sugar: 'sugar',
  egg: 'egg',
  leavening: 'baking powder or soda',
  yeast: 'yeast',
  salt: 'salt',
  heat: 'oven',
  minutes: 'time in the oven',
  pan: 'time in the pan',
};

const NEAR = 0.01;

function figureSentence(figure: Figure, value: number): string {
  const name = FIGURE_NAMES[figure];
  if (figure === 'heat') {
    const by = fixed(Math.abs(value), 0);
    return Math.abs(value) < 3
      ? 'the oven was as hot as wanted'
      : `the oven was ${by} °C ${value > 0 ? 'hotter' : 'colder'} than wanted`;
  }
  if (figure === 'pan') {
    return Math.abs(value) < 2
      ? 'it was turned out in time'
      : `it stayed in its pan ${fixed(Math.abs(value), 0)} min ${value > 0 ? 'longer' : 'less'} than stated`;
  }
  const by = `${fixed(100 * Math.abs(value), 0)} %`;
  if (Math.abs(value) < NEAR) return `the ${name} was as meant`;
  if (figure === 'minutes') return `the ${name} was ${by} ${value > 0 ? 'longer' : 'shorter'}`;
  return `the ${name} was ${by} ${value > 0 ? 'over' : 'under'} what was meant`;
}

const VERDICT_WORDS = {
  better: 'changing it made the next bake better',
  same: 'changing it made no difference',
  worse: 'changing it made the next bake worse',
} as const;

/** A piece of evidence as half a sentence: "it was dense", "the flour was 12 % over what was meant". */
export function evidenceWords({ about }: Pick<Evidence, 'about'>): string {
  switch (about.is) {
    case 'symptom':
      return `${about.isThere ? 'it was' : 'it was not'} ${SYMPTOM_NAMES[about.symptom]}`
        .replace('was tastes of', 'tasted of')
        .replace('was not tastes of', 'did not taste of')
        .replace('it was long tunnels inside', 'it had long tunnels inside')
        .replace('it was not long tunnels inside', 'it had no long tunnels inside')
        .replace('it was spread too far', 'it spread too far')
        .replace('it was not spread too far', 'it did not spread too far')
        .replace('it was stuck', 'it stuck')
        .replace('it was not stuck', 'it did not stick');
    case 'figure':
      return figureSentence(about.figure, about.known.value);
    case 'answer': {
      const question = QUESTION_WORDS[about.question];
      return `“${question}” ${about.answer === 'yes' ? 'Yes' : 'No'}`;
    }
    case 'tried':
      return VERDICT_WORDS[about.verdict];
    case 'earlier':
      return about.bakes === 1
        ? 'the bake before it, which failed too'
        : `the ${about.bakes} bakes before it, which failed too`;
  }
}
