import { USUAL_KITCHEN, standardName } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import { STANDARDS, type Standard } from '@ypsigram/core/units';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { browserMemory } from '../browser-memory/browser-memory';

/** Which of the usual scales a kitchen has, by the name that is chosen. */
const SCALES = [
  { id: 'both', name: 'one for the kitchen, and a fine one', kinds: ['kitchen', 'fine'] },
  { id: 'kitchen', name: 'one, in whole grams', kinds: ['kitchen'] },
  { id: 'none', name: 'none yet', kinds: [] },
] as const;

type ScaleChoice = (typeof SCALES)[number]['id'];

/** Whether the first questions were done with in this browser. One that keeps nothing asks again. */
const ANSWERED = browserMemory('first-start-done');

/**
 * What a kitchen of one's own is asked once: whose cups and spoons, which scale, who measures.
 * Each answer is taken at once, each question may be left alone, and all are in Tools and People.
 */
@Component({
  selector: 'yg-first-start',
  template: `
    @if (isOpen() && isFolded() && !isUnfolded()) {
      <p class="folded">
        <span>These amounts go by what most kitchens have. Three answers make them yours.</span>
        <button type="button" class="btn btn-outline-primary" (click)="isUnfolded.set(true)">
          Answer them
        </button>
        <button type="button" class="btn btn-quiet" (click)="done()">Not now</button>
      </p>
    } @else if (isOpen()) {
      <section class="enamel" aria-labelledby="first-start">
        <h2 id="first-start">Three things about your kitchen</h2>
        <p class="soft">
          Every figure goes by them. Leave alone what you don’t know yet: it is all in Kitchen:
          Tools and People.
        </p>
        <div class="fields">
          <label>
            <span>Whose cups and spoons do you have?</span>
            <select #standardField class="choice" (change)="chooseCups(standardField.value)">
              @for (one of standards; track one.id) {
                <option [value]="one.id" [selected]="one.id === standard()">{{ one.name }}</option>
              }
            </select>
          </label>
          <label>
            <span>Which scale?</span>
            <select #scaleField class="choice" (change)="chooseScale(scaleField.value)">
              @for (one of scales; track one.id) {
                <option [value]="one.id" [selected]="one.id === scale()">{{ one.name }}</option>
              }
            </select>
          </label>
          <label>
            <span>Who measures?</span>
            <input
              #nameField
              class="form-control"
              maxlength="40"
              autocomplete="off"
              placeholder="a name, or nobody in particular"
              [value]="hand()?.name ?? ''"
              (change)="name(nameField.value)"
            />
          </label>
          <button type="button" class="btn btn-primary" (click)="done()">Done</button>
        </div>
      </section>
    }
  `,
  styles: `
    section {
      padding: 1rem 1.2rem 1.2rem;
      text-align: left;
    }
    h2 {
      margin: 0;
      font-size: 1.2rem;
      color: var(--yg-cobalt-deep);
    }
    p {
      margin: 0.2rem 0 0.6rem;
    }
    .folded {
      display: flex;
      flex-wrap: wrap;
      gap: 0.2rem 0.8rem;
      align-items: center;
    }
    select,
    input {
      width: 19rem;
      max-width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstStart {
  private readonly store = inject(Store);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectCurrent);

  /** Whether it is one line until it is asked for: where the work itself stands on the page. */
  readonly isFolded = input(false);
  protected readonly isUnfolded = signal(false);
  protected readonly isOpen = signal(ANSWERED.read() === null);
  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly scales = SCALES;
  protected readonly standard = computed(() => this.kitchen().standard);
  protected readonly scale = computed<ScaleChoice | null>(() => {
    const has = new Set(this.kitchen().scales.map(({ kind }) => kind));
    return (
      SCALES.find(({ kinds }) => kinds.length === has.size && kinds.every((kind) => has.has(kind)))
        ?.id ?? null
    );
  });
  protected readonly hand = computed(() => {
    const { hands, handId } = this.kitchen();
    return hands.find(({ id }) => id === handId) ?? null;
  });

  protected chooseCups(standard: string): void {
    this.store.dispatch(kitchenChanges.standardChosen({ standard: standard as Standard }));
  }

  protected chooseScale(id: string): void {
    const wanted: readonly string[] = SCALES.find((one) => one.id === id)?.kinds ?? [];
    const has = this.kitchen().scales;
    for (const scale of USUAL_KITCHEN.scales) {
      const there = has.find(({ kind }) => kind === scale.kind);
      if (wanted.includes(scale.kind) && !there) {
        this.store.dispatch(kitchenChanges.scaleKept({ scale }));
      } else if (!wanted.includes(scale.kind) && there) {
        this.store.dispatch(kitchenChanges.scaleRemoved({ name: there.name }));
      }
    }
  }

  /** The one who measures gets a name, or another; an emptied name leaves nobody in particular. */
  protected name(typed: string): void {
    const name = typed.trim();
    const known = this.hand();
    if (name === '') {
      if (known) this.store.dispatch(kitchenChanges.handRemoved({ id: known.id }));
      return;
    }
    const id = known?.id ?? newId();
    this.store.dispatch(kitchenChanges.handKept({ hand: { id, name } }));
    this.store.dispatch(kitchenChanges.handChosen({ id }));
  }

  protected done(): void {
    ANSWERED.keep('done');
    this.isOpen.set(false);
  }
}
