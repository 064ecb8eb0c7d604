import { factorOfLoads, loadsFor } from './index.js';

describe('loads', () => {
  it('are as few equal ones as the bowl holds', () => {
    expect(loadsFor(4000, null, { bowlMillilitres: 5000, piecesPerLoad: null })).toEqual({
      count: 2,
      gramsEach: 2000,
      limitedBy: 'bowl',
    });
  });

  it('are as many as the oven needs', () => {
    expect(loadsFor(1800, 30, { bowlMillilitres: 5000, piecesPerLoad: 12 })).toEqual({
      count: 3,
      gramsEach: 600,
      limitedBy: 'oven',
    });
  });

  it('set a batch: as many full ones as bowl and oven both take', () => {
    const recipe = { grams: 900, pieces: 12 };
    const holds = { bowlMillilitres: 3600, piecesPerLoad: 12 };
    expect(factorOfLoads(2, recipe, { ...holds, piecesPerLoad: null })).toBeCloseTo(4, 9);
    expect(factorOfLoads(2, recipe, holds)).toBeCloseTo(2, 9);
    expect(factorOfLoads(2, recipe, { bowlMillilitres: null, piecesPerLoad: null })).toBeNull();
  });

  it('are not spoken of where one is enough', () => {
    expect(loadsFor(900, 12, { bowlMillilitres: 5000, piecesPerLoad: 12 })).toBeNull();
    expect(loadsFor(9000, 99, { bowlMillilitres: null, piecesPerLoad: null })).toBeNull();
  });
});
