import { escapeUTF8 } from 'entities';

/** A piece of HTML that is whole and safe. */
export class Html {
  constructor(readonly text: string) {}
}

type Part = string | number | Html | null | readonly Html[];

const textOf = (part: Part): string => {
  if (part === null) return '';
  if (part instanceof Html) return part.text;
  if (typeof part === 'object') return part.map(({ text }) => text).join('\n');
  return escapeUTF8(String(part));
};

/** HTML from a template: what is put into it is text, unless it is HTML itself. */
export const html = (strings: TemplateStringsArray, ...parts: readonly Part[]): Html =>
  new Html(strings.reduce((text, string, at) => text + textOf(parts[at - 1]!) + string));
