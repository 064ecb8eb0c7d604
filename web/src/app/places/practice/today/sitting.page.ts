import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { endOfDay } from 'date-fns';
import { skillName } from '@ypsigram/contract/practice';
import { METHOD_NAMES } from '@ypsigram/contract';
import { measureSize } from '@ypsigram/core/measuring';
import {
  ESTIMATE_WITHIN,
  drawDomeTask,
  drawJugTask,
  drawQuestion,
  ingredientsFor,
  scoreFill,
  sitting,
  targetGrams,
  type DomeScore,
  type DomeTask,
  type FillReason,
  type FillTask,
  type JugScore,
  type JugTask,
  type PracticeQuestion,
  type Skill,
} from '@ypsigram/core/practice';
import { millilitresIn } from '@ypsigram/core/units';
import { grams } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { practiceFeature } from '../../../state/practice/practice.feature';
import { selectStandings } from '../../../state/practice/practice.selectors';
import { FillCounter } from '../fill/fill-counter';
import { FillResult } from '../fill/fill-result';
import { DomeTaskView } from '../jug/dome-task';
import { JugTaskView } from '../jug/jug-task';
import { PracticeDesk } from '../practice-desk';
import { PracticeHead } from '../practice-head';
import { QuestionTask, type AnsweredQuestion } from '../which/question-task';

/** One thing of a sitting, drawn. */
type DrawnTask =
  | { readonly kind: 'fill'; readonly task: FillTask }
  | { readonly kind: 'jug'; readonly task: JugTask }
  | { readonly kind: 'dome'; readonly task: DomeTask }
  | { readonly kind: 'question'; readonly question: PracticeQuestion };

/** Five minutes: what is due and a little that is new, one after another. */
@Component({
  selector: 'yg-sitting-page',
  imports: [
    DomeTaskView,
    FillCounter,
    FillResult,
    JugTaskView,
    PracticeHead,
    QuestionTask,
    RouterLink,
  ],
  templateUrl: './sitting.page.html',
  styleUrl: './sitting.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SittingPage {
  private readonly store = inject(Store);
  private readonly desk = inject(PracticeDesk);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly standings = this.store.selectSignal(selectStandings);
  private readonly isLoaded = this.store.selectSignal(practiceFeature.selectIsLoaded);

  protected readonly isReady = computed(() => this.isLoaded() && this.desk.isReady());
  /** Chosen once: what is answered in a sitting does not change what it holds. */
  private chosen: readonly Skill[] | null = null;
  protected readonly skills = computed<readonly Skill[]>(() => {
    if (!this.isReady()) return [];
    return (this.chosen ??= sitting(this.standings(), endOfDay(new Date())));
  });
  protected readonly at = signal(0);
  protected readonly good = signal(0);
  protected readonly isDone = signal(false);
  protected readonly fill = signal<{ grams: number; reasons: readonly FillReason[] } | null>(null);

  protected readonly skill = computed(() => this.skills()[this.at()] ?? null);
  protected readonly isOver = computed(
    () => this.skills().length > 0 && this.at() >= this.skills().length,
  );
  protected readonly name = computed(() => {
    const skill = this.skill();
    return skill ? skillName(skill) : '';
  });
  /** Drawn once for each skill: what changes on the Shelf meanwhile is for the next one. */
  protected readonly drawn = computed<DrawnTask | null>(() => {
    const skill = this.skill();
    return skill && untracked(() => this.draw(skill));
  });
  protected readonly aim = computed(() => {
    const drawn = this.drawn();
    if (drawn?.kind !== 'fill') return null;
    const { ingredient, method } = drawn.task;
    const target = targetGrams(drawn.task);
    return target === null
      ? null
      : `1 cup ${ingredient.name.toLowerCase()}, ${METHOD_NAMES[method]}: ${grams(target)} g`;
  });

  protected weighed(task: FillTask, weight: number, reasons: readonly FillReason[]): void {
    const { off, tolerance, isGood } = scoreFill(weight, task)!;
    this.fill.set({ grams: weight, reasons });
    this.record(off, tolerance, isGood, task.ingredient.id);
  }

  protected scored({ relative, tolerance, isGood }: JugScore | DomeScore): void {
    this.record(relative, tolerance, isGood);
  }

  protected answered({ isRight, off }: AnsweredQuestion): void {
    this.record(off, off === null ? null : ESTIMATE_WITHIN, isRight);
  }

  protected next(): void {
    this.isDone.set(false);
    this.fill.set(null);
    this.at.update((at) => at + 1);
  }

  private record(
    off: number | null,
    tolerance: number | null,
    isGood: boolean,
    ingredientId: string | null = null,
  ): void {
    const skill = this.skill();
    if (!skill || this.isDone()) return;
    this.isDone.set(true);
    if (isGood) this.good.update((count) => count + 1);
    this.desk.record({ skill, off, tolerance, isGood }, ingredientId);
  }

  private draw(skill: Skill): DrawnTask | null {
    const random = this.desk.random();
    const [shelf, standard] = [this.shelf(), this.standard()];
    switch (skill.kind) {
      case 'fill': {
        const ingredient = ingredientsFor(skill, shelf)[0];
        if (!ingredient) return null;
        const millilitres = millilitresIn('cup', standard).valueOf();
        const size = measureSize('cup', millilitres);
        return {
          kind: 'fill',
          task: { ingredient, form: null, method: skill.method, millilitres, size },
        };
      }
      case 'jug':
        return skill.task === 'dome'
          ? { kind: 'dome', task: drawDomeTask(standard, random) }
          : { kind: 'jug', task: drawJugTask(skill.task, standard, random) };
      case 'question': {
        const question = drawQuestion(skill.topic, { shelf, standard, random });
        return question && { kind: 'question', question };
      }
    }
  }
}
