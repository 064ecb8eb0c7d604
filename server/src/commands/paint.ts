import picocolors from 'picocolors';

/** Whether somebody looks: the library would also paint where a build machine says that it is one. */
const isSeen = process.stdout.isTTY === true && !process.env['NO_COLOR'];
const { bold, dim } = picocolors.createColors(isSeen);

/** Emphasis on a terminal; plain text where the output goes to a file or another program. */
export const paint = { bold, faint: dim };
