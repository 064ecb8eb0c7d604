import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import type { ClassResultDraft, JoinedClass } from '@ypsigram/contract/practice';
import { PracticeApi } from '../../../api/practice-api';
import { problemOf } from '../../../api/recipes-api';
import { decimal } from '../../../kit/figures/figures';
import { TechniqueCard } from '../../../kit/technique/technique-card';
import { TakeReading } from '../../../scale/take-reading';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { FillResult } from '../fill/fill-result';
import { aimOf, fillOf, taskName } from './class-task';

/** Something that was handed in, or is on its way. */
interface HandedIn extends ClassResultDraft {
  readonly id: string;
  readonly isKept: boolean;
}

/** For those who join a class from a device of their own: its tasks, and their own results. */
@Component({
  selector: 'yg-join-page',
  imports: [FillResult, TakeReading, TechniqueCard],
  templateUrl: './join.page.html',
  styleUrl: './join.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JoinPage {
  /** From the address: the code of the class; none where it is still to be typed. */
  readonly code = input<string>();

  private readonly api = inject(PracticeApi);
  private readonly router = inject(Router);
  private readonly shelf = inject(Store).selectSignal(selectShelf);

  protected readonly joined = signal<JoinedClass | null>(null);
  protected readonly problem = signal<string | null>(null);
  protected readonly name = signal('');
  protected readonly at = signal(0);
  protected readonly handedIn = signal<readonly HandedIn[]>([]);

  protected readonly tasks = computed(() =>
    (this.joined()?.tasks ?? []).map((task) => ({
      task,
      id: task.id,
      name: taskName(task, this.shelf()),
      aim: aimOf(task),
      fill: fillOf(task, this.shelf()),
      count: this.handedIn().filter(({ taskId }) => taskId === task.id).length,
    })),
  );
  protected readonly now = computed(() => this.tasks()[this.at()] ?? null);
  protected readonly last = computed(
    () => this.handedIn().findLast(({ taskId }) => taskId === this.now()?.id) ?? null,
  );
  protected readonly waiting = computed(() => this.handedIn().filter(({ isKept }) => !isKept));

  constructor() {
    effect(() => {
      const code = this.code();
      untracked(() => this.load(code));
    });
  }

  protected join(code: string): void {
    const typed = code.trim();
    if (typed === '') this.problem.set('Type the seven signs of the code.');
    else void this.router.navigate(['/join', typed]);
  }

  protected handIn(weight: number | null): boolean {
    const [called, task] = [this.name().trim(), this.now()];
    this.problem.set(
      called === ''
        ? 'Write your name first: any that the class knows you by.'
        : !weight
          ? 'Write the weight in grams. For example: 131.'
          : null,
    );
    if (this.problem() !== null || !task) return false;
    const draft = { taskId: task.id, name: called, grams: weight!, at: new Date().toISOString() };
    const result = { ...draft, id: newId(), isKept: false };
    this.handedIn.update((all) => [...all, result]);
    this.send(result);
    return true;
  }

  protected handInTyped(field: HTMLInputElement): void {
    if (!this.handIn(decimal(field.value))) return;
    field.value = '';
    field.focus();
  }

  protected sendAgain(): void {
    this.problem.set(null);
    for (const result of this.waiting()) this.send(result);
  }

  /** A result keeps its id: sent twice, it counts once. */
  private send({ id, isKept: _, ...draft }: HandedIn): void {
    this.api.handIn(this.joined()!.code, id, draft).subscribe({
      next: () =>
        this.handedIn.update((all) =>
          all.map((one) => (one.id === id ? { ...one, isKept: true } : one)),
        ),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  private load(code: string | undefined): void {
    this.joined.set(null);
    this.problem.set(null);
    if (code === undefined) return;
    this.api.joined(code).subscribe({
      next: (joined) => this.joined.set(joined),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
