import type { z } from 'zod';

const quoted = (names: readonly string[]): string => names.map((name) => `“${name}”`).join(', ');

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
