import { AMERICAN } from './american.js';
import { AUSTRALIAN } from './australian.js';
import { BRITISH } from './british.js';
import { CANADIAN } from './canadian.js';
import { FRENCH } from './french.js';
import { GERMAN } from './german.js';
import { INDIAN } from './indian.js';

/** One everyday name, and what it is: an id of the shelf or of the table, with its form, or unknown. */
export interface EverydayName {
  readonly name: string;
  readonly expected: string;
}

const names = (text: string): readonly EverydayName[] =>
  text
    .trim()
    .split('\n')
    .map((line) => {
      const [name, expected] = line.split(' => ');
      return { name: name!, expected: expected! };
    });

/** What people of seven countries call what they bake with. A question mark: nobody here knows it. */
export const EVERYDAY_NAMES: Readonly<Record<string, readonly EverydayName[]>> = {
  american: names(AMERICAN),
  canadian: names(CANADIAN),
  british: names(BRITISH),
  'australian and new zealand': names(AUSTRALIAN),
  indian: names(INDIAN),
  german: names(GERMAN),
  french: names(FRENCH),
};
