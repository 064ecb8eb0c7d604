import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import {
  NgbDropdown,
  NgbDropdownItem,
  NgbDropdownMenu,
  NgbDropdownToggle,
} from '@ng-bootstrap/ng-bootstrap/dropdown';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { BAKE_KIND_NAMES, type RecipeSummary } from '@ypsigram/contract';
import { RATING_NAMES } from '@ypsigram/contract/log';
import { showDay } from '../../kit/figures/dates';
import { Icon } from '../../kit/icon/icon';
import { authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { OpenedMenu } from '../../kit/opened/opened-menu';

const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** What is known of a recipe beside its mass: its kind, its author, its bakes; and what to do with it. */
@Component({
  selector: 'yg-recipe-facts',
  imports: [
    OpenedMenu,
    Icon,
    NgbDropdown,
    NgbDropdownItem,
    NgbDropdownMenu,
    NgbDropdownToggle,
    RouterLink,
  ],
  template: `
    <p class="kind">{{ kind() }}</p>
    <p class="baked">
      {{ baked() }}
      @if (crumbs(); as crumbs) {
        <span class="crumbs" aria-hidden="true">
          @for (isFull of crumbs; track $index) {
            <i [class.full]="isFull"></i>
          }
        </span>
      }
      @if (recipe().provenLines > 0) {
        <span class="proven"><yg-icon name="check" /> {{ proven() }}</span>
      }
    </p>
    <div ngbDropdown class="menu" placement="bottom-end" [autoClose]="true">
      <button type="button" class="btn btn-quiet" ngbDropdownToggle>
        <span aria-hidden="true">⋯</span>
        <span class="visually-hidden">More for {{ recipe().title }}</span>
      </button>
      <div ngbDropdownMenu>
        <a ngbDropdownItem [routerLink]="['/recipes', recipe().id, 'text']">Open Text</a>
        <a ngbDropdownItem [routerLink]="['/recipes', recipe().id, 'measure']">Measure it</a>
        <a ngbDropdownItem [routerLink]="['/recipes', recipe().id, 'card']">Print card</a>
        <button ngbDropdownItem type="button" (click)="removed.emit()">
          <yg-icon name="trash" /> Delete
          <span class="visually-hidden">{{ recipe().title }}</span>
        </button>
      </div>
    </div>
  `,
  styleUrl: './recipe-facts.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecipeFacts {
  readonly recipe = input.required<RecipeSummary>();
  readonly removed = output();

  private readonly store = inject(Store);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);

  protected readonly kind = computed(() => {
    const { kind, authorId } = this.recipe();
    const author = this.authors().find(({ id }) => id === authorId)?.name;
    return [...(kind ? [BAKE_KIND_NAMES[kind]] : []), ...(author ? [author] : [])].join(' · ');
  });
  protected readonly baked = computed(() => {
    const { lastBake } = this.recipe();
    if (!lastBake) return 'Not baked yet';
    const { at, bakes, rating } = lastBake;
    const how = rating === null ? '' : `: ${RATING_NAMES[rating - 1]!.toLowerCase()}`;
    const times = bakes === 1 ? 'Baked once' : `Baked ${bakes} times, last`;
    return `${times} ${showDay(at, this.formats().dateOrder)}${how}`;
  });
  protected readonly crumbs = computed(() => {
    const rating = this.recipe().lastBake?.rating ?? null;
    return rating === null ? null : RATING_NAMES.map((_, at) => at < rating);
  });
  protected readonly proven = computed(() =>
    this.recipe().provenLines === this.recipe().ingredientCount
      ? 'proven'
      : `${counted(this.recipe().provenLines, 'line', 'lines')} proven`,
  );
}
