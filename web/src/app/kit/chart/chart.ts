import { ChangeDetectionStrategy, Component, effect, input, signal } from '@angular/core';
import type { ECharts, EChartsCoreOption } from 'echarts/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import { isNight } from '../theme/theme';
import { atNight } from './at-night';
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
        (chartInit)="chart = $event"
        [style.height.px]="height()"
      ></div>
    } @else {
      <div [style.height.px]="height()"></div>
    }
  `,
  // A chart follows the width of its place, never the other way round, as when a tablet is turned.
  styles: ':host { display: block; contain: inline-size; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:beforeprint)': 'draw(options())', '(window:afterprint)': 'draw(drawn())' },
})
export class Chart {
  readonly options = input.required<EChartsCoreOption>();
  readonly label = input.required<string>();
  readonly height = input(300);

  protected chart: ECharts | null = null;
  protected readonly drawn = signal<EChartsCoreOption | null>(null);

  constructor() {
    effect((onCleanup) => {
      const options = isNight() ? atNight(this.options()) : this.options();
      onCleanup(queueDraw(() => this.drawn.set(options)));
    });
  }

  /** At once: the browser waits for nothing before it prints, which is by day. */
  protected draw(options: EChartsCoreOption | null): void {
    if (!isNight() || !options || !this.chart) return;
    this.chart.setOption(options, true);
    this.chart.getZr().refreshImmediately();
  }
}
