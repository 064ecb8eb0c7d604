import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

const TOP = 62;
const DEEP = 78;

/** The door of an enamel oven: what is in it and how long. Said in words beside it as well. */
@Component({
  selector: 'yg-oven-door',
  template: `
    <svg viewBox="0 0 200 180" aria-hidden="true">
      <rect x="4" y="4" width="192" height="172" rx="16" class="body" />
      <line x1="40" y1="30" x2="160" y2="30" class="handle" />
      <rect x="24" y="48" width="152" height="112" rx="10" class="glass" />
      @for (line of racks; track line) {
        <line x1="30" [attr.y1]="line" x2="170" [attr.y2]="line" class="rack" />
      }
      @for (tray of drawn(); track tray.name) {
        <path [attr.d]="'M38 ' + tray.y + ' h124 l-8 14 h-108 z'" class="tray" />
        <text x="100" [attr.y]="tray.y - 6">{{ tray.clock }}</text>
      }
    </svg>
  `,
  styles: `
    svg {
      width: 100%;
      max-width: 13rem;
    }
    .body {
      fill: var(--yg-enamel);
      stroke: var(--yg-cobalt);
      stroke-width: 5;
    }
    .handle {
      stroke: var(--yg-cobalt);
      stroke-width: 7;
      stroke-linecap: round;
    }
    .glass {
      fill: var(--yg-mustard-wash);
      stroke: var(--yg-cobalt);
      stroke-width: 3;
    }
    .rack {
      stroke: var(--yg-rule);
      stroke-width: 2;
    }
    .tray {
      fill: var(--yg-cobalt-wash);
      stroke: var(--yg-cobalt);
      stroke-width: 2.5;
    }
    text {
      font:
        650 18px 'Atkinson Hyperlegible Next',
        sans-serif;
      fill: var(--yg-ink);
      text-anchor: middle;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OvenDoor {
  readonly trays = input.required<readonly { readonly name: string; readonly clock: string }[]>();

  protected readonly racks = [74, 102, 130];
  protected readonly drawn = computed(() => {
    const trays = this.trays();
    return trays.map((tray, at) => ({ ...tray, y: TOP + (DEEP * (at + 1)) / (trays.length + 1) }));
  });
}
