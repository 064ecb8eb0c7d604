import { fixed, type KitchenTool } from '@ypsigram/contract';
import { measureSize } from '@ypsigram/core/measuring';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { calibrationOfTool, stampedMillilitresOf } from '@ypsigram/core/calibration';
import type { PlannedFill } from '@ypsigram/core/fills';
import type { Standard } from '@ypsigram/core/units';
import { FillPictures } from '../../kit/fills/fills';
import { Icon } from '../../kit/icon/icon';
import { CalibrateTool } from './calibrate-tool';
import { Opened } from '../../kit/opened/opened';

const millilitres = (value: number): string => fixed(value, value < 100 ? 2 : 1);
const percent = (share: number): string => fixed(100 * share, 1);

/** One tool of the drawer. */
@Component({
  selector: 'yg-tool-card',
  imports: [Opened, CalibrateTool, FillPictures, Icon],
  templateUrl: './tool-card.html',
  styleUrl: './tool-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    class: 'enamel',
    '[class.aside]': 'tool().aside',
    '[class.calibrating]': 'isCalibrating()',
  },
})
export class ToolCard {
  readonly tool = input.required<KitchenTool>();
  readonly standard = input.required<Standard>();
  readonly changed = output<KitchenTool>();
  readonly removed = output();

  protected readonly isCalibrating = signal(false);
  /** The tool drawn by its size; what it is called stands beside it. */
  protected readonly fills = computed<readonly PlannedFill[]>(() => [
    {
      tool: this.tool().name,
      count: 1,
      kind: this.tool().kind,
      name: null,
      nominal: this.tool().nominal,
      unit: this.tool().unit,
      millilitres: stampedMillilitresOf(this.tool(), this.standard()),
      size: measureSize(this.tool().unit, stampedMillilitresOf(this.tool(), this.standard())),
    },
  ]);
  protected readonly stamped = computed(() => {
    const { nominal, unit } = this.tool();
    const held = stampedMillilitresOf(this.tool(), this.standard());
    return unit === 'ml' ? `${nominal} mL` : `${millilitres(held)} mL`;
  });
  /** A jug is read at its marks. */
  protected readonly marks = computed(() =>
    this.tool().kind === 'jug' ? 'marks every quarter cup and every 50 mL' : null,
  );
  protected readonly found = computed(() => {
    const found = calibrationOfTool(this.tool(), this.standard());
    if (!found) return null;
    const sign = found.difference < 0 ? '−' : '+';
    const by = `${sign}${percent(Math.abs(found.difference))}`;
    return {
      isEnough: found.isEnough,
      holds: millilitres(found.millilitres),
      difference: found.isEnough ? `${by} ± ${percent(found.differenceUncertainty)} %` : `${by} %`,
      fills: found.fills,
    };
  });

  protected putAside(aside: boolean): void {
    this.changed.emit({ ...this.tool(), aside });
  }

  protected calibrate(calibration: KitchenTool['calibration']): void {
    this.changed.emit({ ...this.tool(), calibration });
  }
}
