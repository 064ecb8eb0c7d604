import type { Act } from '../bake/index.js';

/** What a timer of a bake is waiting for: once that is done, it has nothing more to say. */
export type TimerAwaits =
  | { readonly what: 'step'; readonly step: string }
  /** The oven is on and heating; a tray that goes in says that it is hot. */
  | { readonly what: 'heat'; readonly step: string }
  | { readonly what: 'look'; readonly tray: number }
  | { readonly what: 'turn-out'; readonly tray: number };

/** Whether an act is what a timer was waiting for, or comes after it. */
export function isAnsweredBy(awaits: TimerAwaits, act: Act): boolean {
  if (act.do === 'result') return true;
  switch (awaits.what) {
    case 'step':
      return act.do === 'step' && act.isDone && act.step === awaits.step;
    case 'heat':
      return (
        (act.do === 'step' && act.isDone && act.step === awaits.step) ||
        (act.do === 'tray' && act.to === 'oven')
      );
    case 'look':
      return (act.do === 'look' || act.do === 'tray') && act.tray === awaits.tray;
    case 'turn-out':
      return act.do === 'tray' && act.to !== 'pan' && act.tray === awaits.tray;
  }
}
