import {
  ChangeDetectionStrategy,
  Component,
  afterRenderEffect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { Preferences, type BenchDeed } from './bench-preferences';
import { keyName } from './bench-keys';

const DEEDS: readonly { readonly id: BenchDeed; readonly does: string }[] = [
  { id: 'go-on', does: 'do what the large button says' },
  { id: 'back', does: 'take the last fill back, or go to the line before' },
];
const FIXED = [
  { keys: '← →', does: 'go from line to line' },
  { keys: 'Alt ← Alt →', does: 'move the ingredient earlier or later' },
  { keys: 'Ctrl Z', does: 'undo, with Shift redo' },
] as const;

/** How this device works at the bench: sounds, what goes by itself, keys and pedal. */
@Component({
  selector: 'yg-bench-settings',
  templateUrl: './bench-settings.html',
  styleUrl: './bench-settings.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown)': 'learn($event)' },
})
export class BenchSettings {
  protected readonly preferences = inject(Preferences);
  /** Goes up each time the settings are asked for. */
  readonly asked = input.required<number>();
  protected readonly fixed = FIXED;
  /** The deed that the next key is to do. */
  protected readonly listening = signal<BenchDeed | null>(null);
  private readonly sheet = viewChild.required<ElementRef<HTMLDialogElement>>('sheet');

  protected deeds() {
    const { keys } = this.preferences.all();
    return DEEDS.map(({ id, does }) => ({ id, does, keys: keys[id].map(keyName) }));
  }

  constructor() {
    afterRenderEffect(() => {
      if (this.asked() > 0) untracked(() => this.show());
    });
  }

  private show(): void {
    const { nativeElement } = this.sheet();
    if (!nativeElement.open) nativeElement.showModal();
  }

  /** The next key that is pressed does it from now on; Escape changes nothing. */
  protected learn(event: KeyboardEvent): void {
    const deed = this.listening();
    if (!deed) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key !== 'Escape') this.preferences.addKey(deed, event.key);
    this.listening.set(null);
  }
}
