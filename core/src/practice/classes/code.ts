import type { Random } from '../../chance/index.js';

/** Letters and digits that nobody mixes up when they are read aloud or off a board. */
const SIGNS = 'ACDEFHJKMNPRTWXY3479';
/**
 * Signs of a code: with twenty of them 1.28 thousand million codes. A house of 254 addresses, each
 * trying ten a minute, would need half a year to meet one.
 */
const LENGTH = 7;
const FIRST_GROUP = 3;

/** What a code looks like, as a pattern. */
export const CODE_PATTERN = new RegExp(`^[${SIGNS}]{${LENGTH}}$`);

/** A code by which a class is joined. */
export const classCode = (random: Random): string =>
  Array.from({ length: LENGTH }, () => SIGNS[Math.floor(random.uniform() * SIGNS.length)]!).join(
    '',
  );

/** A code as somebody typed it: capitals, no blanks. */
export const tidyCode = (typed: string): string => typed.replace(/[\s-]+/g, '').toUpperCase();

/** A code as it is read aloud and off a board: in two groups. */
export const shownCode = (code: string): string =>
  code.length === LENGTH ? `${code.slice(0, FIRST_GROUP)}-${code.slice(FIRST_GROUP)}` : code;
