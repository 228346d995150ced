import { and, asc, eq, inArray } from 'drizzle-orm';
import type { GroupRead, People, PersonSaved, SaveGroup, SaveStudent, StudentRead } from '@core/contract';
import { readGroup, readStudent } from '@core/roster';
import { type Db, atOnce } from '../database';
import { ProblemError, notFound, readStoredAs } from '../problem';
import { deletedStudents, groups, homework, ladderNotes, memberships, readings, students } from '../schema';
import { versionAfter } from '../version-after';

/** Students and groups: every save is checked and versioned; deleting takes all that is known of somebody. */
export class PeopleStore {
  constructor(
    private readonly db: Db,
    private readonly now: () => string,
    /** Writes what was deleted out of the file, so that it cannot be read there any more. */
    private readonly wipe: () => void,
  ) {}

  /** Everybody, by name. @param archived those who come no more in the place of those who do */
  list(archived: boolean): People {
    return {
      groups: this.db.select().from(groups).orderBy(asc(groups.name)).all().map(groupOf),
      students: this.db
        .select()
        .from(students)
        .where(eq(students.archived, archived))
        .orderBy(asc(students.name), asc(students.id))
        .all()
        .map(studentOf),
    };
  }

  student(id: string): StudentRead {
    const row = this.db.select().from(students).where(eq(students.id, id)).get();
    if (!row) throw notFound('This student');
    return studentOf(row);
  }

  group(id: string): GroupRead {
    const found = this.findGroup(id);
    if (!found) throw notFound('This group');
    return found;
  }

  findGroup(id: string): GroupRead | null {
    const row = this.db.select().from(groups).where(eq(groups.id, id)).get();
    return row ? groupOf(row) : null;
  }

  /** Who comes to a group, by name. */
  members(groupId: string): StudentRead[] {
    return this.db
      .select({ student: students })
      .from(memberships)
      .innerJoin(students, eq(students.id, memberships.studentId))
      .where(and(eq(memberships.groupId, groupId), eq(students.archived, false)))
      .orderBy(asc(students.name), asc(students.id))
      .all()
      .map(({ student }) => studentOf(student));
  }

  /** Saves somebody; the same save again changes nothing. One made on an older version is refused, and nothing is lost. */
  saveStudent(id: string, { basedOn, student }: SaveStudent): PersonSaved {
    if (student.id !== id) throw otherAddress('student');
    return this.db.transaction(() => {
      if (this.wasDeleted(id)) throw notFound('This student');
      const row = this.db.select().from(students).where(eq(students.id, id)).get();
      const version = versionAfter(row, basedOn, student, student.name);
      if (version === row?.version) return { version };
      const { name, archived } = student;
      const set = { version, name, archived, body: JSON.stringify(student), updatedAt: this.now() };
      this.db
        .insert(students)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: students.id, set })
        .run();
      this.db.delete(memberships).where(eq(memberships.studentId, id)).run();
      const groupIds = [...new Set(student.groupIds)];
      if (groupIds.length > 0)
        this.db
          .insert(memberships)
          .values(groupIds.map((groupId) => ({ groupId, studentId: id })))
          .run();
      return { version };
    }, atOnce);
  }

  saveGroup(id: string, { basedOn, group }: SaveGroup): PersonSaved {
    if (group.id !== id) throw otherAddress('group');
    return this.db.transaction(() => {
      const row = this.db.select().from(groups).where(eq(groups.id, id)).get();
      const version = versionAfter(row, basedOn, group, group.name);
      if (version === row?.version) return { version };
      const { name, archived } = group;
      const set = { version, name, archived, body: JSON.stringify(group) };
      this.db
        .insert(groups)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: groups.id, set })
        .run();
      return { version };
    }, atOnce);
  }

  /** Really deletes somebody: record, memberships and readings. Only the id is kept, so that nothing comes back. */
  deleteStudent(id: string): void {
    this.db.transaction(() => {
      this.db.delete(readings).where(eq(readings.studentId, id)).run();
      this.db.delete(ladderNotes).where(eq(ladderNotes.studentId, id)).run();
      this.db.delete(homework).where(eq(homework.studentId, id)).run();
      this.db.delete(memberships).where(eq(memberships.studentId, id)).run();
      const { changes } = this.db.delete(students).where(eq(students.id, id)).run();
      if (changes === 0 && !this.wasDeleted(id)) throw notFound('This student');
      this.db.insert(deletedStudents).values({ id, deletedAt: this.now() }).onConflictDoNothing().run();
    }, atOnce);
    this.wipe();
  }

  wasDeleted(id: string): boolean {
    return this.db.select().from(deletedStudents).where(eq(deletedStudents.id, id)).get() !== undefined;
  }

  /** Students by their ids, for readings that name them. */
  consenting(ids: readonly string[]): ReadonlySet<string> {
    const rows = this.db
      .select()
      .from(students)
      .where(inArray(students.id, [...ids]))
      .all();
    return new Set(rows.map(studentOf).flatMap(({ student }) => (student.consent ? [student.id] : [])));
  }
}

const otherAddress = (what: string) =>
  new ProblemError(422, 'not-valid', `This is another ${what}`, 'It has a different id than the address.');

const studentOf = ({ body, version, updatedAt }: typeof students.$inferSelect): StudentRead => ({
  student: readStoredAs('This student', readStudent, body),
  version,
  updatedAt,
});
const groupOf = ({ body, version }: typeof groups.$inferSelect): GroupRead => ({
  group: readStoredAs('This group', readGroup, body),
  version,
});
