import type { z } from 'zod';

/** More names than these say nothing more, and none is longer. */
const MOST_NAMES = 5;
const LONGEST_NAME = 40;

const short = (name: string): string =>
  name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME)}…` : name;

function quoted(names: readonly string[]): string {
  const told = names.slice(0, MOST_NAMES).map((name) => `“${short(name)}”`);
  const more = names.length - told.length;
  return told.join(', ') + (more > 0 ? ` and ${more} more` : '');
}

/**
 * Words for what a schema finds wrong, where the schema itself says nothing better. Meant
 * for `safeParse(value, { error })`.
 */
export const issueMessage: z.core.$ZodErrorMap = (issue) => {
  switch (issue.code) {
    case 'unrecognized_keys':
      return `There is no field called ${quoted(issue.keys)} here. Check the spelling.`;
    case 'invalid_type':
      return issue.input === undefined
        ? 'This is missing.'
        : `This should be ${issue.expected === 'object' ? 'a JSON object' : `a ${issue.expected}`}.`;
    case 'invalid_value':
      return `This should be one of ${quoted(issue.values.map(String))}.`;
    case 'too_big':
      return `This should be at most ${issue.maximum}.`;
    case 'too_small':
      return `This should be at least ${issue.minimum}.`;
    default:
      return undefined;
  }
};
