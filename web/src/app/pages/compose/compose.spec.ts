import { HttpErrorResponse } from '@angular/common/http';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { of, throwError } from 'rxjs';
import { type ComposeBrief, usualBrief } from '@core/compose';
import type { GroupTaught, RunSummary } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { type Plan, defaultPace, itemsOf } from '@core/plan';
import { type Student, newStudent } from '@core/roster';
import { builtIn } from '../../../testing/built-in';
import { LocalWorker } from '../../../testing/local-worker';
import { MemoryStore } from '../../../testing/memory-store';
import { samplePlan } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { LadderFile } from '../../data/ladder-file';
import { LibraryStore } from '../../data/library-store';
import { NewClass } from '../../data/new-class';
import { PeopleApi } from '../../data/people-api';
import { PeopleList } from '../../data/people-list';
import { Preferences } from '../../data/preferences';
import { RunApi } from '../../data/run-api';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { ComposePage } from './compose-page';

const rise = builtIn.find(({ exercise }) => exercise.id === 'two-foot-rise')!.exercise;
const taught: GroupTaught = {
  times: { 'two-foot-rise': 3 },
  last: {
    title: 'Rises',
    startedAt: '2026-11-01T10:00:00.000Z',
    lead: 'left',
    items: [{ exerciseId: 'two-foot-rise', rungId: rise.ladder?.startRung ?? null }],
  },
};
const helped = Array.from({ length: 4 }, (_, i) => ({
  exerciseId: 'short-foot',
  answer: 'better' as const,
  runId: `run-${i}`,
}));
const group = { format: 1 as const, id: 'lunch', name: 'Thursday lunch', note: '', archived: false };
const lately: RunSummary = {
  id: 'run-1',
  classId: 'class-1',
  title: 'Thursday lunch',
  startedAt: '2026-11-01T10:00:00.000Z',
  plannedMs: 1200_000,
  headcount: 11,
  note: '',
};
const students = [
  newStudent('mara', 'Mara Lind', ['lunch']),
  {
    ...newStudent('una-p', 'Una Pebble', ['lunch']),
    cautions: [{ concern: 'sore-achilles' as const, note: '', cleared: null }],
  },
];

/** @param lastAt when the group had its last class; null: nobody can say */
async function open(brief: Partial<ComposeBrief> = {}, lastAt: string | null = taught.last!.startedAt) {
  const worker = new LocalWorker();
  const who = signal<readonly Student[]>([]);
  const store = new MemoryStore();
  const opened = jest.fn<Promise<void>, [Plan]>(() => Promise.resolve());
  await store.keep('brief', { format: 0, brief: { ...usualBrief, slotSeconds: 480, looks: false, ...brief } });
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      { provide: BrowserStore, useValue: store },
      { provide: MatSnackBar, useValue: { open: jest.fn() } },
      { provide: WORKER_FACTORY, useValue: () => worker },
      { provide: NewClass, useValue: { open: opened } },
      {
        provide: LibraryStore,
        useValue: {
          exercises: signal(builtIn),
          library: signal({ status: 'ready', value: builtIn, cut: false }),
          load: () => undefined,
        },
      },
      {
        provide: Preferences,
        useValue: { school: signal(defaultSchool), pace: signal(defaultPace()), load: () => undefined },
      },
      {
        provide: RunApi,
        useValue: { list: () => of({ runs: [lately], next: null }), read: () => of({ plan: samplePlan() }) },
      },
      {
        provide: PeopleApi,
        useValue: {
          taught: () =>
            lastAt === null
              ? throwError(() => new HttpErrorResponse({ status: 0 }))
              : of({ ...taught, last: { ...taught.last!, startedAt: lastAt } }),
          helped: () => of({ answers: helped, names: { 'short-foot': 'Short foot' } }),
        },
      },
    ],
  }).overrideComponent(ComposePage, {
    add: {
      providers: [
        {
          provide: PeopleList,
          useValue: {
            groups: signal([group, { ...group, id: 'reel', name: 'The Harbour Reel' }]),
            load: () => undefined,
          },
        },
        {
          provide: LadderFile,
          useValue: {
            students: who,
            found: signal({ status: 'ready', value: null }),
            ask: (id: string) => who.set(id === group.id ? students : [newStudent('odd', 'Odd Gull', [id])]),
          },
        },
      ],
    },
  });
  const fixture = TestBed.createComponent(ComposePage);
  const settle = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    worker.drain();
    await fixture.whenStable();
  };
  await settle();
  const page = fixture.nativeElement as HTMLElement;
  const button = (words: string, within: Element = page) =>
    [...within.querySelectorAll<HTMLButtonElement>('button')].find((b) =>
      (b.getAttribute('aria-label') ?? b.textContent ?? '').includes(words),
    )!;
  const choose = async (label: string, value: string) => {
    const select = page.querySelector<HTMLSelectElement>(`select[aria-label="${label}"]`)!;
    select.value = value;
    select.dispatchEvent(new Event('change'));
    await settle();
  };
  const click = async (words: string, within: Element = page) => {
    button(words, within).click();
    await settle();
  };
  const cards = () => [...page.querySelectorAll('nw-proposal-card article')];
  const namesIn = (card: Element) => [...card.querySelectorAll('.name')].map((name) => name.textContent?.trim());
  const asked = () =>
    worker.heard.flatMap((m) => (m.kind === 'start' && m.job.kind === 'compose' ? [m.job.asked] : []));
  return { page, fixture, worker, store, settle, button, choose, click, cards, namesIn, asked, opened };
}

describe('a class from a brief', () => {
  it('three classes come back, each with its idea, its time, its exercises and their reasons', async () => {
    const { click, cards, page } = await open();
    await click('Compose three classes');
    expect(cards()).toHaveLength(3);
    for (const card of cards()) {
      expect(card.querySelector('.time')?.textContent).toMatch(
        /\d:\d\d\s+likely\s+\d:\d\d to \d+:\d\d · \d+ % moving about/,
      );
      expect(card.querySelector('.idea')?.textContent).toMatch(/“.+”/);
      expect(card.querySelectorAll('.part p').length).toBeGreaterThan(1);
      expect(card.querySelectorAll('.part .carries').length).toBeGreaterThan(0);
    }
    expect(page.querySelector('.not')?.textContent).toMatch(/belong to another school than yours/);
  });

  it('the brief is one sentence: what is filled in is what is asked for, and it is there again next time', async () => {
    const { choose, asked, click, store, page, settle } = await open();
    await choose('Who comes', 'dancers');
    await choose('More kit', 'band');
    await choose('Somebody has', 'sore-knees');
    await choose('Above all', 'toes');
    expect(page.textContent).toContain('sore knees');
    await click('Compose three classes');
    expect(asked()[0]!.brief).toMatchObject({
      who: 'dancers',
      kit: { band: 12 },
      concerns: ['sore-knees'],
      focus: { toes: 30 },
    });
    await click('No band');
    await click('Nobody has sore knees');
    await click('Not above all: toes');
    await new Promise((done) => setTimeout(done, 450));
    await settle();
    expect(store.shelf.get('brief')).toMatchObject({ brief: { who: 'dancers', concerns: [], focus: {} } });
  });

  it('the last place where people can be is not taken away', async () => {
    const { page, settle, click, asked } = await open({ places: ['chair'] });
    const chairs = [...page.querySelectorAll('label')].find((l) => l.textContent?.includes('on chairs'))!;
    const box = chairs.querySelector('input')!;
    box.click();
    await settle();
    expect(box.checked).toBe(true);
    await click('Compose three classes');
    expect(asked()[0]!.brief.places).toEqual(['chair']);
  });

  it('another in the place of one keeps the rest; as it was brings it back', async () => {
    const { click, cards, namesIn } = await open();
    await click('Compose three classes');
    const before = namesIn(cards()[0]!);
    await click(`Another exercise in the place of ${before[0]}`, cards()[0]);
    const after = namesIn(cards()[0]!);
    expect(after).not.toContain(before[0]);
    expect(before.slice(1).every((name) => after.includes(name))).toBe(true);
    await click('As it was', cards()[0]);
    expect(namesIn(cards()[0]!)).toEqual(before);
  });

  it('what was sent away stays away, and each change can be taken back', async () => {
    const { click, cards, namesIn, asked } = await open();
    await click('Compose three classes');
    const first = namesIn(cards()[0]!);
    await click(`Another exercise in the place of ${first[0]}`, cards()[0]);
    const second = namesIn(cards()[0]!);
    const fresh = second.find((name) => !first.includes(name))!;
    await click(`Another exercise in the place of ${fresh}`, cards()[0]);
    expect(asked().at(-1)!.without).toHaveLength(2);
    expect(namesIn(cards()[0]!)).not.toEqual(expect.arrayContaining([first[0]]));
    await click('As it was', cards()[0]);
    expect(namesIn(cards()[0]!)).toEqual(second);
    await click('As it was', cards()[0]);
    expect(namesIn(cards()[0]!)).toEqual(first);
  });

  it('a changed class keeps the brief it was made for, whatever is written above it since', async () => {
    const { click, cards, namesIn, asked, choose, page } = await open();
    await click('Compose three classes');
    const [label] = [...cards()[0]!.querySelectorAll('.shares button')].map((b) => b.getAttribute('aria-label')!);
    await click(label!, cards()[0]);
    const { focus } = asked().at(-1)!.brief;
    expect(page.textContent).not.toContain('The brief has changed');
    await choose('Who comes', 'dancers');
    expect(page.textContent).toContain('The brief has changed: these are for what it was.');
    await click(`Another exercise in the place of ${namesIn(cards()[0]!)[0]}`, cards()[0]);
    expect(asked().at(-1)!.brief).toMatchObject({ who: 'mixed', focus });
    await click('Compose three classes');
    expect([asked().at(-1)!.seed, asked().at(-1)!.brief.who]).toEqual([1, 'dancers']);
  });

  it('three others, and back to the three before with what was changed in them', async () => {
    const { click, cards, namesIn, asked } = await open();
    await click('Compose three classes');
    await click(`Another exercise in the place of ${namesIn(cards()[0]!)[0]}`, cards()[0]);
    const three = () => cards().map(namesIn);
    const before = three();
    await click('Three others');
    expect(three()).not.toEqual(before);
    const others = three();
    await click('The three before');
    expect(three()).toEqual(before);
    await click('Three others');
    expect(three()).toEqual(others);
    expect(asked().flatMap(({ seed }) => (seed < 1000 ? [seed] : []))).toEqual([1, 2, 2]);
  });

  it('more of a family asks for a larger share of it with all that is there; another like this comes beside them', async () => {
    const { click, cards, asked, page } = await open();
    await click('Compose three classes');
    const label = cards()[0]!.querySelector('.shares button')!.getAttribute('aria-label')!;
    await click(label, cards()[0]);
    const [, more] = asked();
    expect(Object.values(more!.brief.focus)).toHaveLength(1);
    expect(more!.kept!.length).toBeGreaterThan(2);
    await click('Another like this', cards()[0]);
    const [, , like] = asked();
    expect(like).toMatchObject({ count: 1, brief: { idea: like!.brief.idea } });
    expect(like!.shown).toHaveLength(3);
    expect(cards().length + Number(page.textContent?.includes('There is nothing else'))).toBe(4);
  });

  it('opens as an ordinary class, its reasons beside its exercises', async () => {
    const { click, cards, opened } = await open();
    await click('Compose three classes');
    await click('Open in the designer', cards()[1]);
    const [plan] = opened.mock.calls[0]!;
    expect(plan.title).toBe(cards()[1]!.querySelector('h2')!.textContent);
    expect(itemsOf(plan).every(({ because }) => because.length > 10)).toBe(true);
  });

  it('with a group: who comes, what they have and what they were taught go with the brief', async () => {
    const { choose, click, asked, page } = await open();
    await choose('The group', 'lunch');
    expect(page.textContent).toMatch(/Last time, 1 Nov( 2026)?: “Rises”, 1 exercise. About half come back./);
    expect(page.textContent).toContain('What helped them comes again where it can: Short foot.');
    // how many come and what they have is taken with the group; what is taken out of it can be had again
    await click('Nobody has a sore Achilles tendon');
    await click('2 come, as their files say');
    await click('Compose three classes');
    expect(asked()[0]).toMatchObject({
      lead: 'right',
      history: { times: taught.times, last: taught.last!.items },
      brief: { groupId: 'lunch', people: 2, concerns: ['sore-achilles'] },
      roster: { students: [{ id: 'mara' }, { id: 'una-p' }] },
    });
  });

  it('what was said by hand stays when a group is chosen, and what came with a group goes with it', async () => {
    const { choose, page } = await open();
    const minded = () =>
      [...page.querySelectorAll('button')].flatMap(
        (b) => /^Nobody has (.+)/.exec(b.getAttribute('aria-label') ?? '')?.[1] ?? [],
      );
    await choose('Somebody has', 'sore-knees');
    await choose('The group', 'lunch');
    expect(minded()).toEqual(['sore knees', 'a sore Achilles tendon']);
    await choose('The group', 'reel');
    expect(minded()).toEqual(['sore knees']);
  });

  it('what the last class used and the sentence lacks is there with one press', async () => {
    const { choose, click, asked, page } = await open({ kit: {} });
    await choose('The group', 'lunch');
    const button = [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('what last time used'))!;
    expect(button.textContent).toMatch(/what last time used: .+/);
    await click('what last time used');
    expect(page.textContent).not.toContain('what last time used');
    await click('Compose three classes');
    expect(Object.keys(asked()[0]!.brief.kit).length).toBeGreaterThan(0);
  });

  it('a group that had no class for weeks comes back a level lower, until its teacher says otherwise', async () => {
    const { choose, click, asked, page, settle } = await open({}, '2026-01-08T10:00:00.000Z');
    await choose('The group', 'lunch');
    const label = [...page.querySelectorAll('label')].find((l) =>
      l.textContent?.includes('after weeks without a class'),
    );
    const box = label!.querySelector('input')!;
    expect(box.checked).toBe(true);
    await click('Compose three classes');
    expect(asked()[0]!.brief.afterBreak).toBe(true);
    box.click();
    await settle();
    await click('Compose three classes');
    expect(asked()[1]!.brief.afterBreak).toBe(false);
  });

  it('says where what a group was taught cannot be read', async () => {
    const { choose, page } = await open({}, null);
    await choose('The group', 'lunch');
    expect(page.textContent).toContain('What is known of this group could not be read');
  });

  it('a class of the log is followed: not the same again; and a school’s answer is for this class alone', async () => {
    const { choose, click, asked, page } = await open();
    await choose('The class taught before it', 'run-1');
    await choose('Otherwise for this class', 'release');
    await choose('Where does release belong?', 'closes');
    await click('Compose three classes');
    expect(asked()[0]).toMatchObject({ brief: { school: { release: 'closes' } } });
    expect(asked()[0]!.history!.last.map(({ exerciseId }) => exerciseId)).toEqual(
      itemsOf(samplePlan()).map(({ exerciseId }) => exerciseId),
    );
    await click('As I teach: Where does release belong?');
    expect(page.textContent).not.toContain('it closes the class');
  });

  it('what clashes is said, and a brief that works is one click away', async () => {
    const { click, page, cards } = await open({ slotSeconds: 180, looks: true });
    await click('Compose three classes');
    expect(page.querySelector('[role=alert]')?.textContent).toMatch(/In 3 minutes the look first and again take/);
    await click('without the look first and again');
    expect(cards().length).toBeGreaterThan(0);
    expect(page.querySelector('.clash')).toBeNull();
  });

  it('can be stopped, and stops when the page is left', async () => {
    const { button, page, fixture, worker } = await open();
    button('Compose three classes').click();
    await Promise.resolve();
    fixture.detectChanges();
    button('Stop').click();
    await fixture.whenStable();
    expect(page.querySelector('[role=status]')?.textContent).toContain('Stopped');
    expect(worker.heard.some(({ kind }) => kind === 'cancel')).toBe(true);
    button('Compose three classes').click();
    fixture.destroy();
    worker.drain();
    expect(worker.waiting).toEqual([]);
  });
});
