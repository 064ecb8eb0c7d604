import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideState, provideStore } from '@ngrx/store';
import { HttpErrorResponse } from '@angular/common/http';
import { Subject, of, throwError } from 'rxjs';
import { BACKUP_FORMAT, type RestoreReply } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { until } from '../../testing/until';
import { WholeKitchen } from './whole-kitchen';

const PREVIEW: RestoreReply = {
  madeAt: '2026-11-03T10:00:00.000Z',
  coming: { recipes: 6, authors: 2, trials: 82, bakes: 3, photos: 2, tries: 51, tools: 10 },
  going: { recipes: 1, authors: 0, trials: 0, bakes: 0, photos: 0, tries: 51, tools: 9 },
  notes: [],
  safetyCopyId: null,
};

describe('the whole kitchen in one file', () => {
  let api: jasmine.SpyObj<FilesApi>;
  let fixture: ComponentFixture<WholeKitchen>;

  beforeEach(() => {
    api = jasmine.createSpyObj<FilesApi>('FilesApi', [
      'lookAtBackup',
      'restore',
      'undoRestore',
      'restoreProgress',
      'gaps',
    ]);
    TestBed.configureTestingModule({
      providers: [
        { provide: FilesApi, useValue: api },
        provideStore(),
        provideState(kitchenFeature),
      ],
    });
    fixture = TestBed.createComponent(WholeKitchen);
    fixture.detectChanges();
  });

  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const shows = (text: string): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return page().textContent!.replace(/\s+/g, ' ').includes(text);
    });
  const choose = (content: string): void => {
    const field = page().querySelector<HTMLInputElement>('input[type=file]')!;
    const files = new DataTransfer();
    files.items.add(new File([content], 'kitchen.json', { type: 'application/json' }));
    field.files = files.files;
    field.dispatchEvent(new Event('change'));
  };
  const press = (name: string): void =>
    [...page().querySelectorAll('button')]
      .find(({ textContent }) => textContent!.includes(name))!
      .click();
  const BACKUP = JSON.stringify({ format: BACKUP_FORMAT });

  it('says what a backup can’t take while it is being saved', async () => {
    const gap = 'The picture of photo 7 is damaged or gone.';
    api.gaps.and.returnValue(of({ leftOut: [gap] }));
    const link = page().querySelector('a')!;
    // The browser would leave this page.
    link.addEventListener('click', (event) => event.preventDefault());
    link.click();
    await shows(`Not in the backup: ${gap}`);
  });

  it('says how far a restore is, and what was left out of it once it is done', async () => {
    const note = '1 photo can’t be read and will be left out: 7 (its picture is damaged).';
    const restored = new Subject<RestoreReply>();
    api.lookAtBackup.and.returnValue(of({ ...PREVIEW, notes: [note] }));
    api.restore.and.returnValue(restored);
    api.restoreProgress.and.returnValue(of({ percent: 43 }));
    choose(BACKUP);
    await shows(note);
    press('Restore backup');
    await until(() => {
      fixture.detectChanges();
      return page().querySelector('progress')?.value === 43;
    });
    restored.next({ ...PREVIEW, notes: [note], safetyCopyId: 'a' });
    restored.complete();
    await shows('Backup restored.');
    await shows(note);
  });

  it('says what is wrong with a file, and replaces nothing', async () => {
    const detail = 'This is not a complete backup file.';
    api.lookAtBackup.and.returnValue(
      throwError(() => new HttpErrorResponse({ status: 400, error: { detail } })),
    );
    choose('{"format": ');
    await shows(detail);
    expect(page().textContent).not.toContain('Restore backup');
    expect(api.restore).not.toHaveBeenCalled();
  });

  it('says what was mended in a backup before it is restored', async () => {
    api.lookAtBackup.and.returnValue(of({ ...PREVIEW, notes: ['1 recipe has no author.'] }));
    choose(BACKUP);
    await shows('1 recipe has no author.');
  });

  it('shows what would be replaced before anything is, and can be left', async () => {
    api.lookAtBackup.and.returnValue(of(PREVIEW));
    choose(BACKUP);
    await shows('Restoring it replaces everything here');
    const [recipes] = [...page().querySelectorAll('tbody tr')];
    expect([...recipes!.children].map(({ textContent }) => textContent)).toEqual([
      'recipes',
      '6',
      '1',
    ]);
    press('Cancel');
    await shows('Save a backup');
    expect(api.restore).not.toHaveBeenCalled();
  });

  it('restores, and takes that back by the copy that was kept', async () => {
    api.lookAtBackup.and.returnValue(of(PREVIEW));
    api.restore.and.returnValue(of({ ...PREVIEW, safetyCopyId: 'copy' } as RestoreReply));
    api.undoRestore.and.returnValue(throwError(() => new Error('gone')));
    choose(BACKUP);
    await shows('Restore backup');
    press('Restore backup');
    await shows('Backup restored.');
    press('Undo');
    expect(api.undoRestore).toHaveBeenCalledOnceWith('copy');
    await shows('Something went wrong on this page');
  });
});
