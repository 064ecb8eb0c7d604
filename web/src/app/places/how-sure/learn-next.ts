import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { METHOD_NAMES } from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import { MORE_TRIALS, type ChanceLine, type WhatToLearn } from '@ypsigram/core/chance';
import { inWords, nameOf, ofHundred } from './wording';

/** More than these nobody does next. */
const MOST_SHOWN = 3;

/** Which tool to calibrate and which filling to weigh a few times more, and what that would tell. */
@Component({
  selector: 'yg-learn-next',
  imports: [RouterLink],
  template: `
    <h2 id="learn-heading">What would make you surer</h2>
    @if (learn()) {
      @if (tools().length + hands().length > 0) {
        <ul>
          @for (row of tools(); track row.name) {
            <li>
              <a routerLink="/kitchen/tools">Calibrate the {{ row.name }} with water</a>
              <span class="figure">{{ row.then }}</span>
            </li>
          }
          @for (row of hands(); track row.name) {
            <li>
              <a routerLink="/kitchen/people"
                >Weigh {{ trials }} more fills of the {{ row.name }}</a
              >
              <span class="figure">{{ row.then }}</span>
            </li>
          }
        </ul>
        <p class="soft">Each on its own.</p>
      } @else {
        <p class="soft">
          More trials or calibrations would not change this by even 1 %. What is left is the small
          difference from fill to fill.
        </p>
      }
    } @else {
      <p class="soft">Looking for what would help…</p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h2 {
      margin-bottom: 0.4rem;
      font-size: 1.15rem;
    }
    ul {
      margin: 0.6rem 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      justify-content: space-between;
      gap: 0.8rem;
      padding: 0.4rem 0;
      border-bottom: 1px solid var(--yg-rule);
    }
    a {
      font-weight: 600;
    }
    p {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LearnNext {
  readonly learn = input.required<WhatToLearn | null>();
  /** The chance as it is, by all bakes so far. */
  readonly now = input.required<number>();
  readonly lines = input.required<readonly ChanceLine[]>();
  readonly shelf = input.required<Shelf>();

  protected readonly trials = MORE_TRIALS;
  protected readonly tools = computed(() => this.worth(this.learn()?.tools, ({ tool }) => tool));
  protected readonly hands = computed(() =>
    this.worth(this.learn()?.hands, ({ hand, lines }) => {
      const ids = this.lines().flatMap(({ index, ingredientId }) =>
        lines.includes(index) ? [ingredientId] : [],
      );
      const names = [...new Set(ids)].map((id) => nameOf(id, this.shelf()));
      return `${inWords(names)}, ${METHOD_NAMES[hand.method]}`;
    }),
  );

  private worth<L extends { readonly goodThen: number }>(
    lessons: readonly L[] | undefined,
    name: (lesson: L) => string,
  ): { readonly name: string; readonly then: string }[] {
    const [now, before] = [this.now(), this.learn()?.goodNow ?? 0];
    return (lessons ?? [])
      .map((lesson) => ({ lesson, then: Math.min(1, now + lesson.goodThen - before) }))
      .filter(({ then }) => then > now && ofHundred(then) !== ofHundred(now))
      .slice(0, MOST_SHOWN)
      .map(({ lesson, then }) => ({
        name: name(lesson),
        then: `${ofHundred(now)} → ${ofHundred(then)}`,
      }));
  }
}
