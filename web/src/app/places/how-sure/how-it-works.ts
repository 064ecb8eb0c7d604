import { short } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import { HAND_SHARE, PIECE_SPREAD, READ_FROM_ABOVE, TOOL_SPREAD } from '@ypsigram/core/measuring';

const percent = (share: number): string => `${short(100 * share, 1)} %`;

/** The model in words, what is assumed and why, and what takes the place of each assumption. */
@Component({
  selector: 'yg-how-it-works',
  imports: [RouterLink],
  templateUrl: './how-it-works.html',
  styleUrl: './tables.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowItWorks {
  protected readonly tool = percent(TOOL_SPREAD);
  protected readonly hand = percent(HAND_SHARE);
  protected readonly egg = percent(PIECE_SPREAD.egg);
  protected readonly piece = percent(PIECE_SPREAD.other);
  protected readonly above = percent(READ_FROM_ABOVE.spread);
  protected readonly short = percent(-READ_FROM_ABOVE.bias);
}
