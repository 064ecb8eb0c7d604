import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { LARGEST_TABLE_BYTES, type ImportReply } from '@ypsigram/contract';
import { problemOf } from '../../api/recipes-api';
import { TablesApi } from '../../api/trials-api';

/** A table goes out as CSV, and comes in after a look at what would. */
@Component({
  selector: 'yg-table-import',
  templateUrl: './table-import.html',
  styleUrl: './table-import.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableImport {
  /** Where the table is had from and sent to. */
  readonly address = input.required<string>();
  /** What the rows are, in a word: "trials". */
  readonly what = input.required<string>();
  readonly imported = output<ImportReply>();

  private readonly api = inject(TablesApi);
  private table = '';

  protected readonly isBusy = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly preview = signal<ImportReply | null>(null);

  protected async look(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    if (!file) return;
    // The same file can be chosen again after it was mended.
    field.value = '';
    this.preview.set(null);
    if (file.size > LARGEST_TABLE_BYTES) {
      this.problem.set(
        `This file is larger than ${LARGEST_TABLE_BYTES / 2 ** 20} MB. Split it into smaller tables.`,
      );
      return;
    }
    this.table = await file.text();
    this.send(true, (reply) => this.preview.set(reply));
  }

  protected take(): void {
    this.send(false, (reply) => {
      this.leave();
      this.imported.emit(reply);
    });
  }

  protected leave(): void {
    this.preview.set(null);
    this.table = '';
  }

  private send(dryRun: boolean, then: (reply: ImportReply) => void): void {
    this.problem.set(null);
    this.isBusy.set(true);
    this.api.send(this.address(), this.table, dryRun).subscribe({
      next: (reply) => {
        this.isBusy.set(false);
        then(reply);
      },
      error: (error: unknown) => {
        this.isBusy.set(false);
        this.problem.set(problemOf(error));
      },
    });
  }
}
