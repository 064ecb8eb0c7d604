import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import type { RecipeImportReply, WebPageReply } from '@ypsigram/contract';
import type { RecipeFile } from '@ypsigram/core/formats';
import { FilesApi } from '../../api/files-api';
import { Opened } from '../../kit/opened/opened';
import { problemOf } from '../../api/recipes-api';
import { WebAddress } from '../../kit/web-address/web-address';
import { authorsActions } from '../../state/authors/authors.feature';
import { FileReader } from '../../recognition/read-any-file';

const STATUS_NAMES = {
  new: 'new',
  same: 'already there',
  changed: 'changed',
} as const;

/** A recipe, and the file or page that it stands in. */
interface ReadRecipe {
  readonly recipe: RecipeFile;
  readonly file: string;
}

/** A recipe of a file, and what it meets here. */
interface ComingFile extends ReadRecipe {
  readonly item: RecipeImportReply['items'][number];
}

interface ImportRetry {
  readonly file: string;
  readonly message: string;
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
  imports: [Opened, WebAddress],
  templateUrl: './import-recipes.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImportRecipes {
  private readonly api = inject(FilesApi);
  private readonly store = inject(Store);
  private reader: FileReader | null = null;
  /** Goes up whenever reading is stopped: what comes in late is not wanted any more. */
  private round = 0;

  protected readonly statusNames = STATUS_NAMES;
  protected readonly isOver = signal(false);
  protected readonly isPasting = signal(false);
  protected readonly isGetting = signal(false);
  protected readonly progress = signal<Progress | null>(null);
  protected readonly coming = signal<readonly ComingFile[]>([]);
  protected readonly troubles = signal<readonly ImportRetry[]>([]);
  protected readonly left = signal<ReadonlySet<number>>(new Set());
  protected readonly problem = signal<string | null>(null);
  protected readonly done = signal<{ readonly count: number; readonly importId: string } | null>(
    null,
  );
  protected readonly said = signal<string | null>(null);

  protected readonly chosen = computed(() =>
    this.coming().filter((_, index) => !this.left().has(index)),
  );
  /** What is the same already needs no bringing in. */
  protected readonly useful = computed(
    () => this.chosen().filter(({ item }) => item.status !== 'same').length,
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.reader?.stop());
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
    const recipes = this.chosen().map(({ recipe }) => recipe);
    this.progress.set({
      done: 0,
      all: 0,
      doing: `Importing ${recipes.length} ${recipes.length === 1 ? 'recipe' : 'recipes'}`,
    });
    try {
      const { importId } = await firstValueFrom(this.api.importRecipes(recipes.map(toImported)));
      const count = this.useful();
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

  private begin(): void {
    this.leave();
    this.done.set(null);
    this.said.set(null);
  }

  private async look(files: readonly File[]): Promise<void> {
    this.begin();
    const round = this.round;
    const reader = (this.reader = new FileReader());
    const read: ReadRecipe[] = [];
    const troubles: ImportRetry[] = [];
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
      this.coming.set(read.map((one, index) => ({ ...one, item: items[index]! })));
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

/** The recipe as it is sent: the same, without what the types of a file know to be unchanging. */
const toImported = ({ answers, methods, balance, ...recipe }: RecipeFile) => ({
  ...recipe,
  methods: methods && { ...methods },
  balance: balance as never,
  answers: answers && (answers.map((answer) => ({ ...answer })) as never[]),
});
