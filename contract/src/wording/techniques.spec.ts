import { CLASSES } from '@ypsigram/core/catalogue';
import { TECHNIQUES, techniqueFor } from './techniques.js';

describe('how to fill', () => {
  it('is told for the way that is chosen, not only for the class', () => {
    const dipped = techniqueFor('powder', 'dipped');
    expect(dipped.steps.join(' ')).toContain('Dip the cup in');
    expect(dipped.steps.join(' ')).not.toContain('Spoon');
    expect(techniqueFor('powder', 'sifted').steps[0]).toContain('Sift');
    // Tapped too little, it holds too little: the other way round than a spooned cup.
    expect(techniqueFor('powder', 'tamped').errs).toBe('too little');
    expect(techniqueFor('powder', 'spooned').errs).toBe('too much');
  });

  it('is the usual one where nothing differs', () => {
    for (const of of CLASSES) expect(techniqueFor(of, null)).toEqual(TECHNIQUES[of]);
    expect(techniqueFor('liquid', 'poured')).toEqual(TECHNIQUES.liquid);
  });
});
