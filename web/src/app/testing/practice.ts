import { of } from 'rxjs';
import type { House } from '@ypsigram/contract/house';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import type { Type } from '@angular/core';
import { USUAL_KITCHEN, type Kitchen } from '@ypsigram/contract';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { HouseApi } from '../api/house-api';
import { PracticeApi } from '../api/practice-api';
import { LiveScale } from '../scale/live-scale';
import { authorsFeature } from '../state/authors/authors.feature';
import { kitchenActions } from '../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { practiceFeature } from '../state/practice/practice.feature';
import { trialsFeature } from '../state/trials/trials.feature';
import { FakeScale } from './bake';

export const GREBE = '00000000-0000-4000-8000-000000000001';

/**
 * A kitchen in which Grebe practises, or null where it is not loaded yet; its store, and a server
 * that a spec answers for.
 */
export function practiceWith(change: Partial<Kitchen> | null = {}): {
  readonly store: Store;
  readonly api: jasmine.SpyObj<PracticeApi>;
  readonly house: jasmine.SpyObj<HouseApi>;
  readonly tries: () => readonly PracticeTryRecord[];
} {
  const api = jasmine.createSpyObj<PracticeApi>('api', [
    'classes',
    'readClass',
    'keepClass',
    'removeClass',
    'addResult',
    'removeResult',
    'joined',
    'handIn',
  ]);
  const house = jasmine.createSpyObj<HouseApi>('house', ['read']);
  house.read.and.returnValue(of({ addresses: [] as string[] } as House));
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideStore(),
      provideState(kitchenFeature),
      provideState(trialsFeature),
      provideState(authorsFeature),
      provideState(practiceFeature),
      { provide: LiveScale, useValue: new FakeScale() },
      { provide: PracticeApi, useValue: api },
      { provide: HouseApi, useValue: house },
    ],
  });
  const store = TestBed.inject(Store);
  const hands = [{ id: GREBE, name: 'Grebe' }];
  const kitchen = { ...USUAL_KITCHEN, hands, handId: GREBE, ...change };
  if (change) store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
  return { store, api, house, tries: () => store.selectSignal(practiceFeature.selectTries)() };
}

/** A component of these inputs, and what a person does with it. */
export class Acting<T> {
  readonly fixture: ComponentFixture<T>;
  readonly element: HTMLElement;

  constructor(type: Type<T>, inputs: Readonly<Record<string, unknown>> = {}) {
    this.fixture = TestBed.createComponent(type);
    for (const [name, value] of Object.entries(inputs)) {
      this.fixture.componentRef.setInput(name, value);
    }
    this.fixture.detectChanges();
    this.element = this.fixture.nativeElement as HTMLElement;
  }

  words(): string {
    return this.element.textContent.replace(/\s+/g, ' ').trim();
  }

  button(name: string | RegExp): HTMLButtonElement {
    const is = (text: string): boolean =>
      typeof name === 'string' ? text === name : name.test(text);
    const found = [...this.element.querySelectorAll('button')].find((button) =>
      is((button.getAttribute('aria-label') ?? button.textContent).replace(/\s+/g, ' ').trim()),
    );
    if (!found) throw new Error(`No button ${String(name)} in: ${this.words()}`);
    return found;
  }

  click(name: string | RegExp): void {
    this.button(name).click();
    this.fixture.detectChanges();
  }

  field(selector: string): HTMLInputElement {
    return this.element.querySelector<HTMLInputElement>(selector)!;
  }

  slide(selector: string, value: number): void {
    const field = this.field(selector);
    field.value = String(value);
    field.dispatchEvent(new Event('input'));
    this.fixture.detectChanges();
  }

  submit(form: string, ...values: readonly string[]): void {
    const found = this.element.querySelector<HTMLFormElement>(form)!;
    const fields = [...found.querySelectorAll('input')];
    for (const [at, value] of values.entries()) fields[at]!.value = value;
    found.dispatchEvent(new Event('submit', { cancelable: true }));
    this.fixture.detectChanges();
  }
}
