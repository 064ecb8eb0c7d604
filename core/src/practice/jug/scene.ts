import { levelOf, type Jug } from './jug.js';
import { drawnLevel, meniscusAt, type Eye } from './reading.js';

/** A point of space, in millimetres, as the jug has it. */
export interface Point {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** A point of the picture. One unit is a millimetre at the marks. */
export type ScenePoint = readonly [x: number, y: number];

/** The scales printed on a jug. */
export const JUG_SCALES = ['cup', 'fl-oz', 'ml'] as const;
/** One of `JUG_SCALES`. */
export type JugScale = (typeof JUG_SCALES)[number];

/** From one mark of a scale to the next, in millilitres. */
export const stepOf = ({ cupStep, ounceStep, millilitreStep }: Jug, scale: JugScale): number =>
  ({ cup: cupStep, 'fl-oz': ounceStep, ml: millilitreStep })[scale];

/** A mark of a scale, as it is seen. */
export interface SeenMark {
  readonly scale: JugScale;
  readonly millilitres: number;
  readonly line: readonly ScenePoint[];
  /** Where its figure stands, and on which side of that; null for a mark between figures. */
  readonly labelAt: { readonly at: ScenePoint; readonly side: 'left' | 'right' } | null;
}

/** All of a jug that is drawn, as an eye sees it: lines and rings of points. */
export interface JugScene {
  readonly floor: readonly ScenePoint[];
  readonly outerRim: readonly ScenePoint[];
  readonly innerRim: readonly ScenePoint[];
  /** All of the glass as a closed line around it. */
  readonly glass: readonly ScenePoint[];
  readonly handle: readonly ScenePoint[];
  /** The body of the liquid as a closed line around all of it. */
  readonly liquid: readonly ScenePoint[];
  /** The flat of the surface, and the line where it climbs up the glass. */
  readonly surface: readonly ScenePoint[];
  readonly edge: readonly ScenePoint[];
  readonly marks: readonly SeenMark[];
  /** The slanted scale inside; null in a jug without. */
  readonly ramp: {
    readonly outline: readonly ScenePoint[];
    readonly waterline: readonly ScenePoint[];
  } | null;
  readonly board: readonly ScenePoint[];
}

/** What is looked at, and from where. */
export interface JugView {
  readonly jug: Jug;
  readonly eye: Eye;
  readonly millilitres: number;
  /** How far the board under it is tilted to the right, in degrees. */
  readonly tilt: number;
  /** Whether it has a slanted scale inside instead of marks on its front. */
  readonly isSlanted: boolean;
  /** The scale that the jug was turned to face the eye with; null where it stands as it came. */
  readonly facing: JugScale | null;
}

/** Points to a ring: enough that no corner is seen. */
const RING = 56;
/** From here on in, the surface counts as flat, in millimetres from the glass. */
const FLAT_FROM = 8;
/** Where on the front each scale stands: degrees to the right of its middle, and how wide. */
const PLACES: Readonly<Record<JugScale, { readonly middle: number; readonly wide: number }>> = {
  cup: { middle: -32, wide: 18 },
  'fl-oz': { middle: 0, wide: 14 },
  ml: { middle: 32, wide: 18 },
};

/**
 * How far to the right of the middle of the front a scale stands, in degrees: none where the jug
 * was turned so that this scale faces the eye.
 */
export const placeOfScale = (scale: JugScale, facing: JugScale | null): number =>
  PLACES[scale].middle - (facing ? PLACES[facing].middle : 0);

const SHORT_MARK = 0.5;
const LABEL_GAP = 2.5;
/** The slanted scale: half its width, and how far from the middle it starts and ends. */
const RAMP_HALF = 13;
const RAMP = { front: 0.72, back: -0.86, foot: 6 } as const;

/** Half the width of the board under the jug, as a multiple of its radius. */
const BOARD = 1.5;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

const ring = (radius: number, heightAt: (x: number) => number): Point[] =>
  Array.from({ length: RING }, (_, at) => {
    const angle = (2 * Math.PI * at) / RING;
    const x = radius * Math.sin(angle);
    return { x, y: heightAt(x), z: radius * Math.cos(angle) };
  });

const even = (y: number) => (): number => y;

/** The spout, on the right of the rim: how far out it reaches, and how wide it is as a cosine. */
const SPOUT = { out: 0.16, wide: 0.93 } as const;

/** A rim with its spout drawn out. */
function withSpout(points: readonly Point[]): Point[] {
  return points.map(({ x, y, z }) => {
    const toRight = x / Math.hypot(x, z);
    const out = toRight < SPOUT.wide ? 0 : (SPOUT.out * (toRight - SPOUT.wide)) / (1 - SPOUT.wide);
    return { x: x * (1 + out), y, z };
  });
}

/** The handle, on the left: from under the rim out and down, as shares of radius and height. */
const HANDLE = { out: 0.56, top: 0.88, foot: 0.22, points: 16 } as const;

function handleOf({ innerRadius, wall, height }: Jug): Point[] {
  const { out, top, foot, points } = HANDLE;
  return Array.from({ length: points + 1 }, (_, at) => {
    const turn = (Math.PI * at) / points;
    // Rounder than a circle at its corners: a bow that a hand fits in.
    const away = Math.sqrt(Math.sin(turn));
    const down = (1 - Math.cos(turn)) / 2;
    return {
      x: -(1 + out * away) * (innerRadius + wall),
      y: (top + (foot - top) * down) * height,
      z: 0,
    };
  });
}

/** The eye as a camera that looks at the level of what is asked for: a pinhole, true perspective. */
function cameraOf({ jug, eye, tilt }: JugView): (point: Point) => ScenePoint {
  const outer = jug.innerRadius + jug.wall;
  const at = { y: eye.height, z: outer + eye.distance };
  const target = jug.height / 2;
  const down = Math.atan2(at.y - target, at.z);
  const [cos, sin] = [Math.cos(down), Math.sin(down)];
  const far = Math.hypot(at.y - target, at.z);
  // The board tilts about the middle of the jug's floor; the eye stays as it is.
  const [tiltCos, tiltSin] = [Math.cos(radians(tilt)), Math.sin(radians(tilt))];
  return ({ x, y, z }) => {
    const worldX = x * tiltCos + y * tiltSin;
    const worldY = y * tiltCos - x * tiltSin;
    const [dy, dz] = [worldY - at.y, z - at.z];
    const depth = -(dy * sin + dz * cos);
    const up = dy * cos - dz * sin;
    const scale = far / depth;
    return [worldX * scale, -up * scale];
  };
}

/** Every second mark is long, and has its figure. */
const LONG_EVERY = 2;

/** All marks of a jug: of all its scales, or of the one on its slope. */
function marksOf(
  jug: Jug,
  isSlanted: boolean,
): { scale: JugScale; millilitres: number; isLong: boolean }[] {
  const scales = isSlanted ? (['ml'] as const) : JUG_SCALES;
  return scales.flatMap((scale) => {
    const step = stepOf(jug, scale);
    const count = Math.floor(jug.holds / step + 1e-9);
    return Array.from({ length: count }, (_, at) => ({
      scale,
      millilitres: (at + 1) * step,
      isLong: (at + 1) % LONG_EVERY === 0,
    }));
  });
}

/** A mark on the outside of the front, as points along the glass. */
function frontMark(
  jug: Jug,
  { scale, isLong, height }: { scale: JugScale; isLong: boolean; height: number },
  facing: JugScale | null,
): Point[] {
  const outer = jug.innerRadius + jug.wall;
  const { wide } = PLACES[scale];
  const from = placeOfScale(scale, facing) - wide / 2;
  const width = isLong ? wide : wide * SHORT_MARK;
  return Array.from({ length: 5 }, (_, at) => {
    const angle = radians(from + (width * at) / 4);
    return { x: outer * Math.sin(angle), y: height, z: outer * Math.cos(angle) };
  });
}

/** The slanted scale: how far from the middle it is at a height. */
function rampAt(jug: Jug, height: number): number {
  const { front, back, foot } = RAMP;
  const share = (height - foot) / (jug.height - foot);
  return jug.innerRadius * (front + (back - front) * share);
}

const onRamp = (jug: Jug, height: number, x: number): Point => ({
  x,
  y: height,
  z: rampAt(jug, height),
});

/** The outermost points of rings that stand above one another, as one closed line around them. */
function hull(points: readonly ScenePoint[]): ScenePoint[] {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by);
  const turn = (o: ScenePoint, a: ScenePoint, b: ScenePoint): number =>
    (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const half = (line: readonly ScenePoint[]): ScenePoint[] => {
    const kept: ScenePoint[] = [];
    for (const point of line) {
      while (kept.length >= 2 && turn(kept.at(-2)!, kept.at(-1)!, point) <= 0) kept.pop();
      kept.push(point);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/** A point of the liquid's edge where it shows through the front of the jug; the back is seen over the rim. */
function seenThroughGlass({ jug, eye }: JugView, point: Point): Point {
  const towards = point.z / jug.innerRadius;
  if (towards <= 0) return point;
  const around = (Math.atan2(point.x, point.z) * 180) / Math.PI;
  const drawn = drawnLevel(jug, eye, point.y, around);
  return { ...point, y: point.y + towards * (drawn - point.y) };
}

/**
 * A jug as an eye sees it: true perspective of its rings, marks, liquid and the curve of its
 * surface, whose edge stands where the glass in front of it shows it. Cheap enough to be drawn anew for every frame.
 */
export function jugScene(view: JugView): JugScene {
  const { jug, millilitres, tilt, isSlanted } = view;
  const see = cameraOf(view);
  const all = (points: readonly Point[]): ScenePoint[] => points.map(see);
  const inner = jug.innerRadius;
  const outer = inner + jug.wall;
  const level = levelOf(jug, millilitres);
  // The liquid stays level while the jug tilts: in the jug, its surface slopes.
  const slope = Math.tan(radians(tilt));
  const surfaceAt = (over: number) => (x: number) => Math.max(0, level + x * slope + over);
  const edge = all(
    ring(inner, surfaceAt(meniscusAt(0))).map((point) => seenThroughGlass(view, point)),
  );
  const floorOfLiquid = all(ring(inner, even(0)));
  const floor = all(ring(outer, even(0)));
  const outerRim = all(withSpout(ring(outer, even(jug.height))));
  const marks = marksOf(jug, isSlanted).map(({ scale, millilitres: at, isLong }): SeenMark => {
    const height = levelOf(jug, at);
    const points = isSlanted
      ? [onRamp(jug, height, -RAMP_HALF), onRamp(jug, height, isLong ? RAMP_HALF * 0.6 : 0)]
      : frontMark(jug, { scale, isLong, height }, view.facing);
    const line = all(points);
    // The figures of the cups stand outside, so that no scale writes into another one.
    const isLeft = scale === 'cup' && !isSlanted;
    const [x, y] = isLeft ? line[0]! : line.at(-1)!;
    const label: ScenePoint = [x + (isLeft ? -LABEL_GAP : LABEL_GAP), y];
    const labelAt = isLong ? ({ at: label, side: isLeft ? 'left' : 'right' } as const) : null;
    return { scale, millilitres: at, line, labelAt };
  });
  const rampEnds = [RAMP.foot, jug.height] as const;
  const isEmpty = millilitres <= 0;
  return {
    floor,
    outerRim,
    innerRim: all(withSpout(ring(inner, even(jug.height)))),
    glass: hull([...floor, ...outerRim]),
    handle: all(handleOf(jug)),
    liquid: isEmpty ? [] : hull([...floorOfLiquid, ...edge]),
    surface: isEmpty ? [] : all(ring(inner - FLAT_FROM, surfaceAt(meniscusAt(FLAT_FROM)))),
    edge: isEmpty ? [] : edge,
    marks,
    ramp: isSlanted
      ? {
          outline: all([
            onRamp(jug, rampEnds[0], -RAMP_HALF),
            onRamp(jug, rampEnds[0], RAMP_HALF),
            onRamp(jug, rampEnds[1], RAMP_HALF),
            onRamp(jug, rampEnds[1], -RAMP_HALF),
          ]),
          waterline: isEmpty
            ? []
            : all([onRamp(jug, level, -RAMP_HALF), onRamp(jug, level, RAMP_HALF)]),
        }
      : null,
    board: all(
      [
        [-BOARD, BOARD],
        [BOARD, BOARD],
        [BOARD, -BOARD],
        [-BOARD, -BOARD],
      ].map(([x, z]) => ({ x: x! * outer, y: 0, z: z! * outer })),
    ),
  };
}
