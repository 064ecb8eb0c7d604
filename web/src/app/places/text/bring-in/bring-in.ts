import {
  ChangeDetectionStrategy,
  Component,
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
import { PhotoPages, type ReadPage } from '../../../recognition/photo-pages';
import { PhotoReader } from '../photo';

/** A recipe from elsewhere: its text, and whose it is by name. */
export interface BroughtRecipe {
  readonly text: string;
  readonly author: string | null;
}

/** A text that is nothing but an address. */
const ADDRESS = /^https?:\/\/\S+$/i;

/** What a recipe that is not typed can come from, while the text is empty or nothing but an address. */
@Component({
  selector: 'yg-bring-in',
  imports: [Opened, PhotoReader, WebAddress],
  templateUrl: './bring-in.html',
  styleUrl: './bring-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BringIn {
  readonly text = input.required<string>();
  readonly brought = output<BroughtRecipe>();

  protected readonly written = computed(() => this.text().trim());
  protected readonly isAddress = computed(() => ADDRESS.test(this.written()));
  protected readonly isNeeded = computed(() => this.written() === '' || this.isAddress());
  /** Whoever pastes an address into the text wants what is there. */
  protected readonly isGetting = linkedSignal(() => this.isAddress());
  /** Several recipes of one page, of which one is meant. */
  private readonly pages = inject(PhotoPages);
  protected readonly photos = signal<readonly File[]>([]);
  protected readonly several = signal<WebPageReply['recipes']>([]);

  protected choosePhotos(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    this.photos.set(files);
  }

  protected takePages(pages: readonly ReadPage[]): void {
    this.photos.set([]);
    this.pages.put(pages);
    const text = this.pages
      .lines()
      .map((line) => line?.text ?? '')
      .join('\n');
    this.brought.emit({ text, author: null });
  }

  protected take({ recipes }: WebPageReply): void {
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
