import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { create } from 'qrcode';

/** Modules of white around a code, so that it is found. */
const QUIET = 4;

/** A text as a QR code, drawn here: nothing is asked of anybody else. */
@Component({
  selector: 'yg-qr-code',
  template: `
    <svg
      role="img"
      [attr.aria-label]="'QR code: ' + text()"
      [attr.viewBox]="drawn().box"
      shape-rendering="crispEdges"
    >
      <path class="paper" [attr.d]="drawn().paper" />
      <path class="ink" [attr.d]="drawn().ink" />
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
    }
    .paper {
      fill: #fff;
    }
    .ink {
      fill: #000;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QrCode {
  readonly text = input.required<string>();

  protected readonly drawn = computed(() => {
    const { size, data } = create(this.text(), { errorCorrectionLevel: 'M' }).modules;
    const ink: string[] = [];
    for (let at = 0; at < data.length; at++) {
      if (data[at]) ink.push(`M${at % size} ${Math.floor(at / size)}h1v1h-1z`);
    }
    const whole = size + 2 * QUIET;
    return {
      box: `${-QUIET} ${-QUIET} ${whole} ${whole}`,
      paper: `M${-QUIET} ${-QUIET}h${whole}v${whole}h${-whole}z`,
      ink: ink.join(''),
    };
  });
}
