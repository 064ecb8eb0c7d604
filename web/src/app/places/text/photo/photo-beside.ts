import {
  ChangeDetectionStrategy,
  Component,
  afterRenderEffect,
  computed,
  inject,
  input,
  output,
  signal,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { Box } from '@ypsigram/core/scan';
import { PhotoPages } from '../../../recognition/photo-pages';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { doubtsOf, photoLinesOf, type Doubt } from '../../../recognition/photo-lines';
import { SavedPhotos } from '../saved-photos';

/** So much of the page shows above and below the line at hand, in heights of it, and at its sides. */
const AROUND = 2.2;
const BESIDE = 3;
/** A short line is not made so large that its neighbours can't be told. */
const LEAST_SHARE = 0.45;
const STROKE = 4;
/** Dirt is taken for a word of so few letters. */
const LONGEST_SPECK = 2;

/** The photo of a recipe above its text: the line at hand, large, and the words that were not read for sure. */
@Component({
  selector: 'yg-photo-beside',
  templateUrl: './photo-beside.html',
  styleUrl: './photo-beside.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoBeside {
  readonly text = input.required<string>();
  /** The line of the text that the keyboard is in. */
  readonly at = input.required<number>();
  readonly edited = output<string>();
  /** A line that is to be looked at. */
  readonly wanted = output<number>();

  protected readonly photos = inject(PhotoPages);
  private readonly canvas = viewChild<ElementRef<HTMLCanvasElement>>('canvas');
  protected readonly longestSpeck = LONGEST_SPECK;
  protected readonly isWhole = signal(false);
  protected readonly placed = computed(() =>
    photoLinesOf(this.text().split('\n'), this.photos.lines()),
  );
  /** The line that is shown: the one at hand, or the next one above it that stands on the photo. */
  protected readonly shown = computed(() => {
    const placed = this.placed();
    for (let at = Math.min(this.at(), placed.length - 1); at >= 0; at--) {
      if (placed[at]) return placed[at]!;
    }
    return placed.find((line) => line !== null) ?? null;
  });
  protected readonly doubts = computed(() => doubtsOf(this.text(), this.photos.lines()));
  protected readonly saved = inject(SavedPhotos);
  private readonly draft = inject(Store).selectSignal(recipeFeature.selectDraft);
  protected readonly isSaved = computed(() => this.draft().photos.length > 0);

  constructor() {
    afterRenderEffect(() => this.draw());
  }

  protected settle({ line, at, of }: Doubt, by: string): void {
    const lines = this.text().split('\n');
    const text = line.text.slice(0, of.start) + by + line.text.slice(of.end);
    this.photos.settle(line, of, by);
    this.edited.emit(lines.with(at, text).join('\n'));
    this.wanted.emit(at);
  }

  private draw(): void {
    const canvas = this.canvas()?.nativeElement;
    const line = this.shown();
    const picture = line ? this.photos.shown()[line.page] : this.photos.shown()[0];
    if (!canvas || !picture) return;
    const part = line && !this.isWhole() ? aroundLine(line.box, picture) : wholePage(picture);
    canvas.width = part.right - part.left;
    canvas.height = part.bottom - part.top;
    const context = canvas.getContext('2d')!;
    context.drawImage(picture, -part.left, -part.top);
    if (!line) return;
    context.strokeStyle = getComputedStyle(canvas).color;
    context.lineWidth = STROKE;
    const { left, top, right, bottom } = line.box;
    const room = (bottom - top) / 3;
    context.strokeRect(
      left - part.left - room,
      top - part.top - room,
      right - left + 2 * room,
      bottom - top + 2 * room,
    );
  }
}

const wholePage = ({ width, height }: ImageBitmap): Box => ({
  left: 0,
  top: 0,
  right: width,
  bottom: height,
});

/** The part of a page that is shown for a line of it. */
function aroundLine({ left, top, right, bottom }: Box, { width, height }: ImageBitmap): Box {
  const letter = bottom - top;
  const from = Math.max(0, left - letter * BESIDE);
  return {
    left: from,
    top: Math.max(0, top - letter * AROUND),
    right: Math.min(width, Math.max(right + letter * BESIDE, from + width * LEAST_SHARE)),
    bottom: Math.min(height, bottom + letter * AROUND),
  };
}
