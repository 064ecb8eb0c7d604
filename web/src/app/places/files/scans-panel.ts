import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { ScanQueue } from '../../recognition/queue';

/** Photos and documents that are being read, and what was read so far. */
@Component({
  selector: 'yg-scans-panel',
  templateUrl: './scans-panel.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScansPanel {
  /** What was read is wanted. */
  readonly wanted = output();

  protected readonly queue = inject(ScanQueue);
  protected readonly all = computed(() => this.queue.scans().length);
  protected readonly recipes = computed(() =>
    this.queue.done().reduce((sum, { result }) => sum + (result?.recipes.length ?? 0), 0),
  );
}
