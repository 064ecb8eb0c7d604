import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { exhaustMap, firstValueFrom, interval } from 'rxjs';
import type { RestoreReply } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { Store } from '@ngrx/store';
import { showDay } from '../../kit/figures/dates';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { problemOf } from '../../api/recipes-api';
import { unharmed } from '../../api/unharmed';

const PROGRESS_MILLISECONDS = 700;

/** Everything in one file: to keep, to move to another machine, to restore. */
@Component({
  selector: 'yg-whole-kitchen',
  templateUrl: './whole-kitchen.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WholeKitchen {
  private readonly api = inject(FilesApi);
  private file: File | null = null;
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly isBusy = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly preview = signal<RestoreReply | null>(null);
  protected readonly safetyCopyId = signal<string | null>(null);
  /** What was mended or left out when it was restored. */
  protected readonly mended = signal<readonly string[]>([]);
  /** What a backup that is being saved can't take. */
  protected readonly gaps = signal<readonly string[]>([]);
  /** How far a restore is, in percent; null where none is under way. */
  protected readonly percent = signal<number | null>(null);
  protected readonly rows = [
    { key: 'recipes', name: 'recipes' },
    { key: 'authors', name: 'authors' },
    { key: 'trials', name: 'trials' },
    { key: 'bakes', name: 'bakes' },
    { key: 'photos', name: 'photos' },
    { key: 'tries', name: 'practice tries' },
    { key: 'tools', name: 'tools' },
  ] as const;

  protected async look(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    if (!file) return;
    field.value = '';
    this.leave();
    this.file = file;
    await this.send(async () => {
      this.preview.set(await firstValueFrom(this.api.lookAtBackup(file)));
    });
  }

  protected day(at: string): string {
    return showDay(at, this.formats().dateOrder);
  }

  protected async restore(): Promise<void> {
    const { file } = this;
    if (!file) return;
    await this.send(async () => {
      const { safetyCopyId, notes } = await firstValueFrom(this.api.restore(file));
      this.leave();
      this.mended.set(notes);
      this.safetyCopyId.set(safetyCopyId);
    });
  }

  protected async undo(id: string): Promise<void> {
    await this.send(async () => {
      await firstValueFrom(this.api.undoRestore(id));
      this.reload();
    });
  }

  /** The file is saved by the browser itself: what is not in it is asked for beside it. */
  protected async lookForGaps(): Promise<void> {
    try {
      this.gaps.set((await firstValueFrom(this.api.gaps())).leftOut);
    } catch (error) {
      this.problem.set(problemOf(error));
    }
  }

  protected leave(): void {
    this.file = null;
    this.preview.set(null);
    this.problem.set(null);
  }

  /** Everything the page knows is from before. */
  protected reload(): void {
    location.assign('/recipes');
  }

  private async send(what: () => Promise<void>): Promise<void> {
    this.isBusy.set(true);
    this.problem.set(null);
    const progress = interval(PROGRESS_MILLISECONDS)
      .pipe(
        exhaustMap(() => this.api.restoreProgress()),
        // Whoever waits is told of it by the answer that they wait for.
        unharmed('how far it is stays as it is shown'),
      )
      .subscribe(({ percent }) => this.percent.set(percent));
    try {
      await what();
    } catch (error) {
      this.problem.set(problemOf(error));
    } finally {
      progress.unsubscribe();
      this.percent.set(null);
      this.isBusy.set(false);
    }
  }
}
