import picocolors from 'picocolors';

/** Emphasis on a terminal; plain text where the output goes to a file or another program. */
export const paint = {
  bold: picocolors.bold,
  faint: picocolors.dim,
};
