import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { Subject, of } from 'rxjs';
import type { Author } from '@ypsigram/contract';
import { AuthorsApi } from '../../api/authors-api';
import * as effects from './authors.effects';
import { authorsActions, authorsFeature } from './authors.feature';

const NOTEBOOK: Author = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Harbour notebook',
  kind: 'notebook',
  standard: 'us-customary',
  note: '',
  conventions: [],
  answers: [],
  revision: 1,
  inferred: [],
  recipeCount: 2,
};

describe('saving authors', () => {
  let api: jasmine.SpyObj<AuthorsApi>;
  let store: Store;

  beforeEach(() => {
    api = jasmine.createSpyObj<AuthorsApi>('api', [
      'list',
      'create',
      'replace',
      'remove',
      'restore',
    ]);
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(authorsFeature),
        provideEffects(effects),
        { provide: AuthorsApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
    api.list.and.returnValue(of([NOTEBOOK]));
    store.dispatch(authorsActions.authorsAskedFor());
  });

  const state = () => store.selectSignal(authorsFeature.selectAuthorsState)();
  const authors = () => store.selectSignal(authorsFeature.selectAuthors)();

  it('opens the one that was just added, by name among the others', () => {
    const binder = { ...NOTEBOOK, id: '2', name: 'A blue binder' };
    api.create.and.returnValue(of(binder));
    store.dispatch(authorsActions.authorAdded({ draft: { name: binder.name } }));
    expect(authors().map(({ name }) => name)).toEqual(['A blue binder', 'Harbour notebook']);
    expect(state().latest).toBe('2');
  });

  it('bases each change on the revision that the last one left', () => {
    api.replace.and.callFake((id, said) =>
      of({ ...NOTEBOOK, ...said, id, revision: said.revision + 1 } as Author),
    );
    store.dispatch(authorsActions.authorChanged({ author: NOTEBOOK, by: { note: 'dips' } }));
    store.dispatch(authorsActions.authorChanged({ author: NOTEBOOK, by: { kind: 'book' } }));
    expect(api.replace.calls.allArgs().map(([, said]) => said.revision)).toEqual([1, 2]);
    expect(authors()[0]).toEqual(jasmine.objectContaining({ note: 'dips', kind: 'book' }));
  });

  it('does not bring back what was removed while a change was under way', () => {
    const late = new Subject<Author>();
    api.replace.and.returnValue(late);
    api.remove.and.returnValue(of(undefined));
    store.dispatch(authorsActions.authorChanged({ author: NOTEBOOK, by: { note: 'dips' } }));
    store.dispatch(authorsActions.authorRemoved({ author: NOTEBOOK }));
    expect(api.remove).not.toHaveBeenCalled();
    late.next({ ...NOTEBOOK, note: 'dips', revision: 2 });
    late.complete();
    expect(authors()).toEqual([]);
  });

  it('brings back the one that was removed last', () => {
    api.remove.and.returnValue(of(undefined));
    api.restore.and.returnValue(of(NOTEBOOK));
    store.dispatch(authorsActions.authorRemoved({ author: NOTEBOOK }));
    expect(authors()).toEqual([]);
    expect(state().removed).toEqual(NOTEBOOK);
    store.dispatch(authorsActions.removalUndone({ author: NOTEBOOK }));
    expect(authors()).toEqual([NOTEBOOK]);
    expect(state().removed).toBeNull();
  });
});
