import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { catchError, distinctUntilChanged, filter, of, switchMap } from 'rxjs';
import type { GroupReadings } from '@core/contract';
import { findItem } from '@core/plan';
import { type Answer, type Sensation, type Tally, restingNow, sensationAnswers } from '@core/run';
import { type FeltNote, feltNote, stayingNumb } from '@core/roster/felt-note';
import { initialsIn } from '@core/roster/initials';
import type { LadderNote } from '@core/roster/ladder-note';
import { newId } from '../../data/new-id';
import { Outbox } from '../../data/outbox';
import { PeopleApi } from '../../data/people-api';
import { WhoSees } from '../../data/who-sees';
import { today } from '../../parts/saying/date-words';
import { FloorStore } from './floor-store';
import type { Names } from './kept-run';

const unnamed = 'one student';
type Foot = LadderNote['foot'];

/**
 * The group of a class, by name: who said what at a look again, who felt something and rests, who came. What is said of
 * somebody goes into their own file, where they agreed to have one; the log counts, and names nobody.
 */
@Injectable()
export class RosterFlow {
  private readonly store = inject(FloorStore);
  private readonly api = inject(PeopleApi);
  private readonly outbox = inject(Outbox);
  private readonly whoSees = inject(WhoSees);

  private readonly groupId = computed(() =>
    this.store.begun() ? (this.store.state()?.plan.brief.groupId ?? null) : null,
  );
  /** What had been said before each answer that was given on this page. */
  private readonly said: { readonly lookId: string; readonly answers: Names['answers'] }[] = [];
  private readonly lost = signal(false);
  /** The class has a group, and the server does not say who is in it. */
  readonly unknown = this.lost.asReadonly();
  /** Everybody in the group, as they are called on this screen. */
  readonly students = computed(() => {
    const { students } = this.store.names();
    const initials = this.whoSees.others() ? initialsIn(students) : null;
    return students.map((one) => ({ ...one, called: initials?.get(one.id) ?? one.name }));
  });
  /** Who rests now, called by name where that was said. */
  readonly resting = computed(() => {
    const state = this.store.state();
    const { felt } = this.store.names();
    const called = new Map(this.students().map(({ id, called: words }) => [id, words]));
    return (state ? restingNow(state) : []).map(({ atMs, sensation, toTheEnd }) => {
      const one = felt.find((told) => told.atMs === atMs);
      return {
        atMs,
        who: called.get(one?.studentId ?? '') ?? unnamed,
        named: one !== undefined,
        stays: one !== undefined && sensation === 'numbness' && one.noteId === null,
        words: `${sensationAnswers[sensation].name}${toTheEnd ? ', to the end' : ''}`,
      };
    });
  });

  constructor() {
    // a sensation that is taken back takes with it what was written down of somebody
    effect(() => {
      const state = this.store.state();
      const orphan = this.store.names().felt.find(({ atMs }) => !state?.sensed.some((one) => one.atMs === atMs));
      if (state && orphan) untracked(() => this.forget(orphan.atMs));
    });
    // hands that are taken back take back what was said by name
    effect(() => {
      const tallies = this.store.state()?.tallies ?? [];
      const earlier = this.said.at(-1);
      const now = earlier && handsIn(this.store.names().answers, earlier.lookId);
      const shown = earlier && tallies.find(({ itemId }) => itemId === earlier.lookId);
      const back = earlier && handsIn(earlier.answers, earlier.lookId);
      if (earlier && now && back && !sameHands(now, shown) && sameHands(back, shown)) untracked(() => this.unsay());
    });
    toObservable(this.groupId)
      .pipe(
        distinctUntilChanged(),
        filter((id) => id !== null && this.store.names().students.length === 0),
        // without the server there are hands, and no names
        switchMap((id) => this.api.groupReadings(id ?? '', []).pipe(catchError(() => of(null)))),
        takeUntilDestroyed(),
      )
      .subscribe((found) => {
        this.lost.set(found === null);
        if (found) this.meet(found);
      });
  }

  /** What somebody said at a look again; said again it is taken back. The hands of the room follow. */
  answer(lookId: string, studentId: string, answer: Answer): void {
    const state = this.store.state();
    const names = this.store.names();
    if (!state) return;
    const before = names.answers.find((one) => one.itemId === lookId && one.studentId === studentId);
    if (before?.noteId) this.takeOut(before.noteId, studentId);
    const others = names.answers.filter((one) => one !== before);
    const drillId = findItem(state.plan, lookId)?.item.recheck?.of ?? null;
    const exerciseId = drillId === null ? null : (findItem(state.plan, drillId)?.item.exerciseId ?? null);
    const taken = before?.answer !== answer;
    const what = { kind: 'answered' as const, answer };
    const noteId = taken && exerciseId !== null ? this.write(studentId, { exerciseId, foot: 'both', what }) : null;
    const answers = taken ? [...others, { itemId: lookId, studentId, answer, noteId }] : others;
    this.said.push({ lookId, answers: names.answers });
    this.store.name({ ...names, answers });
    this.store.act({ kind: 'tallied', itemId: lookId, ...handsIn(answers, lookId) });
  }

  /** What was said before the last answer holds again, here and in each one's file. */
  private unsay(): void {
    const earlier = this.said.pop();
    const names = this.store.names();
    if (!earlier) return;
    const has = (list: Names['answers'], noteId: string | null) => list.some((one) => one.noteId === noteId);
    for (const { noteId, studentId } of names.answers)
      if (noteId && !has(earlier.answers, noteId)) this.takeOut(noteId, studentId);
    for (const { noteId, studentId } of earlier.answers)
      if (noteId && !has(names.answers, noteId)) this.takeOut(noteId, studentId, false);
    this.store.name({ ...names, answers: earlier.answers });
  }

  /** Says who felt it: into their own file goes what matters there. */
  feels(atMs: number, studentId: string, sensation: Sensation, foot: Foot): void {
    const state = this.store.state();
    const names = this.store.names();
    const itemId = state?.sensed.find((one) => one.atMs === atMs)?.itemId ?? null;
    const item = state && itemId !== null ? (findItem(state.plan, itemId)?.item ?? null) : null;
    const note = feltNote(sensation, { exerciseId: item?.exerciseId ?? null, rungId: item?.rungId ?? null, foot });
    this.forget(atMs);
    const felt = names.felt.filter((one) => one.atMs !== atMs);
    const noteId = note ? this.write(studentId, note) : null;
    this.store.name({ ...names, felt: [...felt, { atMs, studentId, noteId }] });
  }

  /** It was somebody else, or nobody. */
  forget(atMs: number): void {
    const names = this.store.names();
    const told = names.felt.find((one) => one.atMs === atMs);
    if (!told) return;
    if (told.noteId) this.takeOut(told.noteId, told.studentId);
    this.store.name({ ...names, felt: names.felt.filter((one) => one !== told) });
  }

  /** Numb, and it does not pass: that freezes their ladders until a clinician's word. */
  stays(atMs: number): void {
    const names = this.store.names();
    const told = names.felt.find((one) => one.atMs === atMs);
    if (!told) return;
    const noteId = this.write(told.studentId, {
      exerciseId: null,
      foot: 'both',
      what: { kind: 'stop', sign: stayingNumb },
    });
    this.store.name({ ...names, felt: names.felt.map((one) => (one === told ? { ...one, noteId } : one)) });
  }

  /** Who was not there after all; and was. */
  turn(studentId: string): void {
    const names = this.store.names();
    const was = names.away.includes(studentId);
    const away = was ? names.away.filter((id) => id !== studentId) : [...names.away, studentId];
    this.store.name({ ...names, away });
  }

  /** Writes down who came, in the file of each who agreed to have one. */
  writePresent(): void {
    const { students, away } = this.store.names();
    for (const { id } of students)
      if (!away.includes(id)) this.write(id, { exerciseId: null, foot: 'both', what: { kind: 'present' } });
  }

  /** It was no class: nothing of it stays in anybody's file. */
  takeBack(): void {
    const names = this.store.names();
    for (const { noteId, studentId } of [...names.answers, ...names.felt]) if (noteId) this.takeOut(noteId, studentId);
    this.store.name({ ...names, answers: [], felt: [] });
  }

  private meet({ students }: GroupReadings): void {
    const known = students.map(({ student: { id, name, consent } }) => ({ id, name, consents: consent !== null }));
    this.store.name({ ...this.store.names(), students: known });
  }

  /** @returns null where nothing is kept of them: they did not agree */
  private write(studentId: string, { exerciseId, foot, what }: FeltNote): string | null {
    const consents = this.store.names().students.find(({ id }) => id === studentId)?.consents ?? false;
    // that something is wrong is minded whether measures are kept or not
    if (!consents && what.kind !== 'stop') return null;
    const id = newId();
    const note: LadderNote = { id, studentId, exerciseId, foot, date: today(), what, by: '' };
    void this.outbox.put({ kind: 'note', format: 1, id: newId(), note });
    return id;
  }

  /** @param out false: brought back */
  private takeOut(noteId: string, studentId: string, out = true): void {
    void this.outbox.put({ kind: 'note-out', format: 1, id: newId(), noteId, studentId, out });
  }
}

type Hands = Pick<Tally, 'better' | 'same' | 'worse'>;

function handsIn(answers: Names['answers'], lookId: string): Hands {
  const hands = (id: Answer) => answers.filter((one) => one.itemId === lookId && one.answer === id).length;
  return { better: hands('better'), same: hands('same'), worse: hands('worse') };
}

/** No hands at all are as good as none that were counted. */
const sameHands = (a: Hands, b: Hands | undefined): boolean =>
  a.better === (b?.better ?? 0) && a.same === (b?.same ?? 0) && a.worse === (b?.worse ?? 0);
