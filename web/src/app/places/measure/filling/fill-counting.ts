import { fillName, nounFor } from '@ypsigram/contract';
import { Injectable, computed, effect, inject, linkedSignal, untracked } from '@angular/core';
import {
  countJump,
  fillsLeft,
  gramsOfFill,
  NO_JUMPS,
  type ExpectedFill,
  type Jump,
  type JumpMemory,
  type MadeFill,
} from '@ypsigram/core/bench';
import { Store } from '@ngrx/store';
import { moreOrLess } from '@ypsigram/contract/bench';
import { fillSpread } from '@ypsigram/core/measuring';
import { grams as inGrams } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../../scale/live-scale';
import { Preferences } from '../work/bench-preferences';
import type { PlannedFill } from '@ypsigram/core/fills';
import { BenchSession } from '../work/bench-session';
import { Voice } from '../work/voice';

/** A fill of the line at hand, made or still to come. */
export interface FillTally {
  readonly fill: PlannedFill;
  readonly made: number;
}

/** Eggs and fruit are things of their own; a cup is a measure whatever is in it. */
const isPiece = ({ kind }: PlannedFill): boolean => kind === 'egg' || kind === 'piece';

/** How many of what a tally counts: "1 cup", but "eggs". */
export const talliedName = ({ fill }: FillTally): string =>
  isPiece(fill) ? nounFor(fill.count, fillName(fill)) : fillName(fill);

/** Counting the fills of the line at hand: by tap, key or pedal, or by the jumps of a scale. */
@Injectable()
export class FillCounting {
  private readonly scale = inject(LiveScale);
  private readonly session = inject(BenchSession);
  private readonly preferences = inject(Preferences).all;
  private readonly voice = inject(Voice);
  private readonly containers = inject(Store).selectSignal(kitchenFeature.selectContainers);
  private memory: JumpMemory = NO_JUMPS;
  /** The fill that was counted and tapped: the next tap is another one. */
  private tapped: string | null = null;

  readonly line = computed(() => {
    const current = this.session.current();
    return current?.route === 'fill' && current.measure ? current : null;
  });
  private readonly lineId = computed(() => this.line()?.line.id ?? null);
  /** What the scale said of the last jump, where it was worth a word. */
  readonly word = linkedSignal<string | null, string | null>({
    source: this.lineId,
    computation: () => null,
  });
  readonly isByScale = computed(
    () => this.preferences().countsByScale && this.scale.status() === 'live',
  );

  readonly tallies = computed((): readonly FillTally[] => {
    const line = this.line();
    if (!line?.measure) return [];
    return line.measure.fills.map((fill) => ({
      fill,
      made: line.fills.filter(({ tool }) => tool === fill.tool).length,
    }));
  });
  readonly left = computed(() => {
    const line = this.line();
    return line?.measure ? fillsLeft(line.measure.fills, line.fills) : [];
  });
  /** The tool to fill next; null when all are in. */
  readonly next = computed(() => this.left()[0]?.tool ?? null);

  /** The next fill in words: "1 cup", "an egg". */
  readonly nextName = computed(() => {
    const next = this.left()[0];
    if (!next) return null;
    const name = fillName(next);
    return isPiece(next) ? `${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name}` : name;
  });

  /** What the scale is taken to see. */
  private readonly expected = computed((): readonly ExpectedFill[] => {
    const line = this.line();
    if (!line?.measure) return [];
    const { class: is } = line.line;
    const left = this.left().map(({ tool }) => tool);
    // Those that are all in may still be filled once too often, or taken out.
    const tools = [
      ...left,
      ...line.measure.fills.map(({ tool }) => tool).filter((tool) => !left.includes(tool)),
    ];
    return tools.map((tool) => {
      const size = line.measure!.fills.find((fill) => fill.tool === tool)?.size ?? null;
      const spread = is && size ? fillSpread(is, line.measure!.method, size) : COUNTED_SPREAD;
      return { tool, grams: gramsOfFill(line.measure!, tool), spread };
    });
  });

  constructor() {
    effect(() => {
      this.lineId();
      // Whatever stands on the scale is what the next jump is counted from.
      this.memory = NO_JUMPS;
    });
    effect(() => {
      const reading = this.scale.reading();
      const isOn = this.isByScale() && this.lineId() !== null;
      if (!isOn || !reading) return;
      untracked(() => {
        const seen = countJump(this.memory, reading, this.expected(), {
          gridGrams: this.scale.gridGrams(),
          containers: this.containers(),
        });
        this.memory = seen.memory;
        if (seen.jump) this.take(seen.jump);
      });
    });
  }

  /** One fill of a tool is in, by tap or key. What the scale has just counted is not counted again. */
  add(tool: string): void {
    const last = this.lastFill();
    const isCounted =
      this.isByScale() &&
      typeof last?.grams === 'number' &&
      last.reading !== this.tapped &&
      isJustNow(last.at) &&
      this.isAtRest();
    if (!isCounted) return this.keep(tool, null);
    this.tapped = last.reading;
    this.word.set('The scale has counted this one already.');
  }

  /** Nothing came onto the scale since it counted last: what is poured now is another fill. */
  private isAtRest(): boolean {
    const [reading, level] = [this.scale.reading(), this.memory.levelGrams];
    if (!reading?.isStable || reading.grams === null || level === null) return false;
    return Math.abs(reading.grams - level) <= 2 * this.scale.gridGrams();
  }

  /** Takes the last fill back, of one tool where that is said. */
  takeBack(tool?: string): void {
    const fill = this.line()?.fills.findLast((one) => tool === undefined || one.tool === tool);
    if (fill) this.session.do({ do: 'undo', reading: fill.reading });
  }

  private lastFill(): MadeFill | undefined {
    return this.line()?.fills.at(-1);
  }

  private keep(tool: string, grams: number | null): void {
    const line = this.line();
    if (!line) return;
    const scale = grams === null ? null : (this.scale.description()?.name ?? 'scale');
    this.session.do({ do: 'fill', line: line.line.id, tool, grams, scale });
    this.voice.counted();
  }

  private take(jump: Jump): void {
    switch (jump.is) {
      case 'fills': {
        // Tapped before the scale had settled: it is the same fill, and now its weight is known.
        const last = this.lastFill();
        if (last?.grams === null && last.tool === jump.tool && isJustNow(last.at)) this.takeBack();
        for (const grams of jump.grams) this.keep(jump.tool, grams);
        const each = `${inGrams(jump.grams[0]!)} g`;
        this.word.set(
          jump.unlike === null
            ? `Counted: ${each}.`
            : `This fill weighed ${each}, ${moreOrLess(jump.unlike)} what was expected. Fill it again if it was heaped or pressed.`,
        );
        break;
      }
      case 'taken-out':
        if (typeof this.line()?.fills.at(-1)?.grams === 'number') {
          this.takeBack();
          this.word.set('Taken back: it came off the scale again.');
        }
        break;
      case 'unknown':
        this.word.set(
          `The scale jumped by ${inGrams(Math.abs(jump.grams))} g, which is none of these fills. Tare it with the bowl on, then fill.`,
        );
        break;
    }
  }
}

/** A tap and the scale mean the same fill when they come within so long of each other. */
const SAME_FILL_MILLISECONDS = 4000;

const isJustNow = (at: string): boolean => Date.now() - Date.parse(at) < SAME_FILL_MILLISECONDS;

/** Eggs and pieces, and what has no size. */
const COUNTED_SPREAD = 0.08;
