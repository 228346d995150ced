import { TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { NEVER, type Observable, of, throwError } from 'rxjs';
import type { LadderNote } from '@core/roster/ladder-note';
import { type Plan, addRecheck, applyCommand } from '@core/plan';
import { reps } from '@core/dose';
import { newStudent } from '@core/roster/student';
import { MemoryStore } from '../../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { ClassApi } from '../../data/class-api';
import { ClassPackages } from '../../data/class-packages';
import type { Letter } from '../../data/letter';
import { Outbox } from '../../data/outbox';
import { PeopleApi } from '../../data/people-api';
import { RunApi } from '../../data/run-api';
import { CLOCKS, FloorClock } from './floor-clock';
import { FloorStore } from './floor-store';
import { KeptRunStore } from './kept-run-store';
import { LastTimeFlow } from './last-time-flow';
import { LeavingFlow } from './leaving-flow';
import { RosterFlow } from './roster-flow';
import { TonePlayer } from './tone-player';

const [press, rise] = sampleRevisions;
const bare = samplePlan(reps(5));
const looked = applyCommand(bare, addRecheck(bare, 'item-0', rise!.exercise, rise!.revision, () => 'look-1')!.command);
if (!looked.ok) throw new Error(looked.error.code);
/** Pressing, a look again at it, rising; for a group. */
const plan: Plan = { ...looked.value, brief: { ...looked.value.brief, groupId: 'group-1' } };
const agreed = { date: '2026-01-01', by: 'self' } as const;
const students = [
  { ...newStudent('student-1', 'Dora Keelson', ['group-1']), consent: agreed },
  { ...newStudent('student-2', 'Hal Bollard', ['group-1']), consent: agreed },
  newStudent('student-3', 'Una Pebble', ['group-1']),
].map((student) => ({ student, version: 1, updatedAt: '2026-01-01T00:00:00.000Z' }));

describe('a class taught to people with names', () => {
  let store: FloorStore;
  let roster: RosterFlow;
  let letters: Letter[];
  let last: LastTimeFlow;
  let kept: MemoryStore;
  const shelf = () => kept.shelf;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const open = async (
    rehearsal = false,
    answers: { readonly people?: Observable<unknown>; readonly last?: unknown } = {},
  ) => {
    letters = [];
    kept = new MemoryStore();
    const read = { plan, version: 1, updatedAt: '', revisions: [...sampleRevisions], taught: 0, standbys: [] };
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        FloorStore,
        FloorClock,
        KeptRunStore,
        LastTimeFlow,
        RosterFlow,
        { provide: ClassApi, useValue: {} },
        { provide: ClassPackages, useValue: { read: () => of({ read, fromHere: false }) } },
        { provide: PeopleApi, useValue: { groupReadings: () => answers.people ?? of({ students }) } },
        { provide: RunApi, useValue: { lastTime: () => of({ last: answers.last ?? null }) } },
        LeavingFlow,
        { provide: MatDialog, useValue: {} },
        { provide: BrowserStore, useValue: kept },
        { provide: TonePlayer, useValue: { plan: jest.fn(), hush: jest.fn() } },
        {
          provide: Outbox,
          useValue: { put: (letter: Letter) => Promise.resolve(letters.push(letter)), ready: Promise.resolve() },
        },
        { provide: CLOCKS, useValue: { monotonicMs: () => 0, wallMs: () => 0, beats$: NEVER } },
      ],
    });
    store = TestBed.inject(FloorStore);
    roster = TestBed.inject(RosterFlow);
    last = TestBed.inject(LastTimeFlow);
    await store.open('class-1', rehearsal);
    TestBed.tick();
  };
  const notes = (): LadderNote[] => letters.flatMap((letter) => (letter.kind === 'note' ? [letter.note] : []));
  const takenOut = () => letters.flatMap((letter) => (letter.kind === 'note-out' ? [letter.noteId] : []));
  const outs = () => letters.flatMap((letter) => (letter.kind === 'note-out' ? [[letter.noteId, letter.out]] : []));
  const feels = (sensation: 'sharp-pain' | 'numbness' | 'faint' | 'burn') => {
    store.act({ kind: 'sensed', itemId: 'item-0', sensation });
    return store.state()!.sensed.at(-1)!.atMs;
  };

  it('what each says goes into their own file, where they agreed to have one; the log has the hands alone', async () => {
    await open();
    roster.answer('look-1', 'student-1', 'better');
    roster.answer('look-1', 'student-2', 'better');
    roster.answer('look-1', 'student-3', 'worse');
    expect(store.state()!.tallies).toEqual([{ itemId: 'look-1', better: 2, same: 0, worse: 1 }]);
    expect(notes().map(({ studentId, exerciseId, what }) => [studentId, exerciseId, what])).toEqual([
      ['student-1', press!.exercise.id, { kind: 'answered', answer: 'better' }],
      ['student-2', press!.exercise.id, { kind: 'answered', answer: 'better' }],
    ]);
    expect(JSON.stringify(store.played()!.events)).not.toMatch(/student|Dora/);
  });

  it('said another way the first answer is taken out, said again all of it is', async () => {
    await open();
    roster.answer('look-1', 'student-1', 'better');
    const [first] = notes();
    roster.answer('look-1', 'student-1', 'same');
    expect(takenOut()).toEqual([first!.id]);
    expect(store.state()!.tallies).toEqual([{ itemId: 'look-1', better: 0, same: 1, worse: 0 }]);
    roster.answer('look-1', 'student-1', 'same');
    expect(takenOut()).toEqual(notes().map(({ id }) => id));
    expect(store.state()!.tallies).toEqual([{ itemId: 'look-1', better: 0, same: 0, worse: 0 }]);
  });

  it('one undo takes back one answer: hands and note, one after the other', async () => {
    await open();
    roster.answer('look-1', 'student-1', 'better');
    roster.answer('look-1', 'student-1', 'worse');
    const [better, worse] = notes().map(({ id }) => id);
    store.undo();
    TestBed.tick();
    expect(store.state()!.tallies).toEqual([{ itemId: 'look-1', better: 1, same: 0, worse: 0 }]);
    expect(store.names().answers).toMatchObject([{ answer: 'better', noteId: better }]);
    expect(outs()).toEqual([
      [better, true],
      [worse, true],
      [better, false],
    ]);
    store.undo();
    TestBed.tick();
    expect([store.state()!.tallies, store.names().answers]).toEqual([[], []]);
    expect(outs().at(-1)).toEqual([better, true]);
  });

  it('a stop is that student’s: they rest by name, the class goes on, and it can be somebody else', async () => {
    await open();
    const atMs = feels('faint');
    expect(roster.resting()).toMatchObject([{ who: 'one student', named: false }]);
    roster.feels(atMs, 'student-1', 'faint', 'both');
    roster.feels(atMs, 'student-3', 'faint', 'both');
    expect(roster.resting()).toMatchObject([{ who: 'Una Pebble', named: true }]);
    // that something is wrong is minded whether measures are kept or not
    expect(notes().map(({ studentId, what }) => [studentId, what.kind])).toEqual([
      ['student-1', 'stop'],
      ['student-3', 'stop'],
    ]);
    expect(takenOut()).toEqual([notes()[0]!.id]);
    expect(store.state()!.status).not.toBe('over');
    roster.forget(atMs);
    expect(takenOut()).toHaveLength(2);
    expect(roster.resting()).toMatchObject([{ named: false }]);
  });

  it('a sensation that is taken back takes its note with it', async () => {
    await open();
    roster.feels(feels('faint'), 'student-1', 'faint', 'both');
    store.undo();
    TestBed.tick();
    expect(takenOut()).toEqual(notes().map(({ id }) => id));
    expect([store.names().felt, roster.resting()]).toEqual([[], []]);
  });

  it('numbness is a sign once it stays', async () => {
    await open();
    const atMs = feels('numbness');
    roster.feels(atMs, 'student-2', 'numbness', 'left');
    expect([notes(), roster.resting()[0]!.stays]).toEqual([[], true]);
    roster.stays(atMs);
    expect(notes()).toMatchObject([
      { studentId: 'student-2', what: { kind: 'stop', sign: 'numbness or tingling that stays' } },
    ]);
    expect(roster.resting()[0]!.stays).toBe(false);
  });

  it('who came is written down for each who agreed, but for those tapped away', async () => {
    await open();
    roster.turn('student-2');
    roster.turn('student-1');
    roster.turn('student-1');
    roster.writePresent();
    expect(notes().map(({ studentId, what }) => [studentId, what.kind])).toEqual([['student-1', 'present']]);
  });

  it('seconds that were no class leave nothing in anybody’s file, and no names in this browser', async () => {
    await open();
    roster.answer('look-1', 'student-1', 'better');
    roster.feels(feels('faint'), 'student-2', 'faint', 'both');
    await TestBed.inject(LeavingFlow).leaveOut();
    expect(takenOut().sort()).toEqual(
      notes()
        .map(({ id }) => id)
        .sort(),
    );
    expect(JSON.stringify([...shelf()])).not.toContain('Dora');
  });

  it('who was there is forgotten by this browser once the class is over and left', async () => {
    await open();
    store.act({ kind: 'started' });
    await soon();
    expect(JSON.stringify([...shelf()])).toContain('Dora');
    store.act({ kind: 'ended' });
    TestBed.resetTestingModule();
    await soon();
    expect(JSON.stringify([...shelf()])).not.toContain('Dora');
  });

  it('nobody is named in a rehearsal, nor where the server does not say who is in the group', async () => {
    await open(true);
    expect(roster.students()).toEqual([]);
    expect(roster.unknown()).toBe(false);
    await open(false, { people: throwError(() => new Error('away')) });
    expect([roster.students(), roster.unknown()]).toEqual([[], true]);
  });

  it('what was left last time is told before the first tap, and paid back with one', async () => {
    const owed = [{ itemId: 'item-0', side: 'left' as const, units: 2 }];
    const left = {
      runId: 'run-1',
      startedAt: '2026-01-02T12:00:00.000Z',
      note: 'Bring tape.',
      owed,
      notReached: ['item-1'],
    };
    await open(false, { last: left });
    const [line] = last.lines();
    expect(line).toContain('left foot: 2 reps owed');
    expect(line).toContain('not reached:');
    expect(line).toContain('“Bring tape.”');
    last.take();
    expect(store.state()!.plan.blocks[0]!.items[0]).toMatchObject({
      sides: { mode: 'extra-reps', weaker: 'left', more: 2 },
    });
    expect(store.met()).toContain('Paid back');
    expect(last.offer()).toBeNull();
    store.unmeet();
    expect(store.state()!.plan).toEqual(plan);
    store.act({ kind: 'started' });
    expect(last.lines()).toEqual([]);
  });
});
