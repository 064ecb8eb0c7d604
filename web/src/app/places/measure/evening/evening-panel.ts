import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { nightWord } from '@ypsigram/contract/bench';
import { overnight } from '@ypsigram/core/bench';
import { BenchSession } from '../work/bench-session';

/** The morning after, at eight, as a date field writes it. */
function tomorrowAtEight(): string {
  const day = new Date(Date.now() + 24 * 60 * 60 * 1000);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T08:00`;
}

/** The evening before: what is done tonight, and what waits and why. */
@Component({
  selector: 'yg-evening-panel',
  templateUrl: './evening-panel.html',
  styleUrl: './evening-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EveningPanel {
  readonly closed = output<void>();

  private readonly session = inject(BenchSession);
  protected readonly lines = computed(() =>
    this.session.inOrder().map(({ line, fullness, isTonight }) => {
      const night = overnight(line);
      return {
        id: line.id,
        name: line.name,
        isReady: fullness === 'full',
        isTonight,
        canTonight: night.stands !== 'wait',
        word: nightWord(night),
      };
    }),
  );
  protected readonly chosen = linkedSignal<ReadonlySet<string>>(() => {
    const isEvening = this.session.state()?.isEvening ?? false;
    return new Set(
      this.lines()
        .filter(({ canTonight, isTonight }) => (isEvening ? isTonight : canTonight))
        .map(({ id }) => id),
    );
  });
  protected readonly startAt = signal(tomorrowAtEight());
  protected readonly isEvening = computed(() => this.session.state()?.isEvening ?? false);

  protected toggle(id: string): void {
    this.chosen.update((known) => {
      const next = new Set(known);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  protected begin(): void {
    const at = new Date(this.startAt());
    const startAt = Number.isNaN(at.getTime()) ? null : at.toISOString();
    this.session.do({ do: 'tonight', lines: [...this.chosen()], startAt });
    this.session.goToFirst();
    this.closed.emit();
  }

  /** The morning has come: everything is to do again, and the tray is checked. */
  protected end(): void {
    this.session.do({ do: 'tonight', lines: [], startAt: null });
    this.session.goToFirst();
    this.closed.emit();
  }
}
