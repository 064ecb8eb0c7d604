import { CdkDrag, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { LineState } from '@ypsigram/core/bench';
import { isWithin } from '@ypsigram/core/fills';
import { grams as inGrams } from '../../../kit/figures/figures';
import { BenchSession } from '../work/bench-session';
import { moveLine } from './move-line';

const WORDS = { empty: 'empty', half: 'started', full: 'ready' } as const;

/** The enamel tray with a container for each ingredient: the progress of the bake, and the way to each. */
@Component({
  selector: 'yg-bench-tray',
  imports: [CdkDrag, CdkDropList, CdkDropListGroup],
  templateUrl: './bench-tray.html',
  styleUrl: './bench-tray.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BenchTray {
  /** Nothing is at hand: every container looks alike. */
  readonly isCalm = input(false);

  protected readonly session = inject(BenchSession);
  protected readonly bowls = computed(() => {
    const byId = new Map(this.session.inOrder().map((line) => [line.line.id, line]));
    const here = this.session.currentId();
    return (this.session.state()?.bowls ?? []).map(({ section, lines }, at) => ({
      at,
      section: (section ?? '').replace(/^for the /i, ''),
      isShared: lines.length > 1,
      lines: lines.flatMap((id) => {
        const line = byId.get(id);
        return line ? [this.shown(line, id === here)] : [];
      }),
    }));
  });

  protected go(id: string): void {
    this.session.go(id);
  }

  protected drop({
    previousContainer,
    container,
    previousIndex,
    currentIndex,
  }: CdkDragDrop<number>): void {
    const bowls = this.session.state()?.bowls;
    if (!bowls) return;
    const from = { bowl: previousContainer.data, at: previousIndex };
    const to = { bowl: container.data, at: currentIndex };
    const moved = moveLine(bowls, from, to);
    if (moved !== bowls) this.session.do({ do: 'arrange', bowls: moved });
  }

  private shown({ line, fullness, isCovered, off, grams, isLeft }: LineState, isHere: boolean) {
    const amount = grams === null ? null : `${inGrams(grams)} g`;
    const is = isCovered ? `${WORDS[fullness]}, covered` : WORDS[fullness];
    const isForgiven = off !== null && line.forgiven !== null && isWithin(off, line.forgiven);
    const isOff = off !== null && fullness === 'full' && !isLeft && !isForgiven;
    return {
      id: line.id,
      name: line.name,
      fullness,
      isCovered,
      isHere: isHere && !this.isCalm(),
      isOff,
      amount: fullness === 'empty' ? null : amount,
      label: `${line.name}: ${is}${amount && fullness !== 'empty' ? `, ${amount}` : ''}${isOff ? ', look again' : ''}`,
    };
  }
}
