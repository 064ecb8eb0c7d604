import { Parser } from 'htmlparser2';
import { isBlock, isSilent } from './html-text.js';
import { DEEPEST, type Node } from './recipe-nodes.js';

/** A thing that is described, while its element is open. */
type Thing = Record<string, unknown>;

/** An element that is open, and what it adds to the thing it stands in. */
interface Open {
  readonly thing: Thing | null;
  /** The properties whose value its text is. */
  readonly properties: readonly string[];
  text: string;
}

function add(thing: Thing, property: string, value: unknown): void {
  const there = thing[property];
  if (Array.isArray(there)) there.push(value);
  else thing[property] = there === undefined ? value : [there, value];
}

/** The value that an attribute says, where it is not the text: after the HTML standard, "5.2.4 Values". */
function valueOf(name: string, attributes: Readonly<Record<string, string>>): string | undefined {
  if (attributes['content'] !== undefined) return attributes['content'];
  if (name === 'time') return attributes['datetime'];
  if (name === 'data' || name === 'meter') return attributes['value'];
  return undefined;
}

/**
 * What a page describes with microdata (HTML standard, chapter 5), as nodes like those of linked
 * data. Text keeps a line for each block, so that steps stay apart.
 */
export function microdataIn(html: string): Node[] {
  const found: Thing[] = [];
  const open: Open[] = [];
  const things: Thing[] = [];
  /** The elements whose text is a value: what the inner ones say is said by the outer ones too. */
  const spoken: Open[] = [];
  let silent = 0;
  const write = (data: string): void => {
    const innermost = spoken.at(-1);
    if (innermost) innermost.text += data;
  };
  const parser = new Parser({
    onopentag(name, attributes) {
      if (isSilent(name)) silent++;
      if (isBlock(name)) write('\n');
      const around = things.at(-1);
      const named = (attributes['itemprop'] ?? '').split(/\s+/).filter(Boolean);
      const isThing = 'itemscope' in attributes && things.length < DEEPEST;
      const thing: Thing | null = isThing ? { '@type': attributes['itemtype'] ?? '' } : null;
      const value = thing ?? valueOf(name, attributes);
      if (thing && (named.length === 0 || !around)) found.push(thing);
      if (around && value !== undefined) for (const property of named) add(around, property, value);
      const isText = around !== undefined && value === undefined && spoken.length < DEEPEST;
      const element = { thing, properties: isText ? named : [], text: '' };
      open.push(element);
      if (element.properties.length > 0) spoken.push(element);
      if (thing) things.push(thing);
    },
    ontext(data) {
      if (silent === 0) write(data.replace(/\s+/g, ' '));
    },
    onclosetag(name) {
      if (isSilent(name)) silent = Math.max(0, silent - 1);
      if (isBlock(name)) write('\n');
      const closed = open.pop();
      if (!closed) return;
      if (closed.thing) things.pop();
      const around = things.at(-1);
      if (around)
        for (const property of closed.properties) add(around, property, closed.text.trim());
    },
  });
  parser.write(html);
  parser.end();
  return found;
}
