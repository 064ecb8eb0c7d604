import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideState, provideStore } from '@ngrx/store';
import { Subject, of, throwError } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import { LogApi } from '../../../api/log-api';
import { bakesFeature } from '../../../state/bakes/bakes.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { bakeOf } from '../../../testing/bake';
import { LogPage } from './log.page';

const bake = (at: number, change: Partial<BakeSummary> = {}): BakeSummary => {
  const { plan: _, readings: __, recipeRevision: ___, ...summary } = bakeOf('fill');
  const id = `00000000-0000-4000-8000-${String(at).padStart(12, '0')}`;
  return { ...summary, id, stage: 'log', rating: 4, ...change };
};

describe('the Log', () => {
  let fixture: ComponentFixture<LogPage>;
  let api: jasmine.SpyObj<LogApi>;
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const words = (): string => element().textContent.replace(/\s+/g, ' ');

  const open = (bakes: BakeSummary[]): void => {
    jasmine.clock().install().mockDate(new Date());
    api = jasmine.createSpyObj<LogApi>('api', ['list']);
    api.list.and.returnValue(of(bakes));
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(kitchenFeature),
        provideState(bakesFeature),
        { provide: LogApi, useValue: api },
      ],
    });
    fixture = TestBed.createComponent(LogPage);
    settle();
  };
  const settle = (): void => {
    fixture.detectChanges();
    jasmine.clock().tick(300);
    fixture.detectChanges();
  };
  const search = (words: string): void => {
    const field = element().querySelector<HTMLInputElement>('input[type=search]')!;
    field.value = words;
    field.dispatchEvent(new Event('input'));
    settle();
  };
  afterEach(() => jasmine.clock().uninstall());

  it('says what to do while it is empty', () => {
    open([]);
    expect(words()).toContain('Begin a bake in a recipe’s Measure');
  });

  it('lists bakes with how they turned out', () => {
    open([
      bake(1, { symptoms: ['dense'], note: 'Rolls.', isWasted: true, rating: 1 }),
      bake(2, { isGood: true }),
      bake(3, { stage: 'oven', rating: null }),
    ]);
    expect(words()).toContain('dense · Rolls.');
    expect(words()).toContain('1 of 5: Not eaten');
    expect(words()).toContain('thrown away');
    expect(words()).toContain('proven');
    expect(words()).toContain('in the oven');
    const links = [...element().querySelectorAll('li a')].map((link) => link.getAttribute('href'));
    expect(links[2]).toContain('/oven/');
  });

  it('asks for the next page by the date of the last one', () => {
    open(Array.from({ length: 50 }, (_, at) => bake(at)));
    const more = [...element().querySelectorAll('button')].find((one) =>
      one.textContent.includes('Show earlier bakes'),
    )!;
    api.list.and.returnValue(of([bake(60)]));
    more.click();
    fixture.detectChanges();
    expect(api.list.calls.mostRecent().args[0].before).toBe('2026-03-14T09:00:00.000Z');
    expect(element().querySelectorAll('li').length).toBe(51);
  });

  it('compares two, the last two that were chosen', () => {
    open([bake(1), bake(2), bake(3)]);
    for (const box of element().querySelectorAll<HTMLInputElement>('input[type=checkbox]')) {
      box.click();
      fixture.detectChanges();
    }
    const boxes = [...element().querySelectorAll<HTMLInputElement>('input[type=checkbox]')];
    expect(boxes.map(({ checked }) => checked)).toEqual([false, true, true]);
    expect(words()).toContain('2 of 2 chosen');
  });

  it('says why it is not there, and tries again', () => {
    open([]);
    api.list.and.returnValue(throwError(() => new Error('no')));
    search('knots');
    expect(words()).toContain('went wrong');
    expect(api.list.calls.mostRecent().args[0]).toEqual({ search: 'knots' });
  });

  it('shows what was asked for last, however late an earlier answer comes', () => {
    open([]);
    const slow = new Subject<BakeSummary[]>();
    api.list.and.returnValue(slow);
    search('kno');
    api.list.and.returnValue(of([bake(2, { title: 'Cardamom knots' })]));
    search('knots');
    slow.next([bake(1, { title: 'Rye crispbread' })]);
    fixture.detectChanges();
    expect(words()).toContain('Cardamom knots');
    expect(words()).not.toContain('Rye crispbread');
  });
});
