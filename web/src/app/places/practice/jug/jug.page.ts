import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { JUG_NAMES } from '@ypsigram/contract/practice';
import {
  JUG_KINDS,
  drawDomeTask,
  drawJugTask,
  triesOf,
  type DomeScore,
  type DomeTask,
  type JugKind,
  type JugScore,
  type JugTask,
  type Skill,
} from '@ypsigram/core/practice';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectStandings } from '../../../state/practice/practice.selectors';
import { PracticeDesk } from '../practice-desk';
import { PracticeHead } from '../practice-head';
import { TryStrip } from '../try-strip';
import { DomeTaskView } from './dome-task';
import { JugTaskView } from './jug-task';

/** What each exercise is for, in a sentence or two. */
const ABOUT: Readonly<Record<JugKind, string>> = {
  pour: 'The marks are on the outside of the glass, the water behind it: from above the water looks higher than it is. Bring your eye down to the line, and lay the bottom of the curve on it.',
  read: 'Bring your eye to the level of the water, then read the flat bottom of the curve, not where it climbs up the glass.',
  slanted:
    'A slanted scale lies in the water itself, so mark and water touch: it is right from above, and from anywhere else.',
  tilted:
    'On a tilted board the water stays level and the jug does not: it reads too much on one side and too little on the other.',
  dome: 'Water holds together over the rim of a spoon. A slight dome is a full spoon; a hill is too much.',
};

/** Read the jug: a mark to pour to, a level to read, from wherever the eye is. */
@Component({
  selector: 'yg-jug-page',
  imports: [DomeTaskView, JugTaskView, PracticeHead, RouterLink, TryStrip],
  templateUrl: './jug.page.html',
  styleUrl: './jug.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JugPage {
  /** From the address: which exercise. */
  readonly kind = input<string>();

  private readonly desk = inject(PracticeDesk);
  private readonly store = inject(Store);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly standings = this.store.selectSignal(selectStandings);

  protected readonly kinds = JUG_KINDS.map((id) => ({ id, name: JUG_NAMES[id] }));
  protected readonly now = computed<JugKind>(
    () => JUG_KINDS.find((id) => id === this.kind()) ?? 'pour',
  );
  protected readonly name = computed(() => JUG_NAMES[this.now()]);
  protected readonly about = computed(() => ABOUT[this.now()]);
  private readonly drawn = linkedSignal<JugTask | DomeTask>(() => this.draw());
  protected readonly jug = computed(() => {
    const task = this.drawn();
    return task.kind === 'dome' ? null : task;
  });
  protected readonly spoon = computed(() => {
    const task = this.drawn();
    return task.kind === 'dome' ? task : null;
  });
  private readonly skill = computed<Skill>(() => ({ kind: 'jug', task: this.now() }));
  protected readonly tries = computed(() => triesOf(this.standings(), this.skill()));

  protected record({ relative, tolerance, isGood }: JugScore | DomeScore): void {
    this.desk.record({ skill: this.skill(), off: relative, tolerance, isGood });
  }

  protected another(): void {
    this.drawn.set(this.draw());
  }

  private draw(): JugTask | DomeTask {
    const random = this.desk.random();
    const kind = this.now();
    return kind === 'dome'
      ? drawDomeTask(this.standard(), random)
      : drawJugTask(kind, this.standard(), random);
  }
}
