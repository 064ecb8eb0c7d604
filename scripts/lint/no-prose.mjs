// A rule for ESLint: no words for people in a text of the code. Core returns codes and figures, of
// which contract makes sentences. What a programmer did wrong may be thrown in words.

/** Two plain words side by side, or one (no sign of a unit) beside a figure that is put in. */
const PROSE = /[a-z]{2,},? [a-z]{2,}|\0 [a-z]{3,}|[a-z]{3,} \0/;

/** A template as a text, with a sign for each thing that is put in. */
const textOf = (node) =>
  node.type === 'TemplateLiteral'
    ? node.quasis.map(({ value }) => value.cooked).join('\0')
    : String(node.value);

/** What is thrown is for programmers; an import, a type or a pattern is no text. */
const NOT_FOR_PEOPLE = new Set(['ThrowStatement', 'ImportDeclaration', 'TSLiteralType']);

function isForPeople({ parent: up }) {
  if (!up) return true;
  const isPattern = up.type === 'NewExpression' && up.callee.name === 'RegExp';
  return !isPattern && !NOT_FOR_PEOPLE.has(up.type) && isForPeople(up);
}

export const noProse = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      prose: 'Words for people stand in contract: return a code and its figures ("{{text}}").',
    },
  },
  create(context) {
    const look = (node) => {
      if (node.type === 'Literal' && typeof node.value !== 'string') return;
      const text = textOf(node);
      if (!PROSE.test(text) || !isForPeople(node)) return;
      const shown = text.replaceAll('\0', '…').slice(0, 60);
      context.report({ node, messageId: 'prose', data: { text: shown } });
    };
    return { Literal: look, TemplateLiteral: look };
  },
};
