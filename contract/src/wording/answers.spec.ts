import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { answerText } from './answers.js';

type Told = Parameters<typeof answerText>[0];

const said = (answer: Partial<Told>): string =>
  answerText(
    { note: 'kind-ambiguous', name: 'kosher salt', word: null, reading: {}, ...answer },
    BUILT_IN_SHELF,
  );

describe('an answer in words', () => {
  it('names what the words mean', () => {
    expect(said({ reading: { ingredientId: 'salt-coarse-dense' } })).toContain(
      '“kosher salt” means ',
    );
    expect(said({ name: 'eggs', reading: { form: 'medium' } })).toBe('“eggs” means medium');
    expect(said({ name: 'flour', reading: { method: 'dipped' } })).toBe(
      'A cup of “flour” is dipped',
    );
    expect(said({ name: 'sour cream', reading: { unit: 'fl-oz' } })).toBe(
      'Ounces of “sour cream” are fluid ounces',
    );
  });

  it('says when a word is done, by the order of the words and by whether that was right', () => {
    const sifted = { name: 'cake flour', word: 'sifted' } as const;
    const other = { method: 'level' } as const;
    expect(said({ ...sifted, note: 'order-before' })).toContain('sifted before');
    expect(said({ ...sifted, note: 'order-before', reading: other })).toContain('sifted after');
    expect(said({ ...sifted, note: 'order-after' })).toContain('sifted after');
    expect(said({ ...sifted, note: 'order-after', reading: other })).toContain('sifted before');
  });
});
