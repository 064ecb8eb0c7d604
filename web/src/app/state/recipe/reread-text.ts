import { createIncrementalReader } from '@ypsigram/core/reading';

/** Gives the same lines back for what was not changed, so that only the rest is read and drawn. */
export const rereadText = createIncrementalReader();
