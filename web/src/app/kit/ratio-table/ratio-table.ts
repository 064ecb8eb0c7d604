import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { fixed } from '@ypsigram/contract';
import { moreOrLess } from '@ypsigram/contract/bench';
import type { AsWeighed } from '@ypsigram/core/bench';

const WORDS = { level: 'fine', leaning: 'a little off', out: 'it shows' } as const;
/** Less than this is the same. */
const SAME = 0.0005;
const SMALL_PERCENT = 10;

/** The ratios of a bake as they were meant and as they are, with what each does to it. */
@Component({
  selector: 'yg-ratio-table',
  templateUrl: './ratio-table.html',
  styleUrl: './ratio-table.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RatioTable {
  readonly weighed = input.required<AsWeighed | null>();

  protected readonly base = computed(() =>
    this.weighed()?.base === 'flour' ? 'baker’s percentages' : 'percent of everything',
  );
  protected readonly rows = computed(() =>
    (this.weighed()?.ratios ?? []).map(({ part, intended, real, drift, level }) => ({
      part,
      intended: fixed(intended, intended < SMALL_PERCENT ? 1 : 0),
      real: fixed(real, real < SMALL_PERCENT ? 1 : 0),
      drift: Math.abs(drift) < SAME ? 'as meant' : moreOrLess(drift),
      level,
      word: WORDS[level],
    })),
  );
}
