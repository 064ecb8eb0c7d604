import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Opened } from './opened';

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Opened],
  template: `
    <button type="button" id="opener" (click)="isOpen.set(true)">Add</button>
    @if (isOpen()) {
      <form (ygOpened)="isOpen.set(false)">
        <input disabled />
        <input id="first" />
      </form>
    }
  `,
})
class SpecForm {
  readonly isOpen = signal(false);
}

describe('what opens where it was asked for', () => {
  function opened() {
    const fixture = TestBed.createComponent(SpecForm);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    fixture.detectChanges();
    const opener = host.querySelector<HTMLElement>('#opener')!;
    opener.focus();
    opener.click();
    fixture.detectChanges();
    return { fixture, host, opener };
  }

  afterEach(() => (document.activeElement as HTMLElement | null)?.blur());

  it('has the keyboard on the first thing that can be worked with', async () => {
    const { fixture, host } = opened();
    await fixture.whenStable();
    await new Promise((later) => setTimeout(later));
    expect(document.activeElement).toBe(host.querySelector('#first'));
    host.remove();
  });

  it('closes by Escape, and the keyboard is where it was before', async () => {
    const { fixture, host, opener } = opened();
    await new Promise((later) => setTimeout(later));
    const escape = new KeyboardEvent('keydown', { key: 'Escape', bubbles: true });
    host.querySelector('#first')!.dispatchEvent(escape);
    fixture.detectChanges();
    expect(host.querySelector('form')).toBeNull();
    expect(document.activeElement).toBe(opener);
    host.remove();
  });
});
