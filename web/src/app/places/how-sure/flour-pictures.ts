import { fixed } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { forgivenOf, type Forgiveness } from '@ypsigram/core/baking';
import { HISTOGRAM, type Chances, type FlourWay, type ChanceOutcome } from '@ypsigram/core/chance';
import { heightOfRidges, ridgelineChart } from '../../kit/chart/ridgeline-chart';
import { Picture, type PictureTable } from '../../kit/picture/picture';
import { FLOUR_WAY_NAMES, ofHundred } from './wording';

/** How the flour was done, and what came of it. */
export interface FlourOutcome {
  readonly way: FlourWay;
  readonly chances: Chances;
}

interface Shown {
  readonly meant: number;
  readonly tolerance: number;
  readonly axis: string;
  readonly digits: number;
  readonly of: (chances: Chances) => ChanceOutcome;
}

/** Weighed and filled look unlike, and worst of all what nobody converted. */
const LOOKS: Readonly<Record<FlourWay, number>> = {
  weighed: 2,
  spooned: 0,
  scooped: 0,
  unconverted: 1,
};

/** How flour and water come out when the flour is weighed, spooned or scooped. */
@Component({
  selector: 'yg-flour-pictures',
  imports: [Picture],
  template: `
    <div class="two">
      @for (one of shown(); track one.name) {
        <figure>
          <figcaption>{{ one.title }}</figcaption>
          <yg-picture
            [options]="one.options"
            [height]="height()"
            [label]="one.title"
            [name]="one.name"
            [table]="one.table"
          />
        </figure>
      }
    </div>
  `,
  styles: `
    .two {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
      gap: 0.5rem 2rem;
    }
    figure {
      min-width: 0;
      margin: 0;
    }
    figcaption {
      font-weight: 650;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FlourPictures {
  readonly outcomes = input.required<readonly FlourOutcome[]>();
  readonly forgives = input.required<Forgiveness>();

  protected readonly height = computed(() => heightOfRidges(this.outcomes().length));
  protected readonly shown = computed(() => {
    const [first] = this.outcomes();
    const water = first!.chances.ratios.water;
    const flour = this.draw('flour', 'Flour in the bowl', {
      meant: first!.chances.baseMass.grams,
      tolerance: forgivenOf('flour', this.forgives()),
      axis: 'g of flour',
      digits: 0,
      of: ({ baseMass }) => baseMass,
    });
    if (!water) return [flour];
    return [
      flour,
      this.draw('water', 'Water in the dough', {
        meant: water.intended,
        tolerance: this.forgives().water,
        axis: 'g of water for 100 g of flour',
        digits: 1,
        of: ({ ratios }) => ratios.water!,
      }),
    ];
  });

  private draw(name: string, title: string, { meant, tolerance, axis, digits, of }: Shown) {
    const hills = this.outcomes().map(({ way, chances }) => {
      const outcome = of(chances);
      const within = `${ofHundred(outcome.within)} in 100`;
      return {
        label: `${FLOUR_WAY_NAMES[way]}: ${within}`,
        look: LOOKS[way],
        counts: outcome.histogram,
      };
    });
    const figure = (off: number): string => fixed(meant * (1 + off), digits);
    const table: PictureTable = {
      columns: ['how', 'mean', '5 in 100 below', '5 in 100 above', 'within, in 100'],
      rows: this.outcomes().map(({ way, chances }) => {
        const { mean, quantiles, within } = of(chances);
        const [low, , , , high] = quantiles;
        return [FLOUR_WAY_NAMES[way], figure(mean), figure(low), figure(high), ofHundred(within)];
      }),
    };
    const options = ridgelineChart(hills, {
      name: axis,
      from: meant * (1 - HISTOGRAM.reach),
      step: meant * HISTOGRAM.step,
      low: meant * (1 - tolerance),
      high: meant * (1 + tolerance),
    });
    return { name: `chance-${name}`, title, options, table };
  }
}
