import { type CheckId, type Reading, checks, historyOf, neededFor } from '@core/measure';
import { type LadderNote, type Moves, type Student, movesOf } from '@core/roster';
import type { School } from '@core/exercise';
import type { Library } from '../exercises/store';
import type { NoiseStore } from '../people/noise';
import type { NoteStore } from '../people/notes';
import type { ReadingStore } from '../people/readings';
import { Remembered } from '../remember';

/** The most students of whom it is kept. */
const mostKnown = 1000;

/** Who is ready for more; worked out once, and again where something of it has changed. */
export class LadderMoves {
  private readonly known = new Remembered<Moves>(mostKnown);

  constructor(
    private readonly readings: ReadingStore,
    private readonly notes: NoteStore,
    private readonly noise: NoiseStore,
    private readonly library: Library,
    private readonly schoolOf: () => School,
  ) {}

  /** @param today local date */
  of(students: readonly Student[], today: string): Map<string, Moves> {
    const school = this.schoolOf();
    const common = JSON.stringify([today, this.library.changesSoFar(), school, this.noise.all()]);
    const byOf = (student: Student) =>
      JSON.stringify([this.readings.changesOf(student.id), this.notes.changesOf(student.id), student]) + common;
    // what is known is read before anything else comes in, since of very many the oldest go then
    const found = new Map(students.map((student) => [student.id, this.known.find(student.id, byOf(student))]));
    const stale = students.filter(({ id }) => found.get(id) === undefined);
    const ids = stale.map(({ id }) => id);
    const notes = this.notes.of(ids);
    const exercises = [...new Set(notes.flatMap(({ exerciseId }) => exerciseId ?? []))].flatMap(
      // one that is gone altogether has no ladder any more
      (id) => this.library.find(id)?.exercise ?? [],
    );
    const asked = exercises.flatMap(({ ladder }) => ladder?.rungs.flatMap(({ gate }) => gate?.check ?? []) ?? []);
    const readings = this.readings.of(ids, [...new Set(asked.flatMap((check) => neededFor(check)))]);
    const moves = (student: Student): Moves =>
      movesOf({
        student,
        exercises,
        school,
        notes: ofStudent(notes, student),
        historyOf: this.historiesOf(ofStudent(readings, student)),
        today,
      });
    return new Map(
      students.map((student) => [
        student.id,
        found.get(student.id) ?? this.known.get(student.id, byOf(student), () => moves(student)),
      ]),
    );
  }

  private historiesOf(readings: readonly Reading[]) {
    return (check: CheckId) =>
      readings.length === 0
        ? null
        : historyOf({ protocol: checks[check], readings, studio: this.noise.all()[check] ?? null });
  }
}

const ofStudent = <T extends Reading | LadderNote>(all: readonly T[], { id }: Student): T[] =>
  all.filter(({ studentId }) => studentId === id);
