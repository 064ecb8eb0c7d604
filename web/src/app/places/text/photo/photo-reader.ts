import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import { wholeOf, type Corners } from '@ypsigram/core/scan';
import type { ReadPage } from '../../../recognition/photo-pages';
import {
  PictureError,
  readPhotos,
  showPhotos,
  type PhotoReading,
  type ReadingProgress,
} from '../../../recognition/read-photos';
import { Recogniser } from '../../../recognition/recogniser';
import { openPagePicture, type OpenedPicture } from '../../../workers/page-picture';
import { pictureProblemMessage, READING_FAILED } from '../../../recognition/problem-words';
import { PageCorners } from './page-corners';

/** A photo, and how its page lies on it; null until somebody has looked. */
interface Photo {
  readonly file: File;
  readonly corners: Corners | null;
  readonly quarters: number;
}

const PERCENT = 100;

/** Photos of a recipe: cropped, turned, and read page by page. */
@Component({
  selector: 'yg-photo-reader',
  imports: [PageCorners],
  templateUrl: './photo-reader.html',
  styleUrl: './photo-reader.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoReader {
  readonly files = input.required<readonly File[]>();
  readonly read = output<readonly ReadPage[]>();
  readonly cancelled = output();

  protected readonly photos = linkedSignal<readonly Photo[]>(() =>
    this.files().map((file) => ({ file, corners: null, quarters: 0 })),
  );
  protected readonly index = linkedSignal(() => Math.max(0, this.files().length - 1));
  protected readonly photo = computed(() => this.photos()[this.index()]);
  private readonly file = computed(() => this.photo()?.file);
  protected readonly opened = signal<OpenedPicture | null>(null);
  protected readonly corners = signal<Corners | null>(null);
  protected readonly problem = signal<string | null>(null);
  protected readonly progress = signal<ReadingProgress | null>(null);
  protected readonly percent = computed(() => Math.round((this.progress()?.share ?? 0) * PERCENT));
  private readonly opener = openPagePicture();
  private reading: PhotoReading | null = null;
  /** Made ready while somebody looks at the corners. */
  private recogniser = new Recogniser();

  constructor() {
    effect(() => {
      const file = this.file();
      if (file) void untracked(() => this.open(file));
    });
    inject(DestroyRef).onDestroy(() => {
      this.reading?.stop();
      this.recogniser.stop();
      this.opener.close();
      this.opened()?.shown.close();
    });
  }

  protected lay(corners: Corners): void {
    this.corners.set(corners);
    this.change({ corners });
  }

  protected takeWhole(): void {
    const opened = this.opened();
    if (opened) this.lay(wholeOf(opened));
  }

  protected turn(): void {
    this.change({ quarters: (this.photo()!.quarters + 1) % 4 });
  }

  protected add(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    const added = files.map((file) => ({ file, corners: null, quarters: 0 }));
    this.photos.update((photos) => [...photos, ...added]);
    if (added.length > 0) this.index.set(this.photos().length - 1);
  }

  protected remove(): void {
    const at = this.index();
    this.photos.update((photos) => photos.filter((_, index) => index !== at));
    if (this.photos().length === 0) return this.cancelled.emit();
    this.index.set(Math.max(0, at - 1));
  }

  protected async start(): Promise<void> {
    this.problem.set(null);
    const reading = (this.reading = readPhotos(
      this.photos(),
      (progress) => {
        if (this.reading === reading) this.progress.set(progress);
      },
      this.recogniser,
    ));
    this.recogniser = new Recogniser();
    this.progress.set({ photo: 0, share: 0 });
    try {
      const pages = await reading.pages;
      if (this.reading === reading) this.read.emit(pages);
    } catch (error) {
      if (this.reading === reading) this.tellProblem(error);
    } finally {
      if (this.reading === reading) this.progress.set(null);
    }
  }

  /** Handwriting is read by the baker: the photo stands beside the text. */
  protected async show(): Promise<void> {
    this.problem.set(null);
    try {
      this.read.emit(await showPhotos(this.photos()));
    } catch (error) {
      this.tellProblem(error);
    }
  }

  protected stop(): void {
    this.reading?.stop();
    this.reading = null;
    this.progress.set(null);
  }

  private tellProblem(error: unknown): void {
    if (error instanceof PictureError) this.index.set(error.photo);
    this.problem.set(
      error instanceof PictureError ? pictureProblemMessage(error.problem) : READING_FAILED,
    );
    console.error(error);
  }

  private change(change: Partial<Photo>): void {
    const at = this.index();
    this.photos.update((photos) => photos.with(at, { ...photos[at]!, ...change }));
  }

  private async open(file: File): Promise<void> {
    this.opened()?.shown.close();
    this.opened.set(null);
    this.problem.set(null);
    const opened = await this.opener.picture.open(file);
    if (this.photo()?.file !== file) return;
    if ('code' in opened) return this.problem.set(pictureProblemMessage(opened));
    this.corners.set(this.photo()!.corners ?? opened.corners);
    this.opened.set(opened);
    this.recogniser.warmUp();
  }
}
