import { Injectable, computed, inject } from '@angular/core';
import { beamSetting } from '@ypsigram/core/bench';
import { short } from '@ypsigram/contract';
import { Store } from '@ngrx/store';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../../scale/live-scale';
import { FillCounting } from '../filling/fill-counting';
import { LiveWeighing } from '../weighing/live-weighing';
import { BenchSession } from './bench-session';

/** The one thing to do next at the line at hand: what the large button, the key and the pedal do. */
export interface NextAct {
  readonly is: 'fill' | 'finish' | 'shown' | 'tare' | 'take' | 'beam' | 'next' | 'wait';
  readonly words: string;
}

@Injectable()
export class MainAct {
  private readonly session = inject(BenchSession);
  private readonly counting = inject(FillCounting);
  private readonly weighing = inject(LiveWeighing);
  private readonly scale = inject(LiveScale);
  private readonly scales = inject(Store).selectSignal(kitchenFeature.selectScales);

  readonly next = computed((): NextAct | null => {
    const current = this.session.current();
    if (!current) return null;
    if (current.fullness === 'full') return this.afterIt();
    switch (current.route) {
      case 'fill':
        return this.toFill();
      case 'beam':
        return { is: 'beam', words: 'It lies level' };
      default:
        return this.toWeigh();
    }
  });

  /** Does it. */
  go(): void {
    const current = this.session.current();
    const next = this.next();
    if (!current || !next) return;
    const line = current.line.id;
    switch (next.is) {
      case 'fill':
        return this.counting.add(this.counting.next()!);
      case 'finish':
        return void this.session.do({ do: 'finish', line });
      case 'shown':
        return void this.weighing.takeShown(this.weighing.markGrams()!);
      case 'tare':
        return this.weighing.tare();
      case 'take':
        return this.weighing.take();
      case 'beam': {
        const { grams } = beamSetting(current.wantedGrams ?? 0);
        const scale = this.scales().find(({ kind }) => kind === 'beam')?.name ?? 'beam scale';
        return void this.session.do({ do: 'weigh', line, route: 'beam', grams, scale });
      }
      case 'next':
        return this.session.goOn();
      case 'wait':
        return;
    }
  }

  /** Takes the last fill back; where there is none, goes to the line before. */
  back(): void {
    const hasFills = (this.counting.line()?.fills.length ?? 0) > 0;
    if (hasFills) this.counting.takeBack();
    else this.session.step(-1);
  }

  private afterIt(): NextAct | null {
    const next = this.session.toDo()[0];
    return next ? { is: 'next', words: 'Next' } : null;
  }

  private toFill(): NextAct {
    const next = this.counting.line() && this.counting.nextName();
    return next ? { is: 'fill', words: `Add ${next}` } : { is: 'finish', words: 'It is in' };
  }

  /** A scale that is not connected is read by whoever weighs. */
  private byTheBaker(): NextAct {
    const mark = this.weighing.markGrams();
    return mark === null
      ? { is: 'wait', words: 'Type what it weighs' }
      : { is: 'shown', words: `It shows ${short(mark, 2)} g` };
  }

  private toWeigh(): NextAct {
    if (this.scale.status() === 'off') return this.byTheBaker();
    if (this.scale.reading()?.state === 'off') return { is: 'wait', words: 'The scale is asleep' };
    if (this.scale.reading()?.state === 'overload') {
      return { is: 'wait', words: 'More than this scale carries: weigh it in parts' };
    }
    if (this.weighing.needsTare()) {
      // Tared while it moves, it would be wrong by what is still to come.
      const isStable = this.weighing.isStable();
      return isStable ? { is: 'tare', words: 'Tare the scale' } : { is: 'wait', words: 'Settling' };
    }
    const grams = this.weighing.takeable();
    if (grams === null)
      return { is: 'wait', words: this.weighing.isStable() ? 'Add some' : 'Settling' };
    if (this.weighing.isOver()) return { is: 'wait', words: 'Too much: choose below' };
    // A key that is pressed too early takes nothing.
    if (!this.weighing.isAtMark()) return { is: 'wait', words: 'Keep adding' };
    return { is: 'take', words: `Take ${short(grams, 2)} g` };
  }
}
