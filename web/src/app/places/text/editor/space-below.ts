import { WidgetType } from '@codemirror/view';

/**
 * Room under a line for what stands beside it. The editor is told its height, so that it knows the
 * height of the text by itself also for lines that are not drawn.
 */
export class SpaceBelow extends WidgetType {
  constructor(private readonly pixels: number) {
    super();
  }

  override eq(other: SpaceBelow): boolean {
    return other.pixels === this.pixels;
  }

  override get estimatedHeight(): number {
    return this.pixels;
  }

  /** A click in the room is one on the line above it. */
  override ignoreEvent(): boolean {
    return false;
  }

  toDOM(): HTMLElement {
    const space = document.createElement('div');
    space.ariaHidden = 'true';
    space.style.height = `${this.pixels}px`;
    return space;
  }
}
