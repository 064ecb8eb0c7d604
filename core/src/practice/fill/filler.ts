import type { Random } from '../../chance/index.js';
import { fillScatter, materialOf, type Material } from './material.js';
import type { FillTask } from './task.js';

/** What a filler does, one after another. */
export type FillAct =
  /** Stirs up what has settled in the bin. */
  | { readonly do: 'stir' }
  /** Sifts onto paper: what is spooned from then on comes from there. */
  | { readonly do: 'sift' }
  /** Lets so much fall in from a spoon, in millilitres as it falls. */
  | { readonly do: 'spoon'; readonly millilitres: number }
  /** Plunges the measure into the bin and lifts it out heaped. */
  | { readonly do: 'dip' }
  | { readonly do: 'press' }
  | { readonly do: 'tap' }
  /**
   * Sweeps a straight blade across. At 0 degrees it lies flat on the rim; above, one end is lifted;
   * below, one end digs in.
   */
  | { readonly do: 'sweep'; readonly degrees: number }
  /** Tips the measure out and begins anew. */
  | { readonly do: 'empty' };

/** What fell in together, and what has been done to it since. Volumes in millilitres. */
interface Layer {
  readonly grams: number;
  /** The room that these grams took as they fell in. */
  readonly fallen: number;
  /** The room they have lost since, by pressing and by tapping. */
  readonly pressedAway: number;
  readonly tappedAway: number;
}

/** A measure being filled by a pretended filler. */
export interface PractisedFilling {
  readonly task: FillTask;
  readonly material: Material;
  /** How this fill happens to differ from others that are done just so; relative. */
  readonly scatter: number;
  readonly isStirred: boolean;
  readonly isSifted: boolean;
  /** The measure was plunged in. */
  readonly isDipped: boolean;
  /** What is in it, from the bottom up: the blade takes from the top. */
  readonly layers: readonly Layer[];
  /** The angle of the last sweep; null while nothing was swept since something went in. */
  readonly swept: number | null;
}

/** A heaped measure holds a quarter more than a level one: the nominal meaning of "heaped". */
export const HEAPED = 1.25;
/** A blade can be held so far from flat, in degrees. */
export const MOST_DEGREES = 15;

/** A measure that is empty yet. Null where no table knows what its contents weigh. */
export function startFilling(task: FillTask, random: Random): PractisedFilling | null {
  const material = materialOf(task);
  if (!material) return null;
  return {
    task,
    material,
    scatter: fillScatter(task) * random.normal(),
    isStirred: false,
    isSifted: false,
    isDipped: false,
    layers: [],
    swept: null,
  };
}

const roomOf = ({ fallen, pressedAway, tappedAway }: Layer): number =>
  fallen - pressedAway - tappedAway;

const sum = ({ layers }: PractisedFilling, of: (layer: Layer) => number): number =>
  layers.reduce((all, layer) => all + of(layer), 0);

/** What is in the measure, in grams. */
export const gramsIn = (filling: PractisedFilling): number => sum(filling, ({ grams }) => grams);

/** The room that it took as it fell in, and what pressing and tapping have taken of that, in millilitres. */
export const fallenIn = (filling: PractisedFilling): number => sum(filling, ({ fallen }) => fallen);
export const pressedAway = (filling: PractisedFilling): number =>
  sum(filling, (layer) => layer.pressedAway);
export const tappedAway = (filling: PractisedFilling): number =>
  sum(filling, (layer) => layer.tappedAway);

/** The room that the contents take now, a heap above the rim along, in millilitres. */
export const volumeIn = (filling: PractisedFilling): number => sum(filling, roomOf);

/** Grams per millilitre of what is in the measure now; 0 while it is empty. */
export const densityIn = (filling: PractisedFilling): number => {
  const volume = volumeIn(filling);
  return volume > 0 ? gramsIn(filling) / volume : 0;
};

/** The inner radius of a measure that is as high as it is wide, in millimetres. */
export const measureRadius = (millilitres: number): number =>
  Math.cbrt((1000 * millilitres) / (2 * Math.PI));

/**
 * What a blade leaves above the rim of a round measure, in millilitres, when one of its ends is
 * lifted by `degrees`; below zero, what it digs out. The wedge of a cylinder under a plane through
 * one point of its rim: π r³ tan(angle).
 *
 * @example bladeWedge(236.588, 5) // 10.3
 */
export function bladeWedge(millilitres: number, degrees: number): number {
  const radius = measureRadius(millilitres);
  return (Math.PI * radius ** 3 * Math.tan((degrees * Math.PI) / 180)) / 1000;
}

/** What falls in now, by how it lies where it is taken from. */
function fallingDensity({ material, isSifted, isStirred, scatter }: PractisedFilling): number {
  const base =
    isSifted && material.sifted !== null
      ? material.sifted
      : material.spooned * (isStirred ? 1 : material.settling);
  return base * (1 + scatter);
}

/** Layers with so much room taken off their top; nothing where there is less than `volume`. */
function cutTo(layers: readonly Layer[], volume: number): readonly Layer[] {
  const kept: Layer[] = [];
  let left = volume;
  for (const layer of layers) {
    const room = roomOf(layer);
    if (left <= 0) break;
    const share = Math.min(1, left / room);
    left -= room;
    kept.push(share === 1 ? layer : shareOf(layer, share));
  }
  return kept;
}

const shareOf = (layer: Layer, share: number): Layer => ({
  grams: layer.grams * share,
  fallen: layer.fallen * share,
  pressedAway: layer.pressedAway * share,
  tappedAway: layer.tappedAway * share,
});

/** What falls on something that fell just so lies with it. */
function withFallen(layers: readonly Layer[], grams: number, fallen: number): readonly Layer[] {
  if (fallen <= 0) return layers;
  const fresh = { grams, fallen, pressedAway: 0, tappedAway: 0 };
  const top = layers.at(-1);
  const isAlike =
    top &&
    top.pressedAway + top.tappedAway === 0 &&
    Math.abs(top.grams / top.fallen - grams / fallen) < 1e-9;
  if (!isAlike) return [...layers, fresh];
  const both = { ...fresh, grams: top.grams + grams, fallen: top.fallen + fallen };
  return [...layers.slice(0, -1), both];
}

/** The room that a layer loses when a share of the gap between its density and the densest is closed. */
function compressed({ material, scatter }: PractisedFilling, layer: Layer, share: number): number {
  const room = roomOf(layer);
  const density = layer.grams / room;
  const densest = material.densest * (1 + scatter);
  if (share === 0 || density >= densest) return 0;
  return room - layer.grams / (density + share * (densest - density));
}

/**
 * The measure after an act. Pressing and tapping take room away and leave the grams; the blade
 * takes grams away. What does not stay on a heap falls off. Nothing is ever thrown: an act that
 * changes nothing gives back what was there. The blade takes what lies on top.
 */
export function fillBy(filling: PractisedFilling, act: FillAct): PractisedFilling {
  const { material, task } = filling;
  const heap = HEAPED * task.millilitres;
  switch (act.do) {
    case 'stir':
      return material.settling === 1 ? filling : { ...filling, isStirred: true };
    case 'sift':
      return material.sifted === null ? filling : { ...filling, isSifted: true };
    case 'spoon': {
      // What does not stay on a heap falls off again.
      const room = Math.min(Math.max(0, act.millilitres), Math.max(0, heap - volumeIn(filling)));
      const layers = withFallen(filling.layers, room * fallingDensity(filling), room);
      return { ...filling, layers, swept: null };
    }
    case 'dip': {
      if (material.dipped === null) return fillBy(filling, { do: 'spoon', millilitres: heap });
      const settled = filling.isStirred ? 1 : material.settling;
      const density = Math.min(material.dipped * settled, material.densest) * (1 + filling.scatter);
      const layers = withFallen([], heap * density, heap);
      return { ...filling, layers, isDipped: true, swept: null };
    }
    case 'press': {
      const layers = filling.layers.map((layer) => ({
        ...layer,
        pressedAway: layer.pressedAway + compressed(filling, layer, material.press),
      }));
      return { ...filling, layers };
    }
    case 'tap': {
      const layers = filling.layers.map((layer) => ({
        ...layer,
        tappedAway: layer.tappedAway + compressed(filling, layer, material.tap),
      }));
      return { ...filling, layers };
    }
    case 'sweep': {
      const degrees = Math.min(MOST_DEGREES, Math.max(-MOST_DEGREES, act.degrees));
      const left = task.millilitres + bladeWedge(task.millilitres, degrees);
      return { ...filling, layers: cutTo(filling.layers, left), swept: degrees };
    }
    case 'empty':
      return { ...filling, isDipped: false, layers: [], swept: null };
  }
}
