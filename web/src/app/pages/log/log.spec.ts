import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, provideRouter } from '@angular/router';
import { Subject } from 'rxjs';
import type { RunRead } from '@core/contract';
import type { RunEvent } from '@core/run';
import { MemoryStore } from '../../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { Outbox } from '../../data/outbox';
import { LogPage } from './log-page';
import { RunReportPage } from './run-report-page';

const startedAt = '2026-11-24T12:00:00.000Z';
const event = (seq: number, atMs: number, action: RunEvent['event']): RunEvent => ({
  runId: 'run-1',
  deviceId: 'device-1',
  seq,
  atMs,
  event: action,
});

async function open<T>(page: Type<T>, inputs: object, answers: Readonly<Record<string, object | null>>) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
    ],
  });
  const fixture = TestBed.createComponent(page);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  for (const [url, answer] of Object.entries(answers)) {
    const request = http.expectOne(url);
    if (answer) request.flush(answer);
    else request.error(new ProgressEvent('offline'));
  }
  await fixture.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  return { page: element, words: element.textContent.replace(/\s+/g, ' '), http, fixture };
}

/** Whatever waits for the browser's store has been done. */
const soon = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

describe('the log', () => {
  const run = { id: 'run-1', classId: 'class-1', startedAt, plannedMs: 300_000, note: '' };

  it('names each taught class with its plan and how many came, where that was noted', async () => {
    const { page } = await open(
      LogPage,
      {},
      {
        '/api/runs': {
          runs: [
            { ...run, title: 'Quiet ankles', headcount: 8 },
            { ...run, id: 'run-0', title: 'Reel', headcount: null },
          ],
          next: 'cursor-1',
        },
      },
    );
    const [first, second] = [...page.querySelectorAll('li a')];
    expect(first?.getAttribute('href')).toBe('/log/run-1');
    expect(first?.textContent).toContain('8 came');
    expect(first?.textContent).toContain('5:00 planned');
    expect(second?.textContent).not.toContain('came');
    expect(page.textContent).toContain('Earlier classes');
  });

  it('says how a class comes here where nothing was taught yet', async () => {
    const { words } = await open(LogPage, {}, { '/api/runs': { runs: [], next: null } });
    expect(words).toContain('take it to the floor');
  });
});

describe('a class that waited in this browser', () => {
  it('is seen in the log as soon as the server has it', async () => {
    const { page, http, fixture } = await open(LogPage, {}, { '/api/runs': { runs: [], next: null } });
    const start = { classId: 'class-1', version: 1, plan: samplePlan(), startedAt };
    void TestBed.inject(Outbox).put({ kind: 'run-start', format: 1, id: 'letter-1', runId: 'run-1', start });
    await soon();
    http.expectOne('/api/runs/run-1').flush(null);
    await soon();
    const title = 'Quiet ankles';
    const run = { id: 'run-1', classId: 'class-1', title, startedAt, plannedMs: 300_000, headcount: null, note: '' };
    http.expectOne('/api/runs').flush({ runs: [run], next: null });
    await fixture.whenStable();
    expect(page.textContent).toContain(title);
  });
});

describe('one taught class', () => {
  const read = (events: RunEvent[]): RunRead => ({
    id: 'run-1',
    classId: 'class-1',
    version: 1,
    plan: samplePlan(),
    startedAt,
    headcount: 8,
    note: 'Two with sore calves.',
    events,
    revisions: [...sampleRevisions],
  });

  it('sets what happened against the plan, by item and side, late where it took 15 s longer', async () => {
    // the first set-up took 40 s; then the left foot did its three reps of 4 s
    const { page, words } = await open(
      RunReportPage,
      { runId: 'run-1' },
      {
        '/api/runs/run-1': read([
          event(0, 0, { kind: 'started' }),
          event(1, 40_000, { kind: 'started' }),
          event(2, 52_000, { kind: 'ended' }),
        ]),
      },
    );
    const [left] = [...page.querySelectorAll('tbody tr')];
    expect(left?.querySelector('th')?.textContent).toContain('press left');
    const [setUp, work] = [...(left?.querySelectorAll('td.number') ?? [])].map((cell) => cell.textContent?.trim());
    expect(setUp).toMatch(/^0:40 \/ 0:\d\d$/);
    expect(work).toBe('0:12 / 0:12');
    expect(left?.querySelector('td.late')).not.toBeNull();
    expect(words).toContain('8 came');
    expect(words).toContain('Two with sore calves.');
    expect(words).toContain('right foot: 3 reps owed, press');
  });

  it('is put right afterwards: how many came, and the note', async () => {
    const { page, http, fixture } = await open(RunReportPage, { runId: 'run-1' }, { '/api/runs/run-1': read([]) });
    const press = async (words: string) => {
      [...page.querySelectorAll('button')].find((b) => b.textContent?.includes(words))?.click();
      await fixture.whenStable();
    };
    await press('Change headcount and note');
    page.querySelector<HTMLInputElement>('input[type=number]')!.value = '11';
    page.querySelector('textarea')!.value = 'Three with sore calves.';
    await press('Put it right');
    await TestBed.inject(Outbox).ready;
    const sent = http.expectOne({ method: 'PUT', url: '/api/runs/run-1/remarks' });
    expect(sent.request.body).toEqual({ headcount: 11, note: 'Three with sore calves.' });
    sent.flush(null);
    await soon();
    http.expectOne('/api/runs/run-1').flush({ ...read([]), headcount: 11, note: 'Three with sore calves.' });
    await fixture.whenStable();
    expect(page.textContent).toContain('11 came');
    expect(page.querySelector('form')).toBeNull();
  });

  it('keeps what was typed where the server refuses it', async () => {
    const { page, http, fixture } = await open(RunReportPage, { runId: 'run-1' }, { '/api/runs/run-1': read([]) });
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('Change headcount'))?.click();
    await fixture.whenStable();
    page.querySelector('textarea')!.value = 'Three with sore calves.';
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('Put it right'))?.click();
    await TestBed.inject(Outbox).ready;
    const refused = { type: 'urn:x', title: 'Not kept', status: 422, detail: 'Too long.', code: 'not-valid' };
    http.expectOne({ method: 'PUT', url: '/api/runs/run-1/remarks' }).flush(refused, { status: 422, statusText: 'x' });
    await soon();
    await fixture.whenStable();
    expect(page.querySelector('textarea')?.value).toBe('Three with sore calves.');
  });

  it('is taken out of the log, and brought back from the toast', async () => {
    const { page, http } = await open(RunReportPage, { runId: 'run-1' }, { '/api/runs/run-1': read([]) });
    const back = new Subject<void>();
    const offered = jest.spyOn(TestBed.inject(MatSnackBar), 'open').mockReturnValue({
      onAction: () => back,
    } as unknown as ReturnType<MatSnackBar['open']>);
    const went = jest.spyOn(TestBed.inject(Router), 'navigate').mockResolvedValue(true);
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('Take it out'))?.click();
    http.expectOne({ method: 'DELETE', url: '/api/runs/run-1' }).flush(null);
    expect([went.mock.calls.at(-1)?.[0], offered.mock.calls.at(-1)?.[0]]).toEqual([
      ['/log'],
      '“Quiet ankles” is out of the log.',
    ]);
    back.next();
    http.expectOne({ method: 'POST', url: '/api/runs/run-1/restore' }).flush(null);
    expect(went.mock.calls.at(-1)?.[0]).toEqual(['/log', 'run-1']);
  });

  it('says so where nothing was started', async () => {
    const { words } = await open(RunReportPage, { runId: 'run-1' }, { '/api/runs/run-1': read([]) });
    expect(words).toContain('Nothing was started in this class.');
  });

  it('says that it cannot be shown, with a way back', async () => {
    const { page } = await open(RunReportPage, { runId: 'run-1' }, { '/api/runs/run-1': null });
    expect(page.querySelector('[role=alert]')?.textContent).toContain('This taught class cannot be shown');
    expect(page.querySelector('[role=alert] a')?.getAttribute('href')).toBe('/log');
  });
});
