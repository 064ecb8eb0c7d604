import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ArrowRadios } from './arrow-radios';

@Component({
  selector: 'yg-spec-radios',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ArrowRadios],
  template: `
    <div role="radiogroup" aria-label="One of three">
      @for (name of names; track name) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="chosen() === name"
          (click)="chosen.set(name)"
        >
          {{ name }}
        </button>
      }
    </div>
  `,
})
class SpecRadios {
  readonly names = ['fill', 'container', 'bowl'];
  readonly chosen = signal('fill');
}

describe('radios that are buttons', () => {
  function radios() {
    const fixture = TestBed.createComponent(SpecRadios);
    fixture.detectChanges();
    document.body.append(fixture.nativeElement as HTMLElement);
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    const press = (key: string, init: KeyboardEventInit = {}): KeyboardEvent => {
      const event = new KeyboardEvent('keydown', {
        key,
        bubbles: true,
        cancelable: true,
        ...init,
      });
      document.activeElement!.dispatchEvent(event);
      return event;
    };
    return { chosen: fixture.componentInstance.chosen, buttons, press };
  }

  it('are chosen by arrows, once around, and the focus goes along', () => {
    const { chosen, buttons, press } = radios();
    buttons[0]!.focus();
    press('ArrowRight');
    expect(chosen()).toBe('container');
    expect(document.activeElement).toBe(buttons[1]!);
    press('ArrowDown');
    press('ArrowDown');
    expect(chosen()).toBe('fill');
    expect(press('ArrowLeft').defaultPrevented).toBe(true);
    expect(chosen()).toBe('bowl');
  });

  it('leave other keys, and arrows that mean something else, alone', () => {
    const { chosen, buttons, press } = radios();
    buttons[0]!.focus();
    expect(press('Tab').defaultPrevented).toBe(false);
    expect(press('ArrowRight', { altKey: true }).defaultPrevented).toBe(false);
    expect(chosen()).toBe('fill');
  });
});
