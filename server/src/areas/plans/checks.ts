import { METHOD_NAMES } from '@ypsigram/contract';
import { toolsIn } from '@ypsigram/core/drawer';
import {
  lineKeys,
  methodsForLine,
  substitutesFor,
  type LineChoice,
  type PlanningKitchen,
} from '@ypsigram/core/batch';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import type { Line, Reading } from '@ypsigram/core/reading';
import { ProblemError } from '../../http/problem.js';

const lineCalled = (reading: Reading, key: string): Line | undefined =>
  reading.lines[lineKeys(reading).indexOf(key)];

/** Every method must be one its line can be filled by. @throws ProblemError 422 with the field. */
export function checkMethods(
  reading: Reading,
  methods: Readonly<Record<string, Method>>,
  shelf: Shelf,
): void {
  for (const [index, method] of Object.entries(methods)) {
    const line = lineCalled(reading, index);
    const field = `methods.${index}`;
    if (!line) {
      throw new ProblemError(422, `There is no line ${index}: lines are counted from 0.`, {
        field,
      });
    }
    const possible = methodsForLine(line, shelf);
    if (possible.includes(method)) continue;
    const detail =
      possible.length === 0
        ? `“${line.written.trim()}” can’t be measured by volume, so no method can be chosen for it.`
        : `“${line.written.trim()}” can't be ${METHOD_NAMES[method]}. Choose ${possible
            .map((name) => METHOD_NAMES[name])
            .join(', ')}.`;
    throw new ProblemError(422, detail, { field });
  }
}

/**
 * What was decided of a line must be possible there: nothing is passed over in silence.
 * @throws ProblemError 422 with the field.
 */
export function checkChoices(
  reading: Reading,
  choices: Readonly<Record<string, LineChoice>>,
  { shelf, drawer }: Pick<PlanningKitchen, 'shelf' | 'drawer'>,
): void {
  for (const [index, { method, instead, tools }] of Object.entries(choices)) {
    const field = `choices.${index}`;
    const line = lineCalled(reading, index);
    if (!line) {
      throw new ProblemError(422, `There is no line ${index}: lines are counted from 0.`, {
        field,
      });
    }
    if (method) checkMethods(reading, { [index]: method }, shelf);
    const isOffered = substitutesFor(line, shelf).some(
      ({ ingredientId, form }) => ingredientId === instead?.ingredientId && form === instead.form,
    );
    if (instead && !isOffered) {
      throw new ProblemError(
        422,
        `“${line.written.trim()}” can’t be replaced by that ingredient.`,
        {
          field: `${field}.instead`,
        },
      );
    }
    const here = toolsIn(drawer);
    const missing = tools?.find(
      (name) => !here.some(({ id, wash }) => id === name || wash === name),
    );
    if (missing !== undefined) {
      throw new ProblemError(
        422,
        `There is no “${missing}” in this drawer, or it is in the wash.`,
        {
          field: `${field}.tools`,
        },
      );
    }
  }
}
