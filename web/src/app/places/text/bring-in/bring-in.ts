import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import type { WebPageReply } from '@ypsigram/contract';
import { Opened } from '../../../kit/opened/opened';
import { WebAddress } from '../../../kit/web-address/web-address';
import { PhotoPages, textOfPages, type ReadPage } from '../../../recognition/photo-pages';
import { PhotoReader } from '../photo';
import { takeShared, whenLaunchedWith, type Shared } from './shared';

/** A recipe from elsewhere: its text, and whose it is by name. */
export interface BroughtRecipe {
  readonly text: string;
  readonly author: string | null;
}

/** A page is shared as its title, what it says of itself, and its address. */
const MOST_LINES_WITH_PAGE = 3;

/** A text that is nothing but an address. */
const ADDRESS = /^https?:\/\/\S+$/i;

/** What a recipe that is not typed can come from, while the text is empty or nothing but an address. */
@Component({
  selector: 'yg-bring-in',
  imports: [Opened, PhotoReader, WebAddress],
  templateUrl: './bring-in.html',
  styleUrl: './bring-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(document:paste)': 'bringFiles($event, $event.clipboardData?.files)',
    '(document:drop)': 'bringFiles($event, $event.dataTransfer?.files)',
    '(document:dragover)': 'allow($event)',
  },
})
export class BringIn {
  readonly text = input.required<string>();
  readonly brought = output<BroughtRecipe>();

  protected readonly written = computed(() => this.text().trim());
  protected readonly isAddress = computed(() => ADDRESS.test(this.written()));
  /** What was shared while another recipe is being written. */
  protected readonly shared = signal<Shared | null>(null);
  protected readonly isNeeded = computed(() => this.written() === '' || this.isAddress());
  /** Whoever pastes an address into the text wants what is there. */
  protected readonly isGetting = linkedSignal(() => this.isAddress());
  /** Several recipes of one page, of which one is meant. */
  private readonly pages = inject(PhotoPages);
  private reader: { stop(): void } | null = null;
  /** What is being read, and how far; null while nothing is. */
  protected readonly progress = signal<string | null>(null);
  protected readonly problem = signal<string | null>(null);
  protected readonly photos = signal<readonly File[]>([]);
  protected readonly several = signal<WebPageReply['recipes']>([]);

  constructor() {
    inject(DestroyRef).onDestroy(() => this.stop());
    void takeShared().then((shared) => shared && this.offer(shared));
    whenLaunchedWith((files) => this.offer({ text: '', files }));
  }

  /** What was shared becomes the recipe, at once where nothing would be lost by it. */
  protected use({ text, files }: Shared): void {
    this.shared.set(null);
    if (files.length > 0) return this.bring(files);
    const [address] = /https?:\/\/\S+/i.exec(text) ?? [];
    // Programs that share a page send its title beside its address.
    const isOnlyPage = address !== undefined && text.split('\n').length <= MOST_LINES_WITH_PAGE;
    this.brought.emit({ text: isOnlyPage ? address : text, author: null });
  }

  protected sharedName({ text, files }: Shared): string {
    return files.map(({ name }) => name).join(', ') || text.split('\n')[0]!;
  }

  private offer(shared: Shared): void {
    if (this.written() === '') this.use(shared);
    else this.shared.set(shared);
  }

  protected choosePhotos(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    this.photos.set(files);
  }

  protected async chooseFile(field: HTMLInputElement): Promise<void> {
    const [file] = field.files ?? [];
    field.value = '';
    if (file) await this.readFile(file);
  }

  protected stop(): void {
    this.reader?.stop();
    this.reader = null;
    this.progress.set(null);
  }

  /** What is dropped or pasted is a recipe where it is a picture or a file. */
  protected bringFiles(event: Event, files: FileList | undefined): void {
    if (!this.isNeeded() || !files || files.length === 0) return;
    event.preventDefault();
    this.bring([...files]);
  }

  private bring(all: readonly File[]): void {
    const pictures = all.filter(({ type }) => type.startsWith('image/'));
    if (pictures.length > 0) this.photos.set(pictures);
    else void this.readFile(all[0]!);
  }

  protected allow(event: DragEvent): void {
    if (this.isNeeded() && event.dataTransfer?.types.includes('Files')) event.preventDefault();
  }

  private async readFile(file: File): Promise<void> {
    this.stop();
    this.problem.set(null);
    const { FileReader } = await import('../../../recognition/read-any-file');
    const reader = (this.reader = new FileReader());
    this.progress.set(`Reading ${file.name}`);
    const { recipes, problems } = await reader.read(file, (how) => {
      if (this.reader === reader) this.progress.set(`Reading ${file.name}: ${how}`);
    });
    if (this.reader !== reader) return;
    this.stop();
    if (recipes.length > 0) this.take({ recipes: recipes as unknown as WebPageReply['recipes'] });
    else this.problem.set(problems[0] ?? null);
  }

  protected takePages(pages: readonly ReadPage[]): void {
    this.photos.set([]);
    this.pages.put(pages, null);
    this.brought.emit({ text: textOfPages(pages), author: null });
  }

  protected take({ recipes }: Pick<WebPageReply, 'recipes'>): void {
    if (recipes.length > 1) return this.several.set(recipes);
    const [recipe] = recipes;
    if (recipe) this.choose(recipe);
  }

  protected choose({ text, author }: WebPageReply['recipes'][number]): void {
    this.several.set([]);
    this.isGetting.set(false);
    this.brought.emit({ text, author });
  }

  protected titleOf({ title, text }: WebPageReply['recipes'][number]): string {
    return title ?? text.trim().split('\n')[0]!;
  }
}
