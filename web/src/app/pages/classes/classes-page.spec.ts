import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { ClassSummary } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { ClassOutline } from '../../parts/thread/class-outline';
import { ClassesPage } from './classes-page';

const summary: ClassSummary = {
  id: 'class-1',
  title: 'Quiet ankles',
  audience: 'dancers',
  slotSeconds: 600,
  plannedMs: 640_000,
  itemCount: 1,
  version: 1,
  updatedAt: '2026-11-24T12:00:00.000Z',
  outline: [
    [0, 60, 'left', 'reps'],
    [60, 60, 'right', 'reps'],
    [200, 300, 'both', 'hold'],
  ],
};

describe('the page of classes', () => {
  async function open(answer: { classes: ClassSummary[]; next: string | null } | null) {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: new MemoryStore() },
      ],
    });
    const fixture = TestBed.createComponent(ClassesPage);
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: defaultSchool });
    const request = http.expectOne('/api/classes');
    if (answer) request.flush(answer);
    else request.error(new ProgressEvent('offline'));
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    return { page, words: page.textContent.replace(/\s+/g, ' '), http, fixture };
  }

  it('says how each class stands against its slot', async () => {
    const { words } = await open({
      classes: [summary, { ...summary, id: 'class-2', plannedMs: 570_000, itemCount: 4 }],
      next: null,
    });
    expect(words).toContain('Dancers · 1 item');
    expect(words).toContain('10:400:40 over of 10 min');
    expect(words).toContain('Dancers · 4 items');
    expect(words).toContain('9:300:30 free of 10 min');
  });

  it('begins with a slot where nothing is planned yet', async () => {
    const { page, words } = await open({ classes: [], next: null });
    expect(words).toContain('How long is your next slot?');
    expect([...page.querySelectorAll('nw-slot-choice button')].map((b) => b.textContent?.trim())).toEqual([
      '5 minutes',
      '10 minutes',
      '20 minutes',
      '45 minutes',
      '60 minutes',
    ]);
  });

  it('says that nothing can be shown, and shows it when the server is back', async () => {
    const { page, http, fixture } = await open(null);
    expect(page.querySelector('[role=alert]')?.textContent).toContain('No classes to show');
    page.querySelector<HTMLButtonElement>('[role=alert] button')?.click();
    http.expectOne('/api/classes').flush({ classes: [summary], next: null });
    await fixture.whenStable();
    expect(page.querySelector('[role=alert]')).toBeNull();
    expect(page.querySelector('.title')?.textContent).toBe('Quiet ankles');
  });

  it('shows older classes when they are asked for, and offers no more than there are', async () => {
    const { page, http, fixture } = await open({ classes: [summary], next: 'cursor-1' });
    page.querySelector<HTMLButtonElement>('.more button')?.click();
    http
      .expectOne('/api/classes?after=cursor-1')
      .flush({ classes: [{ ...summary, id: 'class-0', title: 'Older' }], next: null });
    await fixture.whenStable();
    expect([...page.querySelectorAll('.title')].map((t) => t.textContent)).toEqual(['Quiet ankles', 'Older']);
    expect(page.querySelector('.more')).toBeNull();
  });
});

describe('the strip of a class', () => {
  it('has each foot on its own thread, what both do on both, up to the longer of slot and class', async () => {
    const fixture = TestBed.createComponent(ClassOutline);
    fixture.componentRef.setInput('summary', summary);
    await fixture.whenStable();
    const strip = fixture.nativeElement as HTMLElement;
    const at = (foot: string) => [...strip.querySelectorAll(`rect.${foot}`)].map((r) => Number(r.getAttribute('x')));
    const pxPerSecond = 298 / 640;
    expect(at('left')).toEqual([0, 200 * pxPerSecond]);
    expect(at('right')).toEqual([60 * pxPerSecond, 200 * pxPerSecond]);
    const slot = strip.querySelector('.slot')?.getAttribute('d');
    expect(slot).toBe(`M${600 * pxPerSecond} 2V42`);
    // a hold is drawn taller than reps
    const heights = [...strip.querySelectorAll('rect.left')].map((r) => Number(r.getAttribute('height')));
    expect(heights[1]).toBeGreaterThan(heights[0]!);
  });

  it('lets the end of the slot come nearer where the class being taught is late, and is pale beyond it', async () => {
    const fixture = TestBed.createComponent(ClassOutline);
    fixture.componentRef.setInput('summary', summary);
    fixture.componentRef.setInput('slotEndsMs', 150_000);
    await fixture.whenStable();
    const strip = fixture.nativeElement as HTMLElement;
    expect(strip.querySelector('.slot')?.getAttribute('d')).toBe(`M${150 * (298 / 640)} 2V42`);
    const pale = [...strip.querySelectorAll('rect.left')].map((r) => r.classList.contains('beyond'));
    expect(pale).toEqual([false, true]);
    // early, it stays in the picture
    fixture.componentRef.setInput('slotEndsMs', 900_000);
    await fixture.whenStable();
    expect(strip.querySelector('.slot')?.getAttribute('d')).toBe('M298 2V42');
  });
});
