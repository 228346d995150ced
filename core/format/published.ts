import * as z from 'zod';
import { Course } from '../course/course';
import { Band } from '../device/band';
import { Dose, DosePart } from '../dose';
import { Exercise, FootState, Phase, School } from '../exercise';
import { Homework } from '../homework/homework';
import { OwnProtocol } from '../measure/own-protocol';
import { Reading } from '../measure/reading';
import { AnyItem, Block, Brief, Pace, Plan, PlanCommand } from '../plan';
import { LadderNote } from '../roster/ladder-note';
import { Group, Student } from '../roster/student';
import { RunEvent } from '../run/event';
import { Run } from '../run/read-run';
import { NeedleworkFile } from './needlework-file';
import { FileRecord } from './record';

const published = {
  'needlework-file': NeedleworkFile,
  record: FileRecord,
  class: Plan,
  exercise: Exercise,
  course: Course,
  group: Group,
  student: Student,
  reading: Reading,
  note: LadderNote,
  protocol: OwnProtocol,
  band: Band,
  homework: Homework,
  taught: Run,
  // parts that several of them have
  dose: Dose,
  'dose-part': DosePart,
  item: AnyItem,
  block: Block,
  brief: Brief,
  pace: Pace,
  school: School,
  phase: Phase,
  'foot-state': FootState,
  'plan-command': PlanCommand,
  'run-event': RunEvent,
} as const;

/** Where a schema lies beside the others. */
export const schemaFile = (name: string): string => `${name}.schema.json`;

/**
 * The forms of all that a file can hold as JSON Schema, by name. What a schema cannot say (an id used twice, a least that
 * is more than the most) is judged when it is read.
 * @see JSON Schema 2020-12
 */
export function publishedSchemas(): Readonly<Record<string, object>> {
  const registry = z.registry<{ readonly id: string }>();
  for (const [id, schema] of Object.entries(published)) registry.add(schema, { id });
  return z.toJSONSchema(registry, { io: 'input', uri: schemaFile, unrepresentable: 'any' }).schemas;
}
