import { until } from '../../testing/until';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { of } from 'rxjs';
import type { ImportReply } from '@ypsigram/contract';
import { TablesApi } from '../../api/trials-api';
import { TableImport } from './table-import';

const PREVIEW: ImportReply = {
  ready: 2,
  known: 1,
  problems: [{ row: 3, message: 'grams: This should be a number.' }],
  importId: null,
};

describe('a table that comes in', () => {
  let fixture: ComponentFixture<TableImport>;
  let api: jasmine.SpyObj<TablesApi>;

  beforeEach(() => {
    api = jasmine.createSpyObj<TablesApi>('api', ['send']);
    TestBed.configureTestingModule({ providers: [{ provide: TablesApi, useValue: api }] });
    fixture = TestBed.createComponent(TableImport);
    fixture.componentRef.setInput('address', '/api/trials/csv');
    fixture.componentRef.setInput('what', 'trials');
    fixture.detectChanges();
  });

  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function choose(text: string): Promise<void> {
    const field = page().querySelector<HTMLInputElement>('input[type=file]')!;
    const files = new DataTransfer();
    files.items.add(new File([text], 'trials.csv', { type: 'text/csv' }));
    field.files = files.files;
    field.dispatchEvent(new Event('change'));
    await until(() => {
      fixture.detectChanges();
      return page().querySelector('.preview, .problem') !== null;
    });
  }
  const button = (name: RegExp) =>
    [...page().querySelectorAll('button')].find(({ textContent }) => name.test(textContent ?? ''));

  it('is looked at first: what would come in, and which rows can not', async () => {
    api.send.and.returnValue(of(PREVIEW));
    await choose('hand,grams');
    expect(api.send).toHaveBeenCalledOnceWith('/api/trials/csv', 'hand,grams', true);
    expect(page().textContent).toContain('2 trials can be imported');
    expect(page().textContent).toContain('Row 3: grams');
  });

  it('comes in when the baker says so', async () => {
    const done = { ...PREVIEW, importId: 'i' };
    api.send.and.returnValues(of(PREVIEW), of(done));
    let came: ImportReply | null = null;
    fixture.componentInstance.imported.subscribe((reply) => (came = reply));
    await choose('hand,grams');
    button(/Import 2/)!.click();
    fixture.detectChanges();
    expect(api.send.calls.mostRecent().args[2]).toBeFalse();
    expect(came).toEqual(done as unknown as null);
    expect(page().textContent).not.toContain('can come in');
  });

  it('can be left, and offers nothing when nothing can come in', async () => {
    api.send.and.returnValue(of({ ...PREVIEW, ready: 0 }));
    await choose('hand,grams');
    expect(button(/Import/)).toBeUndefined();
    button(/Close/)!.click();
    fixture.detectChanges();
    expect(page().textContent).not.toContain('Row 3');
  });

  it('is refused before it is sent when it is too large', async () => {
    await choose('x'.repeat(5 * 1024 * 1024 + 1));
    expect(api.send).not.toHaveBeenCalled();
    expect(page().textContent).toContain('larger than 5 MB');
  });
});
