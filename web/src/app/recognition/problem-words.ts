import type { DocumentProblem } from '../workers/document-pages';
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

/** Why a document can't be read, with what to do. */
export function documentProblemMessage(problem: DocumentProblem): string {
  switch (problem.code) {
    case 'broken':
      return 'This PDF is damaged or incomplete. Save it again where it comes from, or take a photo of the page.';
    case 'locked':
      return 'This PDF is locked by a password. Open it, print the page into a new PDF, and import that.';
    case 'too-many-pages':
      return `This PDF has ${problem.pages} pages: at most ${problem.most} can be read at once. Split it.`;
  }
}
