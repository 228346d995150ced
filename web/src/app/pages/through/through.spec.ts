import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { CUSTOM_ELEMENTS_SCHEMA, type Type, computed, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { EMPTY } from 'rxjs';
import { counts, reps } from '@core/dose';
import { type Brief, type Item, type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { review } from '@core/sequence';
import { builtIn, named } from '../../../testing/built-in';
import { LocalWorker } from '../../../testing/local-worker';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { PlanStore } from '../designer/plan-store';
import { ReviewStream } from '../designer/review-stream';
import { TonePlayer } from '../floor/tone-player';
import { CupboardStore } from './cupboard-store';
import { IdeaView } from './idea/idea-view';
import { KitView } from './kit/kit-view';
import { LoadView } from './load/load-view';
import { WorkChart } from './load/work-chart';
import { Looked } from './looked';
import { MusicView } from './music/music-view';
import { SightView } from './sight/sight-view';

type Entry = string | readonly [id: string, change: Partial<Item>];
const classOf = (entries: readonly Entry[], brief: Partial<Brief> = {}, music: Partial<Plan['music']> = {}): Plan => {
  const plan = newPlan('class-1', 'Looked through', 3600);
  const items = entries.map((entry, i): Item => {
    const [id, change] = typeof entry === 'string' ? [entry, {}] : entry;
    return { ...newItem(`item-${i}`, named(id).exercise, named(id).revision), ...change };
  });
  return {
    ...plan,
    brief: { ...plan.brief, ...brief },
    music: { ...plan.music, ...music },
    blocks: [newBlock('block-1', 'Work', items)],
  };
};

/** The review of the class as it stands, at once. */
class ReviewNow {
  private readonly store = inject(PlanStore);
  readonly findings = computed(() => {
    const plan = this.store.plan();
    if (!plan) return [];
    let n = 0;
    return review({ plan, timeline: this.store.timelineOf(plan), library: builtIn, nextId: () => `added-${++n}` });
  });
}

async function open<T>(view: Type<T>, plan: Plan) {
  const worker = new LocalWorker();
  const snack = { open: () => ({ onAction: () => EMPTY, afterDismissed: () => EMPTY }) };
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      PlanStore,
      CupboardStore,
      Looked,
      { provide: ReviewStream, useClass: ReviewNow },
      { provide: MatSnackBar, useValue: snack },
      { provide: WORKER_FACTORY, useValue: () => worker },
    ],
  });
  // what is drawn is Chromium's; here its words and figures are asked
  TestBed.overrideComponent(LoadView, { remove: { imports: [WorkChart] }, add: { schemas: [CUSTOM_ELEMENTS_SCHEMA] } });
  const watched = { observe: jest.fn(), disconnect: jest.fn(), unobserve: jest.fn() };
  window.ResizeObserver = jest.fn(() => watched);
  const store = TestBed.inject(PlanStore);
  store.open(plan, builtIn);
  const fixture = TestBed.createComponent(view);
  const page = fixture.nativeElement as HTMLElement;
  const settled = async () => {
    fixture.detectChanges();
    await new Promise((resolve) => setTimeout(resolve, 170));
    worker.drain();
    await fixture.whenStable();
    fixture.detectChanges();
  };
  await settled();
  const text = () => (page.textContent ?? '').replace(/\s+/g, ' ');
  const button = (words: string) =>
    [...page.querySelectorAll<HTMLButtonElement>('button')].find((b) =>
      (b.ariaLabel ?? b.textContent ?? '').includes(words),
    )!;
  return {
    page,
    store,
    settled,
    text,
    button,
    fixture,
    press: async (words: string) => {
      button(words).click();
      await settled();
    },
    choose: async (label: string, value: string) => {
      const select = page.querySelector<HTMLSelectElement>(`select[aria-label="${label}"]`)!;
      select.value = value;
      select.dispatchEvent(new Event('change'));
      await settled();
    },
    type: async (label: string, value: string) => {
      const field = [...page.querySelectorAll<HTMLInputElement>('input')].find(
        (one) => one.ariaLabel === label || one.closest('label')?.textContent?.includes(label),
      )!;
      field.value = value;
      field.dispatchEvent(new Event('input'));
      field.dispatchEvent(new Event('change'));
      await settled();
    },
  };
}

describe('the load of a class', () => {
  it('counts rises on each foot, names where it piles up, and one press relieves it', async () => {
    const lift = ['splay-and-twist', 'short-foot', 'cloth-drag'];
    const { page, text, store, settled } = await open(
      LoadView,
      classOf([...lift, ['two-foot-rise', { dose: [reps(12)] }]]),
    );
    expect([...page.querySelectorAll('.feet tbody tr')].map((row) => row.querySelector('td')!.textContent)).toEqual([
      '12',
      '12',
    ]);
    expect(text()).toContain('is the third arch-burning item without letting go');
    page.querySelector<HTMLButtonElement>('.fault button')!.click();
    await settled();
    expect(itemsOf(store.plan()!)).toHaveLength(5);
    expect(text()).not.toContain('third arch-burning');
  });

  it('is held against the last classes of the group: what stands out is named, the rest is as usual', async () => {
    const { text, settled } = await open(LoadView, classOf(['two-foot-rise'], { groupId: 'troupe' }));
    const rises = { left: 4, right: 4 };
    const load = { rises, landings: { left: 0, right: 0 }, regions: {} };
    const taught = [1, 2].map((n) => ({
      runId: `run-${n}`,
      classId: 'class-1',
      startedAt: `2026-11-0${n}T18:00:00.000Z`,
      title: 'Lunch',
      load,
    }));
    TestBed.inject(HttpTestingController).expectOne('/api/runs/loads?group=troupe').flush({ taught });
    await settled();
    expect(text()).toContain('▲ more than in any of them');
    expect(text()).toMatch(/As they were taught: Lunch/);
  });

  it('says so where the class names no group, and where the log cannot be asked', async () => {
    const alone = await open(LoadView, classOf(['two-foot-rise']));
    expect(alone.text()).toContain('names no group');
    TestBed.resetTestingModule();
    const away = await open(LoadView, classOf(['two-foot-rise'], { groupId: 'troupe' }));
    TestBed.inject(HttpTestingController)
      .expectOne('/api/runs/loads?group=troupe')
      .flush(null, { status: 500, statusText: 'away' });
    await away.settled();
    expect(away.text()).toContain('cannot be asked just now');
  });
});

describe('the kit of a class', () => {
  it('“I have 3 bands” for eleven: who shares, what those who wait do, what it costs', async () => {
    const { store, text, press, settled, page } = await open(KitView, classOf(['band-turn-out'], { people: 11 }));
    expect(page.querySelector('.pieces b')!.textContent).toBe('11');
    await press('Enough of band: count them');
    store.do({
      type: 'edit-class',
      change: { brief: { ...store.plan()!.brief, cupboard: { band: 3 } } },
    });
    await settled();
    expect(text()).toContain('3 × band for 11');
    expect(text()).toContain('4 turns: 3, 3, 3 and 2 people.');
    expect(text()).toMatch(/min \d+ s more than with enough of them|s more than with enough/);
    expect(text()).toMatch(/the others (do|are partners)/);
    // whoever opens the room is told what there is
    expect(page.querySelector('.list')!.textContent).toContain('3 × band');
  });

  it('bands that go to and fro: one press, and each is handled less often', async () => {
    const { text, press, page } = await open(
      KitView,
      classOf(['band-turn-in', 'band-turn-out', 'seated-band-turn-in'], { people: 11 }),
    );
    expect(text()).toContain('Each person handles it 3 times.');
    await press('Bring together what lies at one place: 1 fewer');
    expect(text()).toContain('Each person handles it 2 times.');
    expect(page.querySelectorAll('.bands li')).toHaveLength(6);
  });

  it('a cloth class in a carpeted room is told so, with what would help', async () => {
    const { page, store } = await open(KitView, classOf(['towel-gather'], { floor: 'carpet', people: 4 }));
    const fault = page.querySelector('.fault')!;
    expect(fault.textContent).toContain('needs a smooth hard floor');
    fault.querySelector('button')!.click();
    expect(
      itemsOf(store.plan()!)[0]?.exerciseId === 'towel-gather' && itemsOf(store.plan()!)[0]!.substitutes.length === 0,
    ).toBe(false);
  });

  it('takes nothing from the cupboard where nothing is needed, and asks how many come', async () => {
    const { text, store, press } = await open(KitView, classOf(['walk-and-notice']));
    expect(text()).toContain('takes nothing from the cupboard');
    await press('say how many people');
    expect(store.plan()!.brief.people).toBe(10);
  });
});

describe('sight', () => {
  const behind = builtIn.find(
    ({ exercise: { faults, performance } }) => faults[0]?.from === 'behind' && performance.facing === 'support',
  )!;
  const front = builtIn.find(
    ({ exercise: { faults, performance } }) => faults[0]?.from === 'front' && performance.facing === 'support',
  )!;

  it('who goes round turns nobody; who stays in front turns the class', async () => {
    const { text, choose } = await open(SightView, classOf([front.exercise.id, behind.exercise.id]));
    expect(text()).toContain('Nobody has to turn round. You change your place once.');
    await choose('Where I stand', 'front');
    expect(text()).toContain('The class turns round once. You stay in one place.');
  });

  it('what nobody sees is said with what would help, and one press helps', async () => {
    const heels = builtIn.find(({ exercise: { faults } }) => faults[0]?.from === 'mirror in front')!;
    const { text, choose, page } = await open(SightView, classOf([heels.exercise.id]));
    expect(text()).toContain('Nobody sees the first fault of 1 exercise.');
    expect(text()).toContain('There is no mirror here');
    await choose('Mirror', 'front');
    expect(text()).not.toContain('Nobody sees');
    expect(page.querySelector('nw-room-plan .mirror')).not.toBeNull();
  });

  it('two who teach are told who watches what', async () => {
    const two = builtIn.find(
      ({ exercise: { faults } }) => faults[0]?.from === 'front' && faults[1]?.from === 'behind',
    )!;
    const { choose, page } = await open(SightView, classOf([two.exercise.id]));
    await choose('How many teach', '2');
    const who = [...page.querySelectorAll('ul li p b')].map((b) => b.textContent);
    expect(who.sort()).toEqual(['the first:', 'the second:']);
    expect(page.querySelectorAll('nw-room-plan .teacher')).toHaveLength(2);
  });

  it('a circle looks to its middle', async () => {
    const { text, choose } = await open(SightView, classOf(['spread-and-narrow']));
    await choose('How they stand', 'circle');
    expect(text()).toMatch(/they look to the middle/);
  });
});

describe('the idea', () => {
  it('is offered by what the class carries already, taken with a press, and left again', async () => {
    const { page, store, press, text } = await open(IdeaView, classOf(['two-foot-rise', 'outer-edge-stand']));
    const offered = [...page.querySelectorAll('.offers b')].map((b) => b.textContent);
    expect(offered).toHaveLength(10);
    await press('The inner ball stays heavy.');
    expect(store.plan()!.brief).toMatchObject({
      idea: 'The inner ball stays heavy.',
      ideaTie: { kind: 'listed', id: 'inner-ball' },
    });
    expect(text()).toContain('asks the opposite');
    expect(text()).toContain('For once the inner ball may leave');
    // two exercises, and one of them asks the opposite
    expect(text()).toContain('About half of the class asks the opposite.');
    await press('Go without');
    expect(store.plan()!.brief).toMatchObject({ idea: '', ideaTie: null });
  });

  it('of the teacher’s own words is followed once it is said what they are about', async () => {
    const { type, choose, text, store, page } = await open(IdeaView, classOf(['two-foot-rise']));
    await type('What you say to the class', 'Print the stamp.');
    expect(text()).toContain('Say what it is about');
    const tie = [...page.querySelectorAll('option')].find((o) => o.textContent === 'the inner ball presses')!.value;
    await choose('What the idea is about', tie);
    expect(store.plan()!.brief).toMatchObject({
      idea: 'Print the stamp.',
      ideaTie: { kind: 'place', place: 'innerBall', contact: 'press' },
    });
    expect(text()).toContain('100 % of the work carries the inner ball presses');
    await type('What you say to the class', '  ');
    expect(store.plan()!.brief).toMatchObject({ idea: '', ideaTie: null });
  });
});

describe('the music', () => {
  const tide = { id: 'tide', title: 'Tide', beatsPerMinute: 96, seconds: 30 };
  const steps: Entry = ['easy-stepping', { dose: [counts(4, 8, 104)], piece: 'tide' }];

  it.each(['0', '400', '', '96.5', 'quick'])('a tempo of “%s” is refused in words', async (tempo) => {
    const { type, text } = await open(MusicView, classOf(['two-foot-rise']));
    await type('beats a minute', tempo);
    expect(text()).toContain('A tempo is a whole number from 30 to 240');
  });

  it.each(['', '0:75', '2 minutes', '0:03', '90:00'])(
    'a length of “%s” is refused, and nothing is added',
    async (length) => {
      const { type, press, text, store } = await open(MusicView, classOf(['two-foot-rise']));
      await type('Title', 'Tide');
      await type('length', length);
      await press('Add the piece');
      expect(text()).toContain('minutes and seconds, as 3:20');
      expect(store.plan()!.music.pieces).toEqual([]);
    },
  );

  it('a piece needs a title; with one it is in the class', async () => {
    const { type, press, text, store } = await open(MusicView, classOf(['two-foot-rise']));
    await press('Add the piece');
    expect(text()).toContain('A piece needs its title.');
    await type('Title', ' Tide ');
    await type('length', '3:20');
    await press('Add the piece');
    expect(store.plan()!.music.pieces).toMatchObject([{ title: 'Tide', beatsPerMinute: 96, seconds: 200 }]);
  });

  it('says what stands on a piece, takes its tempo, and closes on an eight', async () => {
    const { text, press, store } = await open(
      MusicView,
      classOf([steps, ['easy-stepping', { dose: [counts(1, 12, 96)] }]], {}, { pieces: [tide] }),
    );
    expect(text()).toContain('one eight and 4: it does not close');
    await press('Close it on an eight');
    await press('Count 96');
    expect(itemsOf(store.plan()!).map(({ dose }) => dose[0])).toMatchObject([
      { phrases: 4, countsPerPhrase: 8, beatsPerMinute: 96 },
      { phrases: 2, countsPerPhrase: 12 },
    ]);
    // 32 counts at 96 are 20 s of 30
    expect(text()).toContain('0:20, 10 s left.');
  });

  it('a piece that is too short is told by how much; taken out, what stood on it goes on without', async () => {
    const { text, press, store } = await open(
      MusicView,
      classOf([['easy-stepping', { dose: [counts(8, 8, 96)], piece: 'tide' }]], {}, { pieces: [tide] }),
    );
    expect(text()).toContain('over 10 s too soon');
    await press('Take it out');
    expect(store.plan()!.music.pieces).toEqual([]);
    expect(itemsOf(store.plan()!)[0]!.piece).toBeNull();
  });

  it('a tapped tempo is read off the instants of the taps, and the count-in is the class’s', async () => {
    const { fixture, text, choose, store, settled } = await open(MusicView, classOf([steps], {}, { pieces: [tide] }));
    const view = fixture.componentInstance as unknown as { tap: (at: number) => void };
    for (let i = 0; i < 8; i++) view.tap(1000 + 500 * i);
    await settled();
    expect(text()).toContain('120 a minute');
    const before = store.timeline()!.totalMs;
    await choose('Count-in', '8');
    expect(store.plan()!.music.countIn).toBe(8);
    // 8 counts at 104 are 4.6 s, and items are padded to whole seconds
    expect(Math.abs(store.timeline()!.totalMs - before - 4615)).toBeLessThan(1000);
  });

  it('ticks on the audio clock: the first of each eight higher, ahead of time, and silent when it is asked to', async () => {
    const { fixture, press } = await open(MusicView, classOf([steps]));
    const tones = fixture.debugElement.injector.get(TonePlayer);
    const planned: { kind: string; atMs: number }[] = [];
    jest.spyOn(tones, 'wake').mockImplementation(() => undefined);
    jest.spyOn(tones, 'plan').mockImplementation((due) => void planned.push(...due));
    const hush = jest.spyOn(tones, 'hush');
    await press('Let it tick');
    const beats = planned.slice(0, 5);
    expect(beats[0]!.kind).toBe('rep');
    expect(beats.slice(1).map(({ kind }) => kind)).toEqual(['beat', 'beat', 'beat', 'beat']);
    const gaps = beats.slice(1).map(({ atMs }, i) => atMs - beats[i]!.atMs);
    for (const gap of gaps) expect(gap).toBeCloseTo(625, 5);
    await press('Silence');
    expect(hush).toHaveBeenCalled();
  });
});
