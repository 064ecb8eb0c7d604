import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  untracked,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { TOPIC_NAMES } from '@ypsigram/contract/practice';
import {
  ESTIMATE_WITHIN,
  TOPICS,
  drawQuestion,
  triesOf,
  type PracticeQuestion,
  type Skill,
  type Topic,
} from '@ypsigram/core/practice';
import type { Standard } from '@ypsigram/core/units';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { selectStandings } from '../../../state/practice/practice.selectors';
import { PracticeDesk } from '../practice-desk';
import { PracticeHead } from '../practice-head';
import { TryStrip } from '../try-strip';
import { QuestionTask, type AnsweredQuestion } from './question-task';

/** Questions drawn from the Shelf, one topic or all of them in turn. */
@Component({
  selector: 'yg-which-page',
  imports: [PracticeHead, QuestionTask, RouterLink, TryStrip],
  templateUrl: './which.page.html',
  styleUrl: './which.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhichPage {
  /** From the address: what is asked about; all in turn where it names nothing. */
  readonly topic = input<string>();

  private readonly desk = inject(PracticeDesk);
  private readonly store = inject(Store);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly standings = this.store.selectSignal(selectStandings);

  protected readonly topics = TOPICS.map((id) => ({ id, name: TOPIC_NAMES[id] }));
  protected readonly only = computed<Topic | null>(
    () => TOPICS.find((id) => id === this.topic()) ?? null,
  );
  /** Drawn once the Shelf is there, and then left alone: what changes on the Shelf meanwhile is for the next one. */
  protected readonly question = linkedSignal<PracticeQuestion | null>(() => {
    const asked = { topic: this.only(), standard: this.standard() };
    return this.desk.isReady() ? untracked(() => this.draw(asked)) : null;
  });
  protected readonly skill = computed<Skill>(() => ({
    kind: 'question',
    topic: this.question()?.topic ?? this.only() ?? 'technique',
  }));
  protected readonly isReady = this.desk.isReady;
  protected readonly name = computed(() => TOPIC_NAMES[this.question()?.topic ?? 'technique']);
  protected readonly tries = computed(() => triesOf(this.standings(), this.skill()));
  protected readonly score = computed(() => {
    const tries = this.tries();
    if (tries.length === 0) return 'Not asked yet.';
    return `${tries.filter(({ isGood }) => isGood).length} of ${tries.length} right so far.`;
  });

  protected record({ isRight, off }: AnsweredQuestion): void {
    const tolerance = off === null ? null : ESTIMATE_WITHIN;
    this.desk.record({ skill: this.skill(), off, tolerance, isGood: isRight });
  }

  protected another(): void {
    this.question.set(this.draw({ topic: this.only(), standard: this.standard() }));
  }

  private draw(asked: { topic: Topic | null; standard: Standard }): PracticeQuestion | null {
    const random = this.desk.random();
    const any = TOPICS[Math.floor(random.uniform() * TOPICS.length)]!;
    const draw = { shelf: this.shelf(), standard: asked.standard, random };
    return drawQuestion(asked.topic ?? any, draw);
  }
}
