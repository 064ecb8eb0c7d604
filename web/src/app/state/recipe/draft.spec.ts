import { EMPTY_DRAFT, sameDraft, type EditedRecipe } from './draft';

describe('sameDraft', () => {
  const answered = (answer: EditedRecipe['answers'][number]): EditedRecipe => ({
    ...EMPTY_DRAFT,
    answers: [answer],
  });

  it('does not mind in which order fields come back from the server', () => {
    const sent = answered({
      note: 'implausible-weight',
      name: 'flour',
      word: null,
      written: '1 cup (60 g) flour',
      reading: { statedGrams: null },
    });
    const kept = answered({
      note: 'implausible-weight',
      name: 'flour',
      word: null,
      reading: { statedGrams: null },
      written: '1 cup (60 g) flour',
    });
    expect(sameDraft(sent, kept)).toBeTrue();
  });

  it('does not mind what is left undefined, which is never sent', () => {
    const balance = { ...EMPTY_DRAFT.balance, forKeeping: undefined };
    expect(sameDraft({ ...EMPTY_DRAFT, balance }, EMPTY_DRAFT)).toBeTrue();
  });

  it('minds every field, and the order of answers', () => {
    const others: readonly Partial<EditedRecipe>[] = [
      { text: '1 egg' },
      { standard: 'japanese' },
      { authorId: '00000000-0000-4000-8000-000000000001' },
      { batch: { by: 'factor', factor: '2' } },
      { batch: { by: 'factor', factor: '1', asked: { by: 'eggs', eggs: 1 } } },
      { methods: { 0: 'dipped' } },
      { balance: { ...EMPTY_DRAFT.balance, lines: { 0: { nearest: true } } } },
      { balance: { ...EMPTY_DRAFT.balance, forKeeping: true } },
    ];
    for (const other of others) {
      expect(sameDraft({ ...EMPTY_DRAFT, ...other }, EMPTY_DRAFT))
        .withContext(JSON.stringify(other))
        .toBeFalse();
    }
  });
});
