import { TestBed } from '@angular/core/testing';
import type { Keeping } from '@ypsigram/core/reading';
import { KeepingQuestion } from './keeping-question';

describe('whether a recipe is for keeping', () => {
  const open = (keeping: Keeping, forKeeping?: boolean) => {
    const fixture = TestBed.createComponent(KeepingQuestion);
    fixture.componentRef.setInput('keeping', keeping);
    fixture.componentRef.setInput('forKeeping', forKeeping);
    const told: (boolean | undefined)[] = [];
    fixture.componentInstance.told.subscribe((answer) => told.push(answer));
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const press = (words: string): void =>
      [...element.querySelectorAll('button')]
        .find((button) => button.textContent.includes(words))!
        .click();
    return { element, told, press };
  };

  it('is asked, with two answers', () => {
    const { element, told, press } = open('asked');
    expect(element.textContent).toContain('Is this for keeping outside the fridge?');
    press('Yes, for keeping');
    press('No, it is eaten soon');
    expect(told).toEqual([true, false]);
  });

  it('says what a preserve is, and lets an answer be taken back', () => {
    expect(open('preserve').element.querySelector('button')).toBeNull();
    const { element, told, press } = open('preserve', true);
    expect(element.textContent).toContain('not scaled and not converted');
    press('It is not for keeping after all');
    expect(told).toEqual([undefined]);
  });
});
