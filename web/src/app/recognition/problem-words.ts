import type { PictureProblem } from '../workers/page-picture';

/** Why a picture can't be read, with what to do. */
export function pictureProblemMessage(problem: PictureProblem): string {
  switch (problem.code) {
    case 'too-many-pixels':
      return `This picture has ${problem.millions} megapixels: at most ${problem.most} can be read. Make it smaller, or take another.`;
    case 'no-picture':
      return 'This browser can’t open that picture. Save it as JPEG or PNG, or take a screenshot of it, and try again.';
  }
}

export const READING_FAILED =
  'The photo could not be read: reading print did not start. Reload the page and try again, or type from the photo.';
