import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import type { RecipeImportReply, RecipePhoto, WebPageReply } from '@ypsigram/contract';
import type { RecipeFile } from '@ypsigram/core/formats';
import { FilesApi } from '../../api/files-api';
import { LogApi } from '../../api/log-api';
import { Opened } from '../../kit/opened/opened';
import { problemOf } from '../../api/recipes-api';
import { WebAddress } from '../../kit/web-address/web-address';
import { authorsActions } from '../../state/authors/authors.feature';
import { ScanQueue, scanKindOf, type ScannedPicture } from '../../recognition/queue';
import { FileReader, sizeProblem } from '../../recognition/read-any-file';
import { recipesOf, troubleOf, type FileTrouble, type ReadRecipe } from './read-recipe';
import { ScansPanel } from './scans-panel';

const STATUS_NAMES = {
  new: 'new',
  same: 'already there',
  changed: 'changed',
} as const;

const NO_PHOTOS: ReadonlyMap<ScannedPicture, RecipePhoto> = new Map();

/** A recipe of a file, and what it meets here. */
interface ComingFile extends ReadRecipe {
  readonly item: RecipeImportReply['items'][number];
}

/** What is left of a file's way in: how many are read of how many. */
interface Progress {
  readonly done: number;
  readonly all: number;
  readonly doing: string;
}

/** Imports recipes from files, dropped, chosen or pasted, after a preview. */
@Component({
  selector: 'yg-import-recipes',
  imports: [Opened, ScansPanel, WebAddress],
  templateUrl: './import-recipes.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImportRecipes {
  private readonly api = inject(FilesApi);
  private readonly photos = inject(LogApi);
  private readonly store = inject(Store);
  private readonly queue = inject(ScanQueue);
  /** Photos that were just added are shown when they are read. */
  private areScansAwaited = false;
  private reader: FileReader | null = null;
  /** Goes up whenever reading is stopped: what comes in late is not wanted any more. */
  private round = 0;

  protected readonly statusNames = STATUS_NAMES;
  protected readonly isOver = signal(false);
  protected readonly isPasting = signal(false);
  protected readonly isGetting = signal(false);
  protected readonly progress = signal<Progress | null>(null);
  protected readonly coming = signal<readonly ComingFile[]>([]);
  protected readonly troubles = signal<readonly FileTrouble[]>([]);
  protected readonly left = signal<ReadonlySet<number>>(new Set());
  protected readonly problem = signal<string | null>(null);
  protected readonly done = signal<{ readonly count: number; readonly importId: string } | null>(
    null,
  );
  protected readonly said = signal<string | null>(null);

  protected readonly chosen = computed(() =>
    this.coming().filter((_, index) => !this.left().has(index)),
  );
  protected readonly isOtherPage = isOtherPage;
  protected readonly hasPages = computed(() => this.chosen().some(({ scan }) => scan?.page));
  protected readonly savesPhotos = signal(false);
  /** What is the same already needs no bringing in. */
  protected readonly useful = computed(
    () => this.chosen().filter(({ item }) => item.status !== 'same').length,
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.reader?.stop());
    void this.queue.open();
    effect(() => {
      const isRead = this.queue.waiting() === 0 && this.queue.done().length > 0;
      const isIdle = this.progress() === null && this.coming().length === 0;
      if (isRead && isIdle && this.areScansAwaited) untracked(() => this.lookAtScans());
    });
  }

  protected drop(event: DragEvent): void {
    event.preventDefault();
    this.isOver.set(false);
    const files = [...(event.dataTransfer?.files ?? [])];
    const text = event.dataTransfer?.getData('text/plain') ?? '';
    if (files.length > 0) void this.look(files);
    else if (text.trim() !== '') this.paste(text);
  }

  protected over(event: DragEvent): void {
    event.preventDefault();
    this.isOver.set(true);
  }

  protected choose(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    // The same file can be chosen again after it was mended.
    field.value = '';
    if (files.length > 0) void this.look(files);
  }

  protected paste(text: string): void {
    if (text.trim() === '') return this.problem.set('Paste a recipe first.');
    this.isPasting.set(false);
    void this.look([new File([text], 'pasted', { type: 'text/plain' })]);
  }

  protected lookAtPage({ address, recipes }: WebPageReply): void {
    this.isGetting.set(false);
    this.begin();
    void this.show(
      recipes.map((recipe) => ({ recipe: recipe as unknown as RecipeFile, file: address })),
      this.round,
    );
  }

  /** What was read on photos and in documents so far. */
  protected lookAtScans(): void {
    this.areScansAwaited = false;
    this.begin();
    const done = this.queue.done();
    this.troubles.set(done.flatMap(troubleOf));
    void this.show(done.flatMap(recipesOf), this.round);
  }

  protected toggle(index: number): void {
    this.left.update((left) => {
      const next = new Set(left);
      if (!next.delete(index)) next.add(index);
      return next;
    });
  }

  /** Stops reading, or leaves what was read. */
  protected leave(): void {
    this.round++;
    this.reader?.stop();
    this.reader = null;
    this.progress.set(null);
    this.coming.set([]);
    this.troubles.set([]);
    this.left.set(new Set());
    this.problem.set(null);
  }

  protected async take(): Promise<void> {
    const { round } = this;
    const chosen = this.chosen();
    try {
      const photos = this.savesPhotos() ? await this.savePhotos(chosen, round) : NO_PHOTOS;
      if (round !== this.round) return;
      this.progress.set({
        done: 0,
        all: 0,
        doing: `Importing ${chosen.length} ${chosen.length === 1 ? 'recipe' : 'recipes'}`,
      });
      const recipes = chosen.map(({ recipe, scan }) => {
        const photo = scan?.page && photos.get(scan.page);
        return { ...toImported(recipe), ...(photo && { photos: [photo] }) };
      });
      const { importId } = await firstValueFrom(this.api.importRecipes(recipes));
      const count = this.useful();
      const scans = new Set(this.coming().flatMap(({ scan }) => (scan ? [scan.id] : [])));
      if (scans.size > 0) await this.queue.remove(scans);
      // An author may have come in with them.
      this.store.dispatch(authorsActions.authorsAskedFor());
      this.leave();
      this.said.set(null);
      this.done.set(importId === null ? null : { count, importId });
    } catch (error) {
      this.progress.set(null);
      this.problem.set(problemOf(error));
    }
  }

  protected async undoImport(importId: string): Promise<void> {
    try {
      const { removed, restored, kept } = await firstValueFrom(this.api.undoImport(importId));
      this.done.set(null);
      this.said.set(
        `Import undone: ${removed} removed, ${restored} put back as before` +
          `${kept > 0 ? `, ${kept} left alone because you changed them since` : ''}.`,
      );
    } catch (error) {
      this.problem.set(problemOf(error));
    }
  }

  /** Saves the photos of pages, each once. */
  private async savePhotos(
    chosen: readonly ComingFile[],
    round: number,
  ): Promise<ReadonlyMap<ScannedPicture, RecipePhoto>> {
    const pages = new Set(chosen.flatMap(({ scan }) => scan?.page ?? []));
    const saved = new Map<ScannedPicture, RecipePhoto>();
    for (const page of pages) {
      if (round !== this.round) break;
      this.progress.set({ done: saved.size, all: pages.size, doing: 'Saving photos' });
      const { id } = await firstValueFrom(this.photos.addPhoto(page.picture));
      saved.set(page, { id, lines: page.lines });
    }
    return saved;
  }

  private begin(): void {
    this.leave();
    this.done.set(null);
    this.said.set(null);
  }

  private async look(all: readonly File[]): Promise<void> {
    this.begin();
    const round = this.round;
    const scans = all.filter((file) => scanKindOf(file) !== null && sizeProblem(file) === null);
    const files = all.filter((file) => !scans.includes(file));
    if (scans.length > 0) {
      await this.queue.add(scans);
      this.areScansAwaited = true;
    }
    if (files.length === 0) return;
    const reader = (this.reader = new FileReader());
    const read: ReadRecipe[] = [];
    const troubles: FileTrouble[] = [];
    for (const [done, file] of files.entries()) {
      const doing = `Reading ${file.name}`;
      this.progress.set({ done, all: files.length, doing });
      const { recipes, problems } = await reader.read(file, (how) => {
        if (round === this.round) {
          this.progress.set({ done, all: files.length, doing: `${doing}: ${how}` });
        }
      });
      if (round !== this.round) return;
      for (const recipe of recipes) read.push({ recipe, file: file.name });
      for (const message of problems) troubles.push({ file: file.name, message });
    }
    reader.stop();
    this.troubles.set(troubles);
    await this.show(read, round);
  }

  /** Shows what would come in, beside what is here. */
  private async show(read: readonly ReadRecipe[], round: number): Promise<void> {
    const { length } = read;
    this.progress.set({ done: length, all: length, doing: 'Comparing with what is here' });
    try {
      const items = read.length === 0 ? [] : await this.compare(read.map(({ recipe }) => recipe));
      if (round !== this.round) return;
      const coming = read.map((one, index) => ({ ...one, item: items[index]! }));
      this.coming.set(coming);
      // A page of something else among the photos is left out, and can be chosen all the same.
      this.left.set(new Set(coming.flatMap((one, index) => (isOtherPage(one) ? [index] : []))));
    } catch (error) {
      if (round === this.round) this.problem.set(problemOf(error));
    }
    if (round === this.round) this.progress.set(null);
  }

  private async compare(recipes: readonly RecipeFile[]): Promise<RecipeImportReply['items']> {
    const { items } = await firstValueFrom(this.api.preview(recipes.map(toImported)));
    return items;
  }
}

const isOtherPage = ({ scan, item }: ComingFile): boolean =>
  scan !== undefined && item.ingredientCount === 0;

/** The recipe as it is sent: the same, without what the types of a file know to be unchanging. */
const toImported = ({ answers, methods, balance, ...recipe }: RecipeFile) => ({
  ...recipe,
  methods: methods && { ...methods },
  balance: balance as never,
  answers: answers && (answers.map((answer) => ({ ...answer })) as never[]),
});
