import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { answerText, type Author, type KeptAnswer } from '@ypsigram/contract';
import { sameAnswer } from '@ypsigram/core/reading';
import { Icon } from '../../kit/icon/icon';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';

/** An answer that goes for more than one line, and for whose recipes. */
interface Kept {
  readonly key: string;
  readonly says: string;
  readonly goesFor: string;
  readonly answer: KeptAnswer;
  /** Null for the whole kitchen. */
  readonly author: Author | null;
}

/** All answers that this kitchen and its authors keep, each to be forgotten. */
@Component({
  selector: 'yg-answers-kept',
  imports: [Icon],
  template: `
    <p class="soft">
      Answers that you gave once for all recipes, in Text. Forget one, and you are asked again.
    </p>
    <ul>
      @for (one of kept(); track one.key) {
        <li>
          <span class="says">{{ one.says }}</span>
          <span class="soft">{{ one.goesFor }}</span>
          <button type="button" class="btn btn-quiet" (click)="forget(one)">
            <yg-icon name="close" /> Forget
            <span class="visually-hidden">{{ one.says }}</span>
          </button>
        </li>
      } @empty {
        <li class="soft">None yet.</li>
      }
    </ul>
  `,
  styles: `
    p {
      margin: 0;
    }
    ul {
      margin: 0.4rem 0 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0 1rem;
      border-top: 1px solid var(--yg-rule);
      min-height: 2.75rem;
    }
    .says {
      flex: 1 1 20rem;
      font-weight: 600;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AnswersKept {
  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly ofKitchen = this.store.selectSignal(kitchenFeature.selectAnswers);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);

  protected readonly kept = computed<readonly Kept[]>(() => [
    ...this.ofKitchen().map((answer) => this.keptOf(answer, null)),
    ...this.authors().flatMap((author) =>
      author.answers.map((answer) => this.keptOf(answer, author)),
    ),
  ]);

  private keptOf(answer: KeptAnswer, author: Author | null): Kept {
    return {
      key: JSON.stringify([author?.id ?? null, answer.note, answer.name, answer.word]),
      says: answerText(answer, this.shelf()),
      goesFor: author ? `in recipes by ${author.name}` : 'in all recipes',
      answer,
      author,
    };
  }

  protected forget({ answer, author }: Kept): void {
    if (!author) return this.store.dispatch(kitchenChanges.answerForgotten({ of: answer }));
    const answers = author.answers.filter((other) => !sameAnswer(other, answer));
    this.store.dispatch(authorsActions.authorChanged({ author, by: { answers } }));
  }
}
