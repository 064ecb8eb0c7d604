import { wrap, type Remote } from 'comlink';
import '../kit/trusted-types/default-policy';
import type { PagePictureWorker } from './page-picture.worker';

export type {
  OpenedPicture,
  PictureProblem,
  PreparedPage,
  ReadSign,
  SignStrips,
} from './page-picture.worker';

/** A picture of a page, beside the page of the program, so that it never stops for one. */
export type PagePicture = Remote<PagePictureWorker>;

/** A place for one picture after the other, and how to leave it. */
export function openPagePicture(): { readonly picture: PagePicture; close(): void } {
  const worker = new Worker(new URL('./page-picture.worker', import.meta.url), { type: 'module' });
  return {
    picture: wrap<PagePictureWorker>(worker),
    close: () => worker.terminate(),
  };
}
