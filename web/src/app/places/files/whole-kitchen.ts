import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { BACKUP_FORMAT, LARGEST_BACKUP_BYTES, type RestoreReply } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { Store } from '@ngrx/store';
import { showDay } from '../../kit/figures/dates';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { problemOf } from '../../api/recipes-api';

/** Everything in one file: to keep, to move to another machine, to restore. */
@Component({
  selector: 'yg-whole-kitchen',
  templateUrl: './whole-kitchen.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WholeKitchen {
  private readonly api = inject(FilesApi);
  private document: unknown = null;
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly isBusy = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly preview = signal<RestoreReply | null>(null);
  protected readonly safetyCopyId = signal<string | null>(null);
  protected readonly rows = [
    { key: 'recipes', name: 'recipes' },
    { key: 'authors', name: 'authors' },
    { key: 'trials', name: 'trials' },
    { key: 'tools', name: 'tools' },
  ] as const;

  protected async look(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    if (!file) return;
    field.value = '';
    this.leave();
    if (file.size > LARGEST_BACKUP_BYTES)
      return this.problem.set('This file is too large to be a backup.');
    try {
      this.document = JSON.parse(await file.text());
    } catch {
      return this.problem.set(
        'This is not a complete backup file. Choose the file that “Save a backup” gave you.',
      );
    }
    if ((this.document as { format?: unknown } | null)?.format !== BACKUP_FORMAT) {
      return this.problem.set(
        'This file is not a backup of a kitchen. To import recipes, use “Import recipes”.',
      );
    }
    await this.send(async () => {
      this.preview.set(await firstValueFrom(this.api.lookAtBackup(this.document)));
    });
  }

  protected day(at: string): string {
    return showDay(at, this.formats().dateOrder);
  }

  protected async restore(): Promise<void> {
    await this.send(async () => {
      const { safetyCopyId } = await firstValueFrom(this.api.restore(this.document));
      this.leave();
      this.safetyCopyId.set(safetyCopyId);
    });
  }

  protected async undo(id: string): Promise<void> {
    await this.send(async () => {
      await firstValueFrom(this.api.undoRestore(id));
      this.reload();
    });
  }

  protected leave(): void {
    this.document = null;
    this.preview.set(null);
    this.problem.set(null);
  }

  /** Everything the page knows is from before. */
  protected reload(): void {
    location.assign('/book');
  }

  private async send(what: () => Promise<void>): Promise<void> {
    this.isBusy.set(true);
    this.problem.set(null);
    try {
      await what();
    } catch (error) {
      this.problem.set(problemOf(error));
    } finally {
      this.isBusy.set(false);
    }
  }
}
