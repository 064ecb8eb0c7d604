import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  inject,
  input,
  output,
} from '@angular/core';
import { choiceText, choiceWeight, questionText } from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Choice, Question } from '@ypsigram/core/conversion';
import type { Line } from '@ypsigram/core/reading';

/** A doubt as a question: its answers side by side, each with what it weighs, one key to each. */
@Component({
  selector: 'yg-line-question',
  template: `
    <p class="asks" [id]="id()">{{ text() }}</p>
    <div class="choices" role="group" [attr.aria-labelledby]="id()">
      @for (choice of choices(); track $index) {
        <button
          type="button"
          class="btn answer"
          [class.now]="$index === 0 && hasNow()"
          (click)="chosen.emit(choice.choice)"
        >
          <kbd aria-hidden="true">{{ $index + 1 }}</kbd>
          <span>{{ choice.says + ' ' }}</span>
          @if (choice.weight) {
            <b>{{ choice.weight }}</b>
          }
        </button>
      }
      @if (isUnknown()) {
        <button type="button" class="btn btn-quiet add" (click)="added.emit()">
          None of these: add an ingredient
        </button>
      }
    </div>
  `,
  styleUrl: './line-question.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown)': 'press($event)' },
})
export class LineQuestion {
  readonly id = input.required<string>();
  readonly question = input.required<Question>();
  readonly line = input.required<Line>();
  readonly shelf = input.required<Shelf>();
  /** How many times the recipe is made, as the weights beside the answers are told. */
  readonly times = input(1);
  readonly chosen = output<Choice>();
  readonly added = output();

  private readonly host: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  protected readonly text = computed(() => questionText(this.question().note));
  protected readonly isUnknown = computed(() => this.question().note.code === 'unknown-ingredient');
  /** Nothing is taken for an unknown name until one is chosen. */
  protected readonly hasNow = computed(() => !this.isUnknown());
  protected readonly choices = computed(() =>
    this.question().choices.map((choice) => ({
      choice,
      says: choiceText(this.question().note, choice, this.line(), this.shelf()),
      weight: choiceWeight(choice, this.times()),
    })),
  );

  /** Puts the keyboard on the first answer. */
  focus(): void {
    this.host.querySelector<HTMLButtonElement>('button')?.focus();
  }

  protected press(event: KeyboardEvent): void {
    if (event.ctrlKey || event.altKey || event.metaKey) return;
    const choice = this.choices()[Number(event.key) - 1];
    if (!choice) return;
    event.preventDefault();
    this.chosen.emit(choice.choice);
  }
}
