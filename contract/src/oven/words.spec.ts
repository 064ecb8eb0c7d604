import { stepName } from './index.js';

describe('what a step is called', () => {
  it('is the field’s word where there is one', () => {
    expect(stepName({ kind: 'knead', text: 'Add everything else and knead 10 minutes.' })).toBe(
      'Knead',
    );
    expect(stepName({ kind: 'bake', text: 'Bake 24 minutes.' })).toBe('Bake');
  });

  it('is of mixing what the recipe itself begins with, so that no two are the same', () => {
    const said = (text: string) => stepName({ kind: 'combine', text });
    expect(said('Whisk eggs, sugar and salt until thick.')).toBe('Whisk eggs');
    expect(said('Sift flour, starch and baking powder over it.')).toBe('Sift flour');
    expect(said('Fold in the almonds.')).toBe('Fold in the almonds');
    expect(said('Die Eier schaumig rühren.')).toBe('Die Eier');
    expect(said('Mix')).toBe('Mix');
  });

  it('is the kind’s where the recipe says nothing', () => {
    expect(stepName({ kind: 'combine', text: '' })).toBe('Mix');
  });
});
