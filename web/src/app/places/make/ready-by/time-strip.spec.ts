import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Schedule, TimeBlock } from '@ypsigram/core/bench/oven';
import { TimeStrip } from './time-strip';

const at = (minute: number): string => new Date(Date.UTC(2026, 2, 14, 13, minute)).toISOString();
const block = (id: string, kind: TimeBlock['kind'], from: number, to: number): TimeBlock => ({
  id,
  kind,
  text: '',
  from: at(from),
  to: at(to),
  isWaiting: kind !== 'combine',
  isGuessed: false,
});
const SCHEDULE: Schedule = {
  startAt: at(0),
  readyAt: at(120),
  oven: { from: at(60), to: at(120), celsius: 180 },
  blocks: [
    block('a', 'combine', 0, 40),
    block('heat', 'heat', 60, 80),
    block('b', 'bake', 80, 120),
  ],
};

describe('the strip of time', () => {
  let fixture: ComponentFixture<TimeStrip>;
  let moved: number[];
  const svg = (): SVGSVGElement => (fixture.nativeElement as HTMLElement).querySelector('svg')!;

  beforeEach(() => {
    fixture = TestBed.createComponent(TimeStrip);
    fixture.componentRef.setInput('schedule', SCHEDULE);
    fixture.componentRef.setInput('now', Date.parse(at(30)));
    moved = [];
    fixture.componentInstance.moved.subscribe((minutes) => moved.push(minutes));
    fixture.detectChanges();
  });

  it('lays work, oven and fridge out on rows of their own, to the minute', () => {
    const boxes = [...svg().querySelectorAll('g rect')].map((rect) => [
      Number(rect.getAttribute('x')),
      Number(rect.getAttribute('width')),
      rect.getAttribute('y'),
    ]);
    const [work, heat, bake] = boxes as [number, number, string][];
    const whole = Number(svg().getAttribute('viewBox')!.split(' ')[2]);
    expect(work![1] / whole).toBeCloseTo(1 / 3, 6);
    expect(bake![0] / whole).toBeCloseTo(2 / 3, 6);
    expect(heat![2]).toBe(bake![2]);
    expect(work![2]).not.toBe(bake![2]);
    expect(Number(svg().querySelector('.now')!.getAttribute('x1')) / whole).toBeCloseTo(0.25, 6);
  });

  it('is moved by five minutes with a key', () => {
    for (const key of ['ArrowRight', 'ArrowLeft', 'Home']) {
      svg().dispatchEvent(new KeyboardEvent('keydown', { key }));
    }
    expect(moved).toEqual([5, -5]);
  });

  it('is dragged to the nearest five minutes, and says nothing of a mere click', () => {
    const whole = Number(svg().getAttribute('viewBox')!.split(' ')[2]);
    spyOn(svg(), 'setPointerCapture');
    const drag = (by: number): void => {
      svg().dispatchEvent(new PointerEvent('pointerdown', { clientX: 10 }));
      svg().dispatchEvent(new PointerEvent('pointermove', { clientX: 10 + by }));
      svg().dispatchEvent(new PointerEvent('pointerup'));
    };
    drag((whole * 31) / 120);
    drag(0);
    expect(moved).toEqual([30]);
  });

  it('says in words when to start and when it is ready', () => {
    expect(svg().getAttribute('aria-label')).toMatch(/start at \d\d:00, ready at \d\d:00/);
  });
});
