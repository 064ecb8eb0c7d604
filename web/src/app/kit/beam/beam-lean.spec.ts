import { leanOf } from './beam-lean';

describe('the tip of the beam', () => {
  it('is level when both routes give the same', () => {
    expect(leanOf(0, 0.03).state).toBe('level');
    expect(leanOf(0.0001, 0.03).degrees).toBe(0);
    expect(leanOf(0, 0.03).sentence).toBe('Level: measuring and weighing give the same amount.');
  });

  it('leans to the heavier side, further for more', () => {
    const [little, more, other] = [leanOf(0.01, 0.03), leanOf(0.02, 0.03), leanOf(-0.02, 0.03)];
    expect(little.degrees).toBeGreaterThan(0);
    expect(more.degrees).toBeGreaterThan(little.degrees);
    expect(other.degrees).toBe(-more.degrees);
  });

  it('says in words which side, by how much and whether it matters', () => {
    expect(leanOf(0.008, 0.01, 0.1).sentence).toBe('Leans to measure by 0.8 %: near enough.');
    expect(leanOf(0.026, 0.01, 0.1).sentence).toBe(
      'Leans to measure by 2.6 %: fine for this recipe, which allows 5 %.',
    );
    expect(leanOf(0.026, 0.01, 0.1).state).toBe('leaning');
    expect(leanOf(0.06, 0.01, 0.1).state).toBe('out');
    expect(leanOf(-0.041, 0.03).sentence).toBe(
      'Leans to weight by 4.1 %: more than the 3 % this recipe allows.',
    );
    expect(leanOf(-0.041, 0.03).state).toBe('out');
  });

  it('never turns over', () => {
    expect(leanOf(9, 0.03).degrees).toBe(20);
    expect(leanOf(-9, 0).degrees).toBe(-20);
  });

  it('stands empty when one route is missing', () => {
    expect(leanOf(null, 0.03).state).toBe('empty');
  });
});
