import { readText } from '../../testing/usual.js';
import { bakeSteps, type BakeStep } from './index.js';
import {
  ENGLISH_METHODS,
  FRENCH_METHODS,
  GERMAN_METHODS,
  OTHER_METHODS,
  type MethodCase,
} from './method-cases.js';

const minutes = ({ minutes: of }: BakeStep): string => {
  if (!of) return '-';
  const range = of.min === of.max ? `${of.min}` : `${of.min}-${of.max}`;
  return of.isGuess ? `${range}?` : range;
};
const said = (step: BakeStep): string =>
  `${step.kind} ${minutes(step)}${step.heat ? ` @${Math.round(step.heat.celsius)}${step.heat.isGuess ? '?' : ''}` : ''}`;

const stagesOf = ({ text }: MethodCase): string[] =>
  bakeSteps(readText(`A title\n200 g flour\n100 g butter\n\nMethod\n${text}`))
    .steps.filter(({ minutes: of, heat }) => of !== null || heat !== null)
    .map(said);

describe('the stages of a method as other people write it', () => {
  const sets = {
    English: ENGLISH_METHODS,
    German: GERMAN_METHODS,
    French: FRENCH_METHODS,
    'all three': OTHER_METHODS,
  };
  for (const [language, cases] of Object.entries(sets)) {
    it(`have their own minutes and degrees in ${language}`, () => {
      for (const one of cases) {
        expect(stagesOf(one))
          .withContext(one.text)
          .toEqual([...one.stages]);
      }
    });
  }
});
