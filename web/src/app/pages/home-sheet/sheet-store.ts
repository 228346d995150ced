import { Injectable, computed, inject } from '@angular/core';
import { type Exercise, startingRung } from '@core/exercise';
import {
  type HomeItem,
  type Homework,
  type HomeFaultsAsked,
  type Settled,
  asUsual,
  homeDays,
  homeFaults,
  mostHomeItems,
  onLevel,
  settle,
  settledOf,
  timesOfDays,
  timeWords,
  tradesOf,
  usualDose,
  whoItSuits,
} from '@core/homework';
import { type LadderNote, type Student, mainLevelFor, openConcerns, standsOn } from '@core/roster';
import { HomeworkFile } from '../../data/homework-file';
import { LibraryStore } from '../../data/library-store';
import { newId } from '../../data/new-id';
import { Preferences } from '../../data/preferences';

/** A sheet worked out: what can be done, on which days, how long it takes, and what cannot be. */
@Injectable()
export class SheetStore {
  private readonly file = inject(HomeworkFile);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);

  readonly homework = this.file.homework;
  readonly words = computed(() => this.preferences.school().words);
  readonly students = computed((): readonly Student[] => this.file.page().value?.students ?? []);
  private readonly notes = computed((): readonly LadderNote[] => this.file.page().value?.notes ?? []);
  readonly student = computed(() => (this.homework()?.for.kind === 'student' ? (this.students()[0] ?? null) : null));
  readonly classes = computed(() => this.file.page().value?.classes ?? []);

  readonly asked = computed((): HomeFaultsAsked | null => {
    const [homework, page] = [this.homework(), this.file.page().value];
    const byRevision = this.byRevision();
    if (!homework || !page || byRevision.size === 0) return null;
    const student = this.student();
    const notes = this.notes();
    return {
      homework,
      school: this.preferences.school(),
      pace: this.preferences.pace(),
      concerns: homework.for.kind === 'level' ? homework.for.concerns : student ? openConcerns(student) : [],
      find: (revision) => byRevision.get(revision) ?? null,
      classes: this.classes(),
      mobiliseDays: page.mobiliseDays,
      standsOn: (exerciseId) =>
        student ? rungOn(this.library.byId().get(exerciseId)?.exercise, notes, student) : null,
    };
  });
  /** Those of the library, and those that the sheet pins: an exercise may have been changed since. */
  private readonly byRevision = computed(
    () =>
      new Map(
        [...(this.library.exercises() ?? []), ...(this.file.page().value?.revisions ?? [])].map(
          ({ revision, exercise }) => [revision, exercise],
        ),
      ),
  );

  readonly settled = computed((): readonly Settled[] => {
    const asked = this.asked();
    return asked ? settledOf(asked) : [];
  });
  readonly days = computed(() => {
    const homework = this.homework();
    return homework ? homeDays(homework, this.settled(), this.classes()) : [];
  });
  readonly time = computed(() => {
    const asked = this.asked();
    return asked ? timeWords(timesOfDays(this.days(), this.settled(), asked, asked.pace)) : '';
  });
  readonly faults = computed(() => {
    const asked = this.asked();
    return asked ? homeFaults(asked) : [];
  });
  /** Sets against days, for each exercise. */
  readonly trades = computed(() => {
    const homework = this.homework();
    if (!homework) return new Map<string, ReturnType<typeof tradesOf>>();
    return new Map(this.settled().map((one) => [one.item.id, tradesOf(one, homework, this.classes())]));
  });
  /** For whom of the group it is not right as it stands. */
  readonly notFor = computed(() =>
    this.homework()?.for.kind === 'level'
      ? whoItSuits(this.settled(), this.students(), this.notes(), this.words()).filter(
          ({ tooHigh, notWith, tooEasy }) => tooHigh.length + notWith.length + tooEasy.length > 0,
        )
      : [],
  );
  /** Levels on which the person, or the middle of the group, stands. */
  readonly stands = computed((): Readonly<Record<string, string>> => {
    const [students, notes] = [this.students(), this.notes()];
    const named = new Set(notes.flatMap(({ exerciseId }) => exerciseId ?? []));
    const entries = [...named].flatMap((id) => {
      const exercise = this.library.byId().get(id)?.exercise;
      const rungId = exercise && mainLevelFor({ exercise, notes: [...notes], students });
      return rungId ? [[id, rungId] as const] : [];
    });
    return Object.fromEntries(entries);
  });
  /** Exercises that this person could do at home with what they own. */
  readonly others = computed(() => {
    const asked = this.asked();
    if (!asked) return [];
    const has = new Set(asked.homework.items.map(({ exerciseId }) => exerciseId));
    return (this.library.exercises() ?? [])
      .filter(({ exercise }) => !has.has(exercise.id) && exercise.family !== 'check')
      .filter(({ exercise, revision }) => {
        const settled = settle(this.draft(exercise, revision), asked);
        return settled !== null && !('why' in settled) && settled.kind !== 'jumps';
      })
      .map(({ exercise }) => ({ id: exercise.id, name: exercise.name[this.words()], family: exercise.family }))
      .sort((a, b) => a.name.localeCompare(b.name));
  });
  readonly isFull = computed(() => (this.homework()?.items.length ?? 0) >= mostHomeItems);

  /** @returns whether it was taken */
  set(change: Partial<Homework>): boolean {
    return this.file.change(change);
  }

  setItem(id: string, change: Partial<HomeItem>): void {
    const items = this.homework()?.items.map((item) => (item.id === id ? { ...item, ...change } : item));
    if (items) this.file.change({ items });
  }

  remove(id: string): void {
    const items = this.homework()?.items.filter((item) => item.id !== id);
    if (items) this.file.change({ items });
  }

  /** One place up or down. */
  move(id: string, by: 1 | -1): void {
    const items = [...(this.homework()?.items ?? [])];
    const at = items.findIndex((item) => item.id === id);
    const [item] = items.splice(at, 1);
    if (!item || at + by < 0 || at + by > items.length) return;
    items.splice(at + by, 0, item);
    this.file.change({ items });
  }

  /** An exercise more, as such are usually done at home. */
  add(exerciseId: string): void {
    const [asked, found] = [this.asked(), this.library.byId().get(exerciseId)];
    if (!asked || !found) return;
    const draft = this.draft(found.exercise, found.revision);
    const settled = settle(draft, asked);
    if (!settled || 'why' in settled) return;
    this.file.change({ items: [...asked.homework.items, asUsual(settled)] });
  }

  /** Another level, with a dose that it asks. */
  setLevel(id: string, rungId: string): void {
    const asked = this.asked();
    const item = asked?.homework.items.find((one) => one.id === id);
    const exercise = item && asked?.find(item.revision);
    if (asked && item && exercise) this.setItem(id, onLevel(item, exercise, rungId, asked.school));
  }

  private draft(exercise: Exercise, revision: string): HomeItem {
    const rungId = this.stands()[exercise.id] ?? startingRung(exercise, this.preferences.school())?.id ?? null;
    return {
      id: newId(),
      exerciseId: exercise.id,
      revision,
      rungId,
      dose: usualDose(exercise, revision, rungId, this.preferences.school()),
      sets: [1, 1],
      rhythm: 'daily',
      hidesIn: '',
      note: '',
    };
  }
}

function rungOn(exercise: Exercise | undefined, notes: readonly LadderNote[], student: Student): string | null {
  if (!exercise) return null;
  const at = standsOn({ exercise, notes }, student.id);
  return at === null ? null : (exercise.ladder?.rungs[at]?.id ?? null);
}
