import { ChangeDetectionStrategy, Component, effect, input, signal } from '@angular/core';
import type { EChartsCoreOption } from 'echarts/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import { queueDraw } from './draw-queue';

/** A chart. It is one picture to a screen reader: everything on it is said in words beside it. */
@Component({
  selector: 'yg-chart',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts: () => import('./echarts') })],
  template: `
    @if (drawn(); as drawn) {
      <div
        echarts
        role="img"
        [attr.aria-label]="label()"
        [options]="drawn"
        [style.height.px]="height()"
      ></div>
    } @else {
      <div [style.height.px]="height()"></div>
    }
  `,
  // A chart follows the width of its place, never the other way round, as when a tablet is turned.
  styles: ':host { display: block; contain: inline-size; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Chart {
  readonly options = input.required<EChartsCoreOption>();
  readonly label = input.required<string>();
  readonly height = input(300);

  protected readonly drawn = signal<EChartsCoreOption | null>(null);

  constructor() {
    effect((onCleanup) => {
      const options = this.options();
      onCleanup(queueDraw(() => this.drawn.set(options)));
    });
  }
}
