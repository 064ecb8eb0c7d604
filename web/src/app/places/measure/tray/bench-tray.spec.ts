import { TestBed } from '@angular/core/testing';
import { bakeOf, benchWith } from '../../../testing/bake';
import { BenchSession } from '../work/bench-session';
import { BenchTray } from './bench-tray';

describe('the tray', () => {
  const labels = (element: HTMLElement): (string | null)[] =>
    [...element.querySelectorAll('button')].map((button) => button.getAttribute('aria-label'));

  it('tells of each container how full it is, and whether to look again', () => {
    benchWith(bakeOf('container'), BenchSession);
    const session = TestBed.inject(BenchSession);
    const fixture = TestBed.createComponent(BenchTray);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    expect(labels(element)).toEqual(['All-purpose wheat flour: empty', 'Fine table salt: empty']);
    session.do({ do: 'weigh', route: 'container', line: 'flour', grams: 300, scale: 's' });
    session.do({ do: 'weigh', route: 'container', line: 'salt', grams: 6, scale: 's' });
    session.do({ do: 'cover', line: 'salt', isCovered: true });
    fixture.detectChanges();
    expect(labels(element)).toEqual([
      'All-purpose wheat flour: ready, 300 g, look again',
      'Fine table salt: ready, covered, 6.0 g',
    ]);
    session.do({ do: 'leave', line: 'flour' });
    fixture.detectChanges();
    expect(labels(element)[0]).toBe('All-purpose wheat flour: ready, 300 g');
  });

  it('leads back to each of them', () => {
    benchWith(bakeOf('container'), BenchSession);
    const session = TestBed.inject(BenchSession);
    const fixture = TestBed.createComponent(BenchTray);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    element.querySelectorAll('button')[1]!.click();
    fixture.detectChanges();
    expect(session.currentId()).toBe('salt');
    expect(element.querySelector('[aria-current=step]')?.getAttribute('aria-label')).toContain(
      'salt',
    );
  });
});
