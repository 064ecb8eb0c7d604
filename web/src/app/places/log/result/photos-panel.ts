import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { LARGEST_PHOTO_BYTES, PHOTO_TYPES } from '@ypsigram/contract/log';
import { LogApi, photoAddress } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { Icon } from '../../../kit/icon/icon';
import { BakeSession } from '../../../state/bake/bake-session';

/** Photos of a bake, as taped-in prints. */
@Component({
  selector: 'yg-photos-panel',
  imports: [Icon],
  templateUrl: './photos-panel.html',
  styleUrl: './photos-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotosPanel {
  private readonly api = inject(LogApi);
  private readonly session = inject(BakeSession);

  protected readonly types = PHOTO_TYPES.join(',');
  protected readonly adding = signal(0);
  protected readonly problem = signal('');
  protected readonly photos = computed(() =>
    (this.session.state()?.after.photos ?? []).map((id, at) => ({
      id,
      address: photoAddress(id, 'large'),
      name: `Photo ${at + 1} of this bake`,
    })),
  );

  protected add(files: FileList | null): void {
    this.problem.set('');
    for (const file of files ?? []) {
      if (!(PHOTO_TYPES as readonly string[]).includes(file.type)) {
        this.problem.set(`“${file.name}” is no JPEG, PNG or WebP picture.`);
      } else if (file.size > LARGEST_PHOTO_BYTES) {
        this.problem.set(`“${file.name}” is over 20 MB. Save it smaller, then add it.`);
      } else {
        this.send(file);
      }
    }
  }

  private send(file: File): void {
    this.adding.update((count) => count + 1);
    const done = (): void => this.adding.update((count) => count - 1);
    this.api.addPhoto(file).subscribe({
      next: ({ id }) => {
        done();
        this.session.do({ do: 'photo', photo: id, isKept: true });
      },
      error: (error: unknown) => {
        done();
        this.problem.set(problemOf(error));
      },
    });
  }

  protected remove(photo: string): void {
    this.session.do({ do: 'photo', photo, isKept: false });
  }
}
