import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { HttpErrorResponse } from '@angular/common/http';
import { Subject } from 'rxjs';
import type { RecipeSummary } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { ExportRecipes } from './export-recipes';

describe('recipes go out as a file', () => {
  let recipes: Subject<readonly RecipeSummary[]>;
  let fixture: ComponentFixture<ExportRecipes>;

  beforeEach(() => {
    recipes = new Subject();
    TestBed.configureTestingModule({
      providers: [{ provide: FilesApi, useValue: { recipes: () => recipes } }],
    });
    fixture = TestBed.createComponent(ExportRecipes);
    fixture.detectChanges();
  });

  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const link = (): HTMLAnchorElement | null => page().querySelector('a');

  it('all can be asked for before it is known which there are, and nothing moves when it is', () => {
    expect(link()!.textContent).toContain('Export all recipes');
    const before = page().getBoundingClientRect().height;
    recipes.next([{ id: 'one', title: 'Sesame rounds' } as RecipeSummary]);
    fixture.detectChanges();
    expect(page().textContent).toContain('Sesame rounds');
    expect(page().getBoundingClientRect().height).toBe(before);
  });

  it('an empty Book says so, once it is known to be empty', () => {
    expect(page().textContent).not.toContain('no recipe');
    recipes.next([]);
    fixture.detectChanges();
    expect(page().textContent).toContain('There is no recipe yet.');
    expect(link()).toBeNull();
  });

  it('where the recipes can’t be listed it says why, and all can still go out', () => {
    recipes.error(new HttpErrorResponse({ status: 503 }));
    fixture.detectChanges();
    expect(page().querySelector('[role=alert]')!.textContent!.trim()).not.toBe('');
    expect(link()!.getAttribute('href')).toContain('/api/exports');
  });
});
