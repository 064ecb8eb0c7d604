import fc from 'fast-check';
import { randomFrom } from '../../chance/index.js';
import {
  CAPILLARY_LENGTH,
  HIGHEST_DOME,
  JUG_CUPS,
  JUG_KINDS,
  MENISCUS_RISE,
  STANDING_EYE,
  apparentLevel,
  asMillilitres,
  domeHeight,
  domeVolume,
  drawDomeTask,
  drawJugTask,
  eyeAt,
  jugOf,
  jugScene,
  levelOf,
  levelThatLooksRight,
  lookingDown,
  meniscusAt,
  parallax,
  placeOfScale,
  scoreDome,
  scoreJug,
  spoonOf,
  stepOf,
  tiltedBy,
  type JugTask,
} from './index.js';

const JUG = jugOf(4, 'us-customary');
const task = (change: Partial<JugTask> = {}): JugTask => ({
  kind: 'pour',
  jug: JUG,
  scale: 'cup',
  millilitres: 2 * 236.5882365,
  eyeHeight: STANDING_EYE,
  tilt: 0,
  ...change,
});
const levelEye = eyeAt(levelOf(JUG, 2 * 236.5882365));

describe('parallax', () => {
  it('is the depth of the wall times the tangent of the angle in the glass, by hand', () => {
    // Snell: sin 45° / 1.5 = 0.4714, its angle 28.13°, whose tangent is 0.5345.
    expect(parallax(4, 0)).toBe(0);
    expect(parallax(4, 45)).toBeCloseTo(4 * 0.53452, 4);
    // 0.5 / 1.5 = 0.3333: 19.47°, 0.35355; 0.86603 / 1.5 = 0.57735: 35.26°, 0.70711.
    expect(parallax(4, 30)).toBeCloseTo(4 * 0.35355, 4);
    expect(parallax(4, 60)).toBeCloseTo(4 * 0.70711, 4);
    expect(parallax(3, -45)).toBeCloseTo(-3 * 0.53452, 4);
  });

  it('of an eye 400 mm away and 400 mm above the line is that of 45°', () => {
    const eye = eyeAt(50 + 400);
    expect(lookingDown(eye, 50)).toBeCloseTo(45, 9);
    expect(levelThatLooksRight(JUG, eye, 50)).toBeCloseTo(50 - 4 * 0.534522, 5);
  });

  it('makes a level look higher from above, lower from below, and as it is from its own height', () => {
    // The mark is met at 52.13: 397.87 up in 400, 44.85°; in the glass 28.05°, 4 · 0.5328 = 2.13.
    expect(apparentLevel(JUG, eyeAt(450), 50)).toBeCloseTo(52.13, 2);
    expect(apparentLevel(JUG, eyeAt(50), 50)).toBe(50);
    expect(apparentLevel(JUG, eyeAt(10), 50)).toBeLessThan(50);
  });

  it('leads to the same place both ways: a level that looks right is read at its mark', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 560, noNaN: true }),
        fc.double({ min: 10, max: 130, noNaN: true }),
        (height, mark) => {
          const eye = eyeAt(height);
          const level = levelThatLooksRight(JUG, eye, mark);
          expect(apparentLevel(JUG, eye, level)).toBeCloseTo(mark, 6);
        },
      ),
    );
  });

  it('of a mark at the side is that of the glass crossed at a slant, by hand', () => {
    // Eye 400 mm away and level with x = 0; the mark at 32°: (29.68, 47.49); the eye at (0, 456).
    // Direction (29.68, −408.51) / 409.59; along = (29.68² − 47.49 · 408.51) / 409.59 = −45.21;
    // cosine of the slant 45.21 / 56 = 0.8073, its sine 0.5901; in the glass 0.3934, cosine 0.9194;
    // through the glass: 51.48 − √(51.48² − (56² − 52²)) = 4.38 mm. Down: 400 in 409.59 is 44.32°,
    // sin 0.6987 / 1.5 = 0.4658, its tangent 0.5264.
    const around = 32;
    const eye = eyeAt(450);
    const short = 50 - levelThatLooksRight(JUG, eye, 50, around);
    expect(short).toBeCloseTo(4.38 * 0.5264, 2);
    expect(apparentLevel(JUG, eye, 50 - short, around)).toBeCloseTo(50, 9);
  });

  it('is what the picture shows: the mark lies on the edge of the liquid along the line of sight', () => {
    const ounces = 16 * 29.5735295625;
    const mark = levelOf(JUG, ounces);
    for (const height of [mark, 200, 400, STANDING_EYE]) {
      const eye = eyeAt(height);
      // The edge climbs up the glass: it is the edge that is laid on the mark here.
      const edge = levelThatLooksRight(JUG, eye, mark) - MENISCUS_RISE;
      const millilitres = asMillilitres(JUG, edge);
      const scene = jugScene({
        jug: JUG,
        eye,
        millilitres,
        tilt: 0,
        isSlanted: false,
        facing: 'fl-oz',
      });
      const front = scene.edge[0]!;
      const seen = scene.marks.find(
        ({ scale, millilitres: at }) => scale === 'fl-oz' && Math.abs(at - ounces) < 1,
      )!;
      expect(Math.abs(front[1] - seen.line[2]![1])).toBeLessThan(0.01);
    }
  });
});

describe('the curve at the glass', () => {
  it('climbs about three millimetres and is gone a finger’s breadth away', () => {
    // √(0.07275 / (998.2 · 9.80665)) m = 2.726 mm; times √(2 (1 − sin 20°)) = 1.147: 3.13 mm.
    expect(CAPILLARY_LENGTH).toBeCloseTo(2.726, 2);
    expect(MENISCUS_RISE).toBeCloseTo(3.127, 2);
    expect(meniscusAt(0)).toBe(MENISCUS_RISE);
    expect(meniscusAt(12)).toBeLessThan(0.05);
  });
});

describe('a jug on a tilted board', () => {
  it('stands higher on the lower side by r sin φ tan of the tilt, by hand', () => {
    expect(tiltedBy(JUG, 4, 40)).toBeCloseTo(52 * 0.642788 * 0.069927, 4);
    expect(tiltedBy(JUG, 4, 0)).toBe(0);
    expect(tiltedBy(JUG, -4, 40)).toBeCloseTo(-tiltedBy(JUG, 4, 40), 9);
  });

  it('is told from other mistakes', () => {
    const tilted = task({ kind: 'tilted', scale: 'ml', millilitres: 500, tilt: 5 });
    const error = asMillilitres(JUG, tiltedBy(JUG, 5, placeOfScale('ml', null)));
    const eye = eyeAt(levelOf(JUG, 500));
    expect(scoreJug(tilted, eye, 500 - error, 5).likely).toEqual(['tilt']);
    expect(scoreJug(tilted, eye, 500, 5).isGood).toBe(true);
    expect(scoreJug(tilted, eye, 500, 0).seen).toBeCloseTo(500, 6);
  });
});

describe('a poured or a read jug', () => {
  const cups = 2 * 236.5882365;

  it('is good at eye level, and short by the parallax from above', () => {
    expect(scoreJug(task(), levelEye, cups, 0)).toEqual(
      jasmine.objectContaining({ off: 0, isGood: true, likely: null }),
    );
    const above = eyeAt(STANDING_EYE);
    const poured = asMillilitres(JUG, levelThatLooksRight(JUG, above, levelOf(JUG, cups)));
    const score = scoreJug(task(), above, poured, 0);
    expect(score.isGood).toBe(false);
    expect(score.off).toBeCloseTo(-19.9, 1);
    expect(score.seen).toBeCloseTo(cups, 6);
    expect(score.likely).toEqual(['parallax']);
  });

  it('is short when the top of the curve was laid on the mark', () => {
    const poured = cups - asMillilitres(JUG, MENISCUS_RISE);
    expect(scoreJug(task(), levelEye, poured, 0).likely).toEqual(['meniscus']);
  });

  it('is put down to the eye that stood above, though the curve alone would come as near', () => {
    const above = eyeAt(STANDING_EYE);
    const { parallax: looksHigher } = scoreJug(task(), above, cups, 0).effects;
    const curve = asMillilitres(JUG, MENISCUS_RISE);
    const score = scoreJug(task(), above, cups - (looksHigher + curve) / 2 + 1, 0);
    expect(score.likely).toEqual(['parallax']);
    const both = scoreJug(task(), above, cups - looksHigher - curve, 0);
    expect(both.likely).toEqual(['parallax', 'meniscus']);
  });

  it('was the wrong mark where nothing else explains it', () => {
    expect(scoreJug(task(), levelEye, cups + 118, 0).likely).toEqual([]);
  });

  it('is read too high from above', () => {
    const read = task({ kind: 'read', scale: 'ml', millilitres: 500 });
    const above = eyeAt(STANDING_EYE);
    const seen = scoreJug(read, above, 500, 0).seen;
    expect(seen).toBeCloseTo(519.7, 1);
    expect(scoreJug(read, above, seen, 0).likely).toEqual(['parallax']);
    expect(scoreJug(read, eyeAt(levelOf(JUG, 500)), 505, 0).isGood).toBe(true);
  });

  it('with a slanted scale inside is read from above as well as from anywhere', () => {
    const slanted = task({ kind: 'slanted', scale: 'ml', millilitres: 500 });
    for (const height of [100, 300, STANDING_EYE]) {
      expect(scoreJug(slanted, eyeAt(height), 500, 0).seen).toBe(500);
    }
  });

  it('is asked for at a mark that the jug has', () => {
    fc.assert(
      fc.property(fc.integer(), fc.constantFrom(...JUG_KINDS), (seed, kind) => {
        if (kind === 'dome') return;
        const drawn = drawJugTask(kind, 'us-customary', randomFrom(seed));
        const { jug, scale, millilitres } = drawn;
        const step = stepOf(jug, scale);
        const steps = millilitres / step;
        expect(Math.abs(2 * steps - Math.round(2 * steps))).toBeLessThan(1e-9);
        expect(millilitres).toBeGreaterThan(0);
        expect(millilitres).toBeLessThanOrEqual(jug.holds + 1e-9);
        expect(drawn.tilt === 0).toBe(kind !== 'tilted');
      }),
    );
  });
});

describe('the dome of a full spoon', () => {
  it('is a cap of a ball: π h (3 r² + h²) / 6, by hand', () => {
    // r = 20 mm, h = 1 mm: π (1200 + 1) / 6 = 628.8 mm³.
    expect(domeVolume(20, 1)).toBeCloseTo(0.6288, 4);
    expect(domeVolume(20, -1)).toBeCloseTo(-0.6288, 4);
  });

  it('of a millimetre is six per cent of a tablespoon, and the highest one a fifth', () => {
    const spoon = spoonOf(14.78676478125);
    // The rim: (14 787 mm³ / (π · 0.62 · (3 + 0.62²) / 6))^(1/3) = 23.8 mm; a cap of 1 mm on it: 0.89 mL.
    expect(domeVolume(spoon.rim, 1) / spoon.millilitres).toBeCloseTo(0.06, 2);
    expect(domeVolume(spoon.rim, HIGHEST_DOME) / spoon.millilitres).toBeGreaterThan(0.2);
    expect(domeHeight(spoon, spoon.millilitres)).toBeCloseTo(0, 6);
    const full = spoon.millilitres + domeVolume(spoon.rim, 2);
    expect(domeHeight(spoon, full)).toBeCloseTo(2, 6);
  });

  it('is good when it is slight, and not when it is a hill or a hollow', () => {
    const drawn = drawDomeTask('us-customary', randomFrom(3));
    const { millilitres } = drawn.spoon;
    expect(scoreDome(drawn, millilitres).isGood).toBe(true);
    expect(scoreDome(drawn, millilitres * 1.05).isGood).toBe(true);
    expect(scoreDome(drawn, millilitres * 1.15).isGood).toBe(false);
    expect(scoreDome(drawn, millilitres * 0.85).isGood).toBe(false);
    expect(scoreDome(drawn, millilitres * 0.85).dome).toBeLessThan(0);
  });
});

describe('the picture of a jug', () => {
  const heightOf = (points: readonly (readonly [number, number])[]): number => {
    const all = points.map(([, y]) => y);
    return Math.max(...all) - Math.min(...all);
  };
  const at = (height: number, millilitres = 500, tilt = 0) =>
    jugScene({ jug: JUG, eye: eyeAt(height), millilitres, tilt, isSlanted: false, facing: null });

  it('shows the surface as a line at eye level, and opens it the higher the eye', () => {
    const level = levelOf(JUG, 500);
    const widths = [level, level + 100, level + 300].map((height) => heightOf(at(height).surface));
    expect(widths[0]).toBeLessThan(0.5);
    expect(widths[1]).toBeGreaterThan(10);
    expect(widths[2]).toBeGreaterThan(widths[1]!);
  });

  it('is level in the world when the board tilts, while the jug leans', () => {
    const tilted = at(levelOf(JUG, 500), 500, 5);
    expect(heightOf(tilted.surface)).toBeLessThan(1.5);
    const rim = [...tilted.outerRim].sort((a, b) => a[0] - b[0]);
    expect(rim.at(-1)![1] - rim[0]![1]).toBeGreaterThan(5);
  });

  it('has marks in cups, ounces and millilitres that rise to the highest', () => {
    for (const cups of JUG_CUPS) {
      const jug = jugOf(cups, 'us-customary');
      const { marks } = jugScene({
        jug,
        eye: eyeAt(300),
        millilitres: 0,
        tilt: 0,
        isSlanted: false,
        facing: null,
      });
      expect(marks.filter(({ scale }) => scale === 'cup').length).toBe(4 * cups);
      const ofMillilitres = marks.filter(({ scale }) => scale === 'ml');
      expect(ofMillilitres.length).toBe(Math.floor((cups * 236.588) / jug.millilitreStep));
      const heights = ofMillilitres.map(({ line }) => line[0]![1]);
      expect([...heights].sort((a, b) => b - a)).toEqual(heights);
    }
  });

  it('holds only numbers, wherever the eye is and whatever is in it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -100, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 1000, noNaN: true }),
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.boolean(),
        (height, millilitres, tilt, isSlanted) => {
          const scene = jugScene({
            jug: JUG,
            eye: eyeAt(height),
            millilitres,
            tilt,
            isSlanted,
            facing: null,
          });
          const { floor, outerRim, glass, handle, liquid, surface, edge, board, marks } = scene;
          const points = [
            ...[floor, outerRim, glass, handle, liquid, surface, edge, board].flat(),
            ...marks.flatMap(({ line }) => line),
            ...(scene.ramp ? [...scene.ramp.outline, ...scene.ramp.waterline] : []),
          ];
          expect(points.flat().every(Number.isFinite)).toBe(true);
        },
      ),
    );
  });
});
