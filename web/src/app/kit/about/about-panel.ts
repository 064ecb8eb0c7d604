import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NgTemplateOutlet } from '@angular/common';
import { Opened } from '../opened/opened';
import { AboutPlace } from './about-place';
import { ABOUT, KEYS_EVERYWHERE } from './about-words';

/** *What is this?*: a picture, three sentences and the keys of the place that is open. */
@Component({
  selector: 'yg-about-panel',
  imports: [NgTemplateOutlet, Opened],
  templateUrl: './about-panel.html',
  styleUrl: './about-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AboutPanel {
  protected readonly about = inject(AboutPlace);
  protected readonly shown = computed(() => {
    const place = this.about.place();
    return place && ABOUT[place];
  });
  protected readonly keys = computed(() => [...(this.shown()?.keys ?? []), ...KEYS_EVERYWHERE]);
}
