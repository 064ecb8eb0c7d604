import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { EChartsCoreOption } from 'echarts/core';
import { writeCsv } from '@ypsigram/core/formats';
import { withPoint } from '@ypsigram/contract';
import { Chart } from '../chart/chart';
import { download } from './download';

/** What a picture shows, in figures. */
export interface PictureTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** A file is as wide as a page of paper can take. */
const SVG_WIDTH = 800;

/** A chart with what it says in figures beneath it, to be saved as a drawing or as a table. */
@Component({
  selector: 'yg-picture',
  imports: [Chart],
  templateUrl: './picture.html',
  styleUrl: './picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Picture {
  readonly options = input.required<EChartsCoreOption>();
  readonly height = input.required<number>();
  /** What it is a picture of, in a sentence. */
  readonly label = input.required<string>();
  /** Name of its files, without an ending. */
  readonly name = input.required<string>();
  readonly table = input.required<PictureTable>();

  /** All of it in words, for whoever does not see it. */
  protected readonly said = computed(() => {
    const { columns, rows } = this.table();
    const inWords = rows.map(([first, ...rest]) => {
      const cells = rest.map((cell, at) => `${columns[at + 1]} ${cell}`);
      return `${first}: ${cells.join(', ')}`;
    });
    return `${this.label()}. ${inWords.join('; ')}.`;
  });

  protected async saveSvg(): Promise<void> {
    const { chartAsSvg } = await import('../chart/echarts');
    const svg = chartAsSvg(this.options(), SVG_WIDTH, this.height());
    download(`${this.name()}.svg`, 'image/svg+xml', svg);
  }

  protected saveCsv(): void {
    const { columns, rows } = this.table();
    const cells = rows.map((row) =>
      Object.fromEntries(columns.map((column, at) => [column, withPoint(row[at] ?? '')])),
    );
    download(`${this.name()}.csv`, 'text/csv', writeCsv(columns, cells));
  }
}
