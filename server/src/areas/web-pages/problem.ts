import { ProblemError } from '../../http/problem.js';
import type { PageProblem } from './fetch-page.js';

/** It is not this server that failed but one that it needs (RFC 4918, 11.4). */
const ELSEWHERE = 424;
const PASTE = 'Open it in a browser, copy its text and paste that here.';

/** Why a page could not be got, as an answer that says what to do. */
export function pageProblem(problem: PageProblem): ProblemError {
  switch (problem.code) {
    case 'private':
      return new ProblemError(
        400,
        `That address is not in the web but in your own network, and is left alone. ${PASTE}`,
        { field: 'address' },
      );
    case 'not-web':
      return new ProblemError(400, 'That page leads to something that is not in the web.', {
        field: 'address',
      });
    case 'unreachable':
      return new ProblemError(
        ELSEWHERE,
        `That page can’t be reached (${problem.detail}). Check the address, and whether this machine is connected to the internet. Or open the page in a browser, copy its text and paste that here.`,
      );
    case 'slow':
      return new ProblemError(
        ELSEWHERE,
        `That page took longer than ${problem.seconds} seconds. Try again. Or ${PASTE.toLowerCase()}`,
      );
    case 'too-large':
      return new ProblemError(422, `That page has more than ${problem.megabytes} MB. ${PASTE}`);
    case 'not-a-page':
      return new ProblemError(
        422,
        `That address leads to a file, not to a page${problem.type === '' ? '' : ` (${problem.type})`}. Save the file and import it.`,
      );
    case 'refused':
      return new ProblemError(
        ELSEWHERE,
        problem.status === 404
          ? 'There is no such page (404). Check the address.'
          : `That page is not given out (it answered ${problem.status}). ${PASTE}`,
      );
    case 'redirects':
      return new ProblemError(
        ELSEWHERE,
        `That address leads on more than ${problem.most} times. Paste the address of the page itself.`,
      );
  }
}
