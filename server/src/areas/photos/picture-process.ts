import { fork, type ChildProcess } from 'node:child_process';
import pLimit from 'p-limit';
import { ProblemError } from '../../http/problem.js';
import { ownFile } from '../../own-file.js';

/** A picture to be made smaller. */
export interface ResizeJob {
  /** The file that it is in. */
  readonly from: string;
  /** The file that it goes to as a JPEG; null only to see whether it can be opened. */
  readonly to: string | null;
  /** No wider or higher than this. */
  readonly pixels: number;
}

export type ResizeAnswer =
  | {
      readonly is: 'resized';
      /** The SHA-256 of the bytes that were written. */
      readonly name: string;
      readonly width: number;
      readonly height: number;
    }
  | { readonly is: 'no picture' | 'too large' }
  | { readonly is: 'failed'; readonly code: string; readonly message: string };

type Resized = Extract<ResizeAnswer, { is: 'resized' }>;

/** A process with nothing to do ends, and gives back all that it took. */
const IDLE_MILLISECONDS = 5_000;
/** No picture that is meant well takes longer. */
const LONGEST_MILLISECONDS = 30_000;

const NO_PICTURE =
  'This picture can’t be opened. Choose a JPEG, PNG or WebP photo of at most 20 MB.';
const TOO_LARGE = 'This picture is too large to be opened. Make it smaller, then add it again.';

const FILE = ownFile('areas/photos/resize-process');

let resizer: ChildProcess | null = null;
let idle: NodeJS.Timeout | undefined;
const oneAtATime = pLimit(1);

function end(): void {
  clearTimeout(idle);
  resizer?.kill('SIGKILL');
  resizer = null;
}

/** Null where the process did not live to tell: it was too much for it. */
function ask(job: ResizeJob): Promise<ResizeAnswer | null> {
  clearTimeout(idle);
  const child = (resizer ??= fork(FILE, { stdio: 'ignore' }));
  return new Promise((done) => {
    const late = setTimeout(() => child.kill('SIGKILL'), LONGEST_MILLISECONDS);
    const settle = (answer: ResizeAnswer | null): void => {
      clearTimeout(late);
      child.removeAllListeners();
      if (answer === null) end();
      else {
        idle = setTimeout(end, IDLE_MILLISECONDS);
        idle.unref();
      }
      done(answer);
    };
    child.once('message', (answer: ResizeAnswer) => settle(answer));
    child.once('exit', () => settle(null));
    child.once('error', () => settle(null));
    child.send(job);
  });
}

/**
 * Opens a picture in a process of its own, whose memory and time are limited, one after another.
 * @throws ProblemError 422 for what is no picture, or too much
 */
export async function resizePicture(job: ResizeJob): Promise<Resized> {
  const answer = await oneAtATime(() => ask(job));
  if (answer?.is === 'resized') return answer;
  if (answer?.is === 'failed')
    throw Object.assign(new Error(answer.message), { code: answer.code });
  throw new ProblemError(422, answer?.is === 'no picture' ? NO_PICTURE : TOO_LARGE);
}

/** Ends the process: for a server that stops. */
export async function closePictures(): Promise<void> {
  await oneAtATime(() => Promise.resolve(end()));
}
