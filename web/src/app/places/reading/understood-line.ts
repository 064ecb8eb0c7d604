import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { METHOD_NAMES, basisName, noteMessage } from '@ypsigram/contract';
import { onScaleGrid } from '@ypsigram/core/batch';
import { ingredientById, type Shelf } from '@ypsigram/core/catalogue';
import { gramsAtStake, intendedMass } from '@ypsigram/core/conversion';
import type { Line, NoteCode, ReadingNote } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import { spread, writtenAmount } from '../../kit/amounts/amounts';

/** Notes on something that counts for nothing until the baker mends the line. */
const OPEN: ReadonlySet<NoteCode> = new Set(['unknown-ingredient', 'second-ingredient']);
/** What moves the line by less than this, relative, is a quiet assumption and not a question. */
const QUESTION_FROM = 0.01;

/** What was understood of one line. */
@Component({
  selector: 'yg-understood-line',
  templateUrl: './understood-line.html',
  styleUrl: './understood-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[attr.data-kind]': 'line().kind' },
})
export class UnderstoodLine {
  readonly line = input.required<Line>();
  readonly standard = input.required<Standard>();
  readonly shelf = input.required<Shelf>();

  protected readonly intended = computed(() =>
    intendedMass(this.line(), this.standard(), this.shelf()),
  );
  protected readonly name = computed(() => {
    const { ingredientId } = this.line();
    return ingredientId === null ? null : (ingredientById(ingredientId)?.name ?? null);
  });
  protected readonly amount = computed(() => writtenAmount(this.line()));
  protected readonly method = computed(() => {
    const { authorMethod } = this.line();
    return authorMethod && authorMethod !== 'count' ? METHOD_NAMES[authorMethod] : null;
  });
  protected readonly grams = computed(() => {
    const intended = this.intended();
    return intended && onScaleGrid(intended.grams).shown.replace(' g', '');
  });
  protected readonly spread = computed(() => spread(this.intended()));
  protected readonly rung = computed(() => basisName(this.intended()?.basis ?? null));
  protected readonly notes = computed(() =>
    this.line().notes.map((note) => ({
      asks: OPEN.has(note.code) || this.isQuestion(note),
      message: noteMessage(note, this.line(), this.standard(), this.shelf()),
    })),
  );

  private isQuestion(note: ReadingNote): boolean {
    const grams = this.intended()?.grams ?? 0;
    return gramsAtStake(this.line(), note, this.standard(), this.shelf()) > grams * QUESTION_FROM;
  }
}
