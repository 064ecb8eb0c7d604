import { measureText } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { takeOutWord } from '@ypsigram/contract/bench';
import { overnight, takeOutFor } from '@ypsigram/core/bench';
import { grams as inGrams } from '../../../kit/figures/figures';
import { showTime } from '../../../kit/figures/dates';
import { BenchSession } from '../work/bench-session';

const MINUTE = 60_000;

/** The morning after: the tray against the list, and what comes out of the fridge when. */
@Component({
  selector: 'yg-morning-panel',
  templateUrl: './morning-panel.html',
  styleUrl: './evening-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MorningPanel {
  protected readonly session = inject(BenchSession);
  protected readonly covered = computed(() =>
    this.session
      .inOrder()
      .filter(({ isCovered }) => isCovered)
      .map(({ line, grams, isChecked, measure, fills }) => ({
        id: line.id,
        name: line.name,
        isChecked,
        amount:
          fills.length > 0 && measure
            ? measureText(measure)
            : grams === null
              ? ''
              : `${inGrams(grams)} g`,
        isCold: overnight(line).stands === 'cold',
      })),
  );
  protected readonly toTakeOut = computed(() => {
    const startAt = this.session.state()?.startAt;
    if (!startAt) return [];
    return (
      this.session
        .inOrder()
        .flatMap(({ line }) => {
          const out = takeOutFor(line);
          if (!out) return [];
          const at = Date.parse(startAt) - out.minutesBefore * MINUTE;
          return [
            {
              id: line.id,
              name: line.name,
              at,
              time: showTime(new Date(at)),
              why: takeOutWord[out.why],
            },
          ];
        })
        // Butter of dough and filling comes out together.
        .filter(
          ({ name, at }, place, all) =>
            all.findIndex((one) => one.name === name && one.at === at) === place,
        )
        .sort((a, b) => a.at - b.at)
    );
  });
  protected readonly start = computed(() => {
    const startAt = this.session.state()?.startAt;
    return startAt ? showTime(startAt) : '';
  });
  protected check(id: string): void {
    this.session.do({ do: 'check', line: id });
  }

  protected checkAll(): void {
    for (const { id, isChecked } of this.covered()) {
      if (!isChecked) this.session.do({ do: 'check', line: id });
    }
    if (this.session.state()?.isEvening) {
      this.session.do({ do: 'tonight', lines: [], startAt: null });
    }
    this.session.goToFirst();
  }

  protected redo(id: string): void {
    this.session.do({ do: 'empty', line: id });
  }
}
