import { Injectable, signal } from '@angular/core';
import { measureText, weightText } from '@ypsigram/contract';
import type { PlanLine } from '@ypsigram/core/batch';

/** What a line says in its two columns; of one that moved only what it said in those that changed. */
export interface LineSaid {
  readonly measure: string | null;
  readonly weight: string | null;
}

/** A batch as it was when its lines were last looked at. */
interface Looked {
  readonly factor: string;
  readonly lines: ReadonlyMap<string, LineSaid>;
}

const saidOf = ({ measure, weight }: PlanLine): LineSaid => ({
  measure: measure && measureText(measure),
  weight: weight && weightText(weight),
});

const NOTHING_MOVED: ReadonlyMap<number, LineSaid> = new Map();

/** A line by its words; of two that say the same the second is another one. */
function keysOf(plan: readonly PlanLine[]): string[] {
  const seen = new Map<string, number>();
  return plan.map(({ written }) => {
    const words = written.trim();
    const count = (seen.get(words) ?? 0) + 1;
    seen.set(words, count);
    return `${words} ${count}`;
  });
}

/**
 * Which lines say something else than when they were last looked at: after a change of the kitchen,
 * of whoever measures, of another line. A batch of another size changes all of them, as asked for,
 * and marks none.
 */
@Injectable({ providedIn: 'root' })
export class MovedLines {
  private readonly looked = signal<ReadonlyMap<string, Looked>>(new Map());

  /** Takes note of a batch: lines that were not there before count as looked at. */
  note(recipe: string, factor: string, plan: readonly PlanLine[]): void {
    const before = this.looked().get(recipe);
    const now = new Map(keysOf(plan).map((key, at) => [key, saidOf(plan[at]!)] as const));
    const isOther = before?.factor !== factor;
    const isKnown = !isOther && [...now.keys()].every((key) => before.lines.has(key));
    if (isKnown) return;
    this.set(recipe, { factor, lines: isOther ? now : new Map([...now, ...before.lines]) });
  }

  /** The lines that moved since, by their index, with what they said. */
  movedIn(
    recipe: string,
    factor: string,
    plan: readonly PlanLine[],
  ): ReadonlyMap<number, LineSaid> {
    const looked = this.looked().get(recipe);
    if (looked?.factor !== factor) return NOTHING_MOVED;
    return new Map(
      keysOf(plan).flatMap((key, index): [number, LineSaid][] => {
        const [was, is] = [looked.lines.get(key), saidOf(plan[index]!)];
        if (!was || (was.measure === is.measure && was.weight === is.weight)) return [];
        return [
          [
            index,
            {
              measure: was.measure === is.measure ? null : was.measure,
              weight: was.weight === is.weight ? null : was.weight,
            },
          ],
        ];
      }),
    );
  }

  /** This line, or all of them where none is given, were looked at. */
  look(recipe: string, plan: readonly PlanLine[], index?: number): void {
    const before = this.looked().get(recipe);
    if (!before) return;
    const lines = new Map(before.lines);
    keysOf(plan).forEach((key, at) => {
      if (index === undefined || at === index) lines.set(key, saidOf(plan[at]!));
    });
    this.set(recipe, { ...before, lines });
  }

  private set(recipe: string, looked: Looked): void {
    this.looked.update((all) => new Map(all).set(recipe, looked));
  }
}
