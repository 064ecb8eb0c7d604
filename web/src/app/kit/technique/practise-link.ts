import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Ingredient, Method } from '@ypsigram/core/catalogue';
import { defaultMethod } from '@ypsigram/core/measuring';

/** Leads from a technique to where it is practised. */
@Component({
  selector: 'yg-practise-link',
  imports: [RouterLink],
  template: `
    @if (practice(); as practice) {
      <a [routerLink]="practice.link" [queryParams]="practice.params">Practise this</a>
    }
  `,
  styles: `
    a {
      display: inline-flex;
      align-items: center;
      min-height: 2.75rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'no-print' },
})
export class PractiseLink {
  readonly ingredient = input.required<Ingredient>();
  /** The usual one where absent. */
  readonly method = input<Method | null>(null);

  /** What levels itself is practised with a jug, all else with a cup; what is counted, not at all. */
  protected readonly practice = computed(() => {
    const { id, class: of } = this.ingredient();
    const method = this.method() ?? defaultMethod(this.ingredient());
    if (of === 'egg' || method === 'count' || method === 'block') return null;
    return method === 'poured' || method === 'melted' || method === 'displaced'
      ? { link: '/practice/jug', params: {} }
      : { link: '/practice/fill', params: { ingredient: id, method } };
  });
}
