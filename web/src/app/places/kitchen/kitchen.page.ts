import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { trialsFeature } from '../../state/trials/trials.feature';

/** A part of the kitchen: where it is, what it is, and how it stands. */
interface Tile {
  readonly name: string;
  readonly link: string;
  readonly fragment?: string;
  readonly what: string;
  readonly state: string;
}

const some = (count: number, one: string, many: string): string =>
  count === 0 ? `no ${many} yet` : `${count} ${count === 1 ? one : many}`;

/** Names in a row, as many as a tile has room for. */
const MOST_NAMES = 3;
const named = (names: readonly string[], none: string): string => {
  if (names.length === 0) return none;
  const shown = names.slice(0, MOST_NAMES).join(', ');
  return names.length > MOST_NAMES ? `${shown} and ${names.length - MOST_NAMES} more` : shown;
};

/** Kitchen: what this household owns and has decided, a tile each. */
@Component({
  selector: 'yg-kitchen-page',
  imports: [RouterLink],
  templateUrl: './kitchen.page.html',
  styleUrl: './kitchen.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitchenPage {
  private readonly store = inject(Store);
  private readonly tools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly ovens = this.store.selectSignal(kitchenFeature.selectOvens);
  private readonly scales = this.store.selectSignal(kitchenFeature.selectScales);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly trials = this.store.selectSignal(trialsFeature.selectTrials);

  protected readonly tiles = computed((): readonly Tile[] => [
    {
      name: 'Tools',
      link: '/kitchen/tools',
      what: 'Cups, spoons and jugs, and what they really hold.',
      state: this.toolsState(),
    },
    {
      name: 'Scales',
      link: '/kitchen/tools',
      fragment: 'scales',
      what: 'What weights are rounded to.',
      state: named(
        this.scales().map(({ name }) => name),
        'no scale yet',
      ),
    },
    {
      name: 'Ovens',
      link: '/kitchen/ovens',
      what: 'How hot they really are.',
      state: named(
        this.ovens().map(({ name }) => name),
        'no oven measured yet',
      ),
    },
    {
      name: 'People',
      link: '/kitchen/people',
      what: 'Who measures here, and how heavily each fills a cup.',
      state: `${named(
        this.hands().map(({ name }) => name),
        'nobody yet',
      )}; ${some(this.trials().length, 'trial', 'trials')}`,
    },
    {
      name: 'Authors',
      link: '/kitchen/authors',
      what: 'Whose recipes you bake, and what their cups weigh.',
      state: named(
        this.authors().map(({ name }) => name),
        'no author yet',
      ),
    },
    {
      name: 'Devices',
      link: '/kitchen/settings',
      fragment: 'devices',
      what: 'Phones and tablets that may use this kitchen.',
      state: 'connect or remove them',
    },
    {
      name: 'Settings',
      link: '/kitchen/settings',
      what: 'Numbers, dates, heat, and your usual way.',
      state: 'for the whole kitchen',
    },
    {
      name: 'Practice',
      link: '/practice',
      what: 'Fill, read and judge, without flour.',
      state: 'tasks, counter and classes',
    },
  ]);

  private toolsState(): string {
    const aside = this.tools().filter((tool) => tool.aside).length;
    const all = some(this.tools().length, 'tool', 'tools');
    return aside === 0 ? all : `${all}, ${aside} in the wash`;
  }
}
