import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Temporal } from 'temporal-polyfill';
import type { ClassSummary, Desk, DeskGroup, DeskNext } from '@core/contract';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { WhoSees } from '../../data/who-sees';
import { today } from '../../parts/saying/date-words';
import { DeskPage } from './desk-page';
import { dayWords, untilWords } from './desk-words';

const daysOn = (days: number) => Temporal.PlainDate.from(today()).add({ days }).toString();
const summary: ClassSummary = {
  id: 'spring-9',
  title: 'Spring 9',
  audience: 'mixed',
  slotSeconds: 1500,
  plannedMs: 1_423_000,
  itemCount: 12,
  version: 1,
  updatedAt: '2026-03-01T12:00:00.000Z',
  outline: [],
};
const next: DeskNext = {
  courseId: 'spring',
  course: 'Spring',
  key: daysOn(1),
  number: 9,
  of: 22,
  date: daysOn(1),
  time: '12:15',
  minutes: 25,
  startsAt: Temporal.Now.instant().add({ hours: 20 }).toString({ smallestUnit: 'millisecond' }),
  classId: 'spring-9',
  groupId: 'lunch',
  made: {
    summary,
    people: 11,
    unknown: ['falls-or-faints'],
    putOut: [
      { kit: 'chair', count: 11, perPerson: 1, forOptionOnly: false },
      { kit: 'band', count: 3, perPerson: 1, forOptionOnly: true },
    ],
    steps: [{ name: 'Stand on one leg', words: 'support: three fingertips → one fingertip' }],
    fresh: ['Toe wave'],
  },
  left: {
    runId: 'run-1',
    startedAt: '2026-03-01T12:15:00.000Z',
    note: 'Wind in the hall.',
    owed: [{ words: 'right foot: 2 reps owed, Band: turn the foot in', then: 'pay' }],
    notReached: [{ words: 'Walk and compare', then: 'rests' }],
  },
};
const lunch: DeskGroup = {
  id: 'lunch',
  name: 'Thursday lunch',
  students: [
    { id: 'student-hal', name: 'Hal Bollard' },
    { id: 'student-greta', name: 'Greta Minnow' },
  ],
  measure: [{ protocol: 'knee-to-wall', name: 'knee to wall', studentIds: ['student-hal'], since: '2026-02-20' }],
  moves: [
    {
      studentId: 'student-hal',
      exerciseId: 'one-leg-stand',
      exercise: 'Stand on one leg',
      verdict: 'up',
      words: 'ready',
    },
    {
      studentId: 'student-greta',
      exerciseId: 'one-leg-stand',
      exercise: 'Stand on one leg',
      verdict: 'up',
      words: 'ready',
    },
    {
      studentId: 'student-greta',
      exerciseId: 'rise',
      exercise: 'Rise',
      verdict: 'down',
      words: 'back to “seated”: pain',
    },
  ],
  stops: [{ studentId: 'student-greta', sign: 'pain at night', date: '2026-02-25' }],
};
const lunchComes = [{ id: 'lunch', name: 'Thursday lunch' }];
const clear: Desk = {
  next: null,
  coming: [],
  notTaught: [],
  groups: [],
  doors: [],
  homework: [],
  drafts: [],
  lately: [],
};

/** @param groups what the server says of the groups, as it is asked; null for one of which it says nothing */
async function open(
  desk: Desk | 'away',
  kept: Readonly<Record<string, unknown>> = {},
  others = false,
  groups: readonly (DeskGroup | null)[] = [],
) {
  const store = new MemoryStore();
  for (const [key, value] of Object.entries(kept)) await store.keep(key, value);
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: store },
    ],
  });
  if (others) TestBed.inject(WhoSees).set(true);
  const fixture = TestBed.createComponent(DeskPage);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  http.match('/api/preferences');
  const asked = http.expectOne(({ url }) => url === '/api/desk');
  if (desk === 'away') asked.error(new ProgressEvent('offline'));
  else asked.flush(desk);
  await fixture.whenStable();
  for (const group of groups) {
    const one = http.expectOne(({ url }) => url.startsWith('/api/desk/groups/'));
    if (group) one.flush(group);
    else one.error(new ProgressEvent('offline'));
    await fixture.whenStable();
  }
  fixture.detectChanges();
  const page = fixture.nativeElement as HTMLElement;
  const words = (within = 'main') => (page.querySelector(within)?.textContent ?? '').replace(/\s+/g, ' ').trim();
  const link = (text: string) =>
    [...page.querySelectorAll('a')].find((a) => a.textContent?.trim() === text)?.getAttribute('href');
  return { page, words, link, asked, http, fixture };
}

describe('the desk', () => {
  it('leads with the next class: when, how long until then, what to put out, what moves', async () => {
    const { words, link } = await open({ ...clear, next, groups: lunchComes }, {}, false, [lunch]);
    expect(words('.when')).toContain('12:15');
    expect(words('.when')).toContain('tomorrow');
    expect(words('.when')).toContain('in 20 hours');
    expect(words('.what')).toContain('23:43');
    expect(words('.what')).toContain('1:17 free of 25 min');
    expect(words('.what')).toContain('support: three fingertips → one fingertip');
    expect(words('.needs')).toMatch(/Put out for 11.*chair ?× 11.*band ?× 3 ?for an option/);
    expect(words('.unknown')).toMatch(/^Their files say: somebody has falls.*This class does not know/);
    expect(link('To the floor')).toBe('/class/spring-9/floor');
    expect(link('Thursday lunch')).toBe('/groups/lunch');
  });

  it('says what was left last time, and whether this class has it', async () => {
    const { words } = await open({ ...clear, next });
    expect(words('.needs')).toContain(
      'right foot: 2 reps owed, Band: turn the foot in; the floor offers to pay it back',
    );
    expect(words('.needs')).toContain('not reached: Walk and compare; not in this class');
    expect(words('.needs')).toContain('“Wind in the hall.”');
  });

  it('sends whoever has no class for the date to where it is made', async () => {
    const { words, link } = await open({ ...clear, next: { ...next, classId: null, made: null } });
    expect(words('.what')).toContain('Its class is not made yet');
    expect(link('Make it in the course')).toBe('/courses/spring');
  });

  it('has of a group its stop signs first, then who is looked at again, who goes up together, who goes down and why', async () => {
    const { page, words, link } = await open({ ...clear, next, groups: lunchComes }, {}, false, [lunch]);
    const lines = [...page.querySelectorAll('nw-desk-groups li')].map((li) =>
      li.textContent?.replace(/\s+/g, ' ').trim(),
    );
    expect(lines[0]).toMatch(/^Greta Minnow: pain at night.*clinician’s word; local rules come first\.$/);
    expect(lines[1]).toMatch(/^Look again: knee to wall ?Hal Bollard/);
    expect(lines[2]).toMatch(/^Ready for more: Stand on one leg ?Hal Bollard, Greta Minnow/);
    expect(lines[3]).toMatch(/^A level lower: Rise ?Greta Minnow.*pain$/);
    expect(link('Look again: knee to wall')).toBe('/groups/lunch/look?check=knee-to-wall');
    expect(words()).not.toContain('HB');
  });

  it('has initials where others can see the screen, and nobody’s name on a sheet', async () => {
    const sheet = { id: 'home-1', title: 'For the stairs', who: 'Oswin Drift', studentId: 'oswin', to: daysOn(-2) };
    const { words } = await open({ ...clear, next, groups: lunchComes, homework: [sheet] }, {}, true, [lunch]);
    expect(words()).toContain('HB, GM');
    expect(words()).not.toMatch(/Bollard|Minnow|Oswin/);
    expect(words()).toContain('For the stairs');
  });

  it('has each group as soon as it was looked at, and says of which it knows nothing', async () => {
    const both = [...lunchComes, { id: 'troupe', name: 'The Harbour Reel' }];
    const { words } = await open({ ...clear, next, groups: both }, {}, false, [
      null,
      { ...lunch, id: 'troupe', name: 'Reel' },
    ]);
    expect(words('nw-desk-groups [role=alert]')).toContain('Thursday lunch');
    expect(words('nw-desk-groups [role=alert]')).toContain('cannot be shown');
    expect(words('nw-desk-groups [aria-label=Reel]')).toContain('Hal Bollard');
  });

  it('asks after classes that are in no log, and homework that is over', async () => {
    const missed = { courseId: 'spring', course: 'Spring', key: daysOn(-1), date: daysOn(-1), time: '12:15' };
    const sheet = { id: 'home-1', title: 'For the stairs', who: 'Oswin Drift', studentId: 'oswin', to: daysOn(-2) };
    const { words, link } = await open({ ...clear, notTaught: [missed], homework: [sheet] });
    expect(words()).toContain('yesterday, 12:15: in no log');
    expect(words()).toContain('Oswin Drift, over on');
    expect(link('For the stairs')).toBe('/homework/home-1');
  });

  it('begins with a slot where there is nothing at all, and with the last classes where none comes', async () => {
    expect((await open(clear)).words()).toContain('how long is the slot?');
    TestBed.resetTestingModule();
    const lately = [{ runId: 'run-1', classId: 'class-1', title: 'Lunch', startedAt: '2026-03-01T12:15:00.000Z' }];
    const { words, link } = await open({ ...clear, lately });
    expect(words()).toContain('No class stands in the calendar');
    expect(words()).not.toContain('how long is the slot?');
    expect(link('Lunch')).toBe('/class/class-1/floor');
  });

  it('has what lies open in this browser: a class on its floor, an exercise that is not saved', async () => {
    const run = { begun: true, seenAtMs: Date.now(), start: { classId: 'class-1', plan: { title: 'Lunch' } } };
    const kept = {
      'floor:class-1 run-1': run,
      'floor:class-2 run-2': { ...run, seenAtMs: Date.now() - 7 * 3_600_000, start: { ...run.start, classId: 'old' } },
      'floor:class-3 run-3': { ...run, begun: false },
      'exercise-draft:copy-of-toe-wave': { exercise: { name: { plain: 'My wave' } } },
      'exercise-draft:short-foot:2': { exercise: { name: { plain: '' } } },
      'exercise-draft:torn': 'nonsense',
    };
    const { page, link, words } = await open(clear, kept);
    expect(page.querySelectorAll('.open p')).toHaveLength(3);
    expect(link('Lunch')).toBe('/class/class-1/floor');
    expect(link('My wave')).toBe('/exercises/new?from=toe-wave');
    expect(link('An exercise without a name')).toBe('/exercises/short-foot/edit');
    expect(words('.open .now')).toBe('On the floor here: Lunch');
  });

  it('without the server says so, and has the classes that can be taught all the same', async () => {
    const here = [{ id: 'class-1', title: 'Quiet ankles', slotSeconds: 1200, atMs: 1 }];
    const { words, page, http, fixture } = await open('away', { 'classes-here': { format: 0, classes: here } });
    expect(words()).toContain('The desk cannot be shown');
    expect(words()).toContain('Quiet ankles');
    page.querySelector<HTMLButtonElement>('[role=alert] button')?.click();
    http.expectOne(({ url }) => url === '/api/desk').flush({ ...clear, next });
    await fixture.whenStable();
    expect(words()).toContain('Spring 9');
    expect(words()).not.toContain('Quiet ankles');
  });
});

describe('what is said of a day and a time', () => {
  it('is today, tomorrow, yesterday, or the day by its name', () => {
    const on = (date: string) => dayWords(date, '2026-12-31');
    expect(['2026-12-31', '2027-01-01', '2026-12-30', '2027-01-02'].map(on)).toEqual([
      'today',
      'tomorrow',
      'yesterday',
      'Sat 2 January',
    ]);
  });

  it('counts minutes while they matter, then hours, then days', () => {
    const now = Date.parse('2026-03-03T12:00:00Z');
    const until = (iso: string) => untilWords(iso, now);
    expect(['12:00', '12:01', '13:29', '13:45', '11:55'].map((time) => until(`2026-03-03T${time}:00Z`))).toEqual([
      'now',
      'in 1 minute',
      'in 89 minutes',
      'in 2 hours',
      'began 5 minutes ago',
    ]);
    expect(until('2026-03-06T12:00:00Z')).toBe('in 3 days');
  });
});
