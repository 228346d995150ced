import { type Response, Router } from 'express';
import type { GroupHelped, GroupPage, GroupReadings, GroupTaught, KeptCopy, StudentPage } from '@core/contract';
import { ReadingsAsked, SaveGroup, SaveStudent } from '@core/contract';
import { Reading } from '@core/measure';
import { ProblemError, readBody, readId } from '../problem';
import { readingColumns, readingRows, rosterColumns, rosterRows } from '@core/format';
import { LadderNote, type Student } from '@core/roster';
import { csvOf } from '../paper/csv';
import type { ProtocolStore } from '../protocols/store';
import type { NoiseStore } from './noise';
import type { NoteStore } from './notes';
import type { ReadingStore } from './readings';
import type { Standings } from './standings';
import type { PeopleStore } from './store';

export interface PeopleParts {
  readonly people: PeopleStore;
  readonly readings: ReadingStore;
  readonly noise: NoiseStore;
  readonly notes: NoteStore;
  readonly standings: Standings;
  /** What a group answered to looks again in its classes. */
  readonly helped: (groupId: string) => GroupHelped;
  /** What a group was taught so far. */
  readonly taught: (groupId: string) => GroupTaught;
  readonly protocols: ProtocolStore;
  /** Copies of the database that hold somebody. */
  readonly copies: (studentId: string) => readonly KeptCopy[];
}

const student = (params: { readonly id?: string }) => readId('This student', params.id);
const group = (params: { readonly id?: string }) => readId('This group', params.id);

/**
 * An answer with readings and notes in it, as they were written. Packing it costs more than sending it, on one machine.
 */
function sendWith(response: Response, about: object, readings: string, notes: string): void {
  response.setHeader('Cache-Control', 'no-store, no-transform');
  const head = JSON.stringify(about).slice(0, -1);
  response.type('application/json').send(`${head},"notes":${notes},"readings":${readings}}`);
}

/** Students and groups. */
export function peopleRouter({
  people,
  readings,
  noise,
  notes,
  standings,
  helped,
  taught,
  copies,
  protocols,
}: PeopleParts): Router {
  const router = Router();
  const sendReadings = (response: Response, of: readonly Student[]): void => {
    const names = new Map(of.map(({ id, name }) => [id, name]));
    const rows = readingRows(readings.of([...names.keys()]), {
      person: (id) => names.get(id) ?? '',
      protocol: (id) => protocols.find(id),
    });
    response.attachment('readings-health-data.csv');
    response.type('text/csv').send(csvOf([readingColumns, ...rows]));
  };
  router.get('/', (_request, response) => void response.json(people.list(false)));
  router.get('/archived', (_request, response) => void response.json(people.list(true)));
  router.get('/students/:id', ({ params }, response) => {
    const found = people.student(student(params));
    const page: Omit<StudentPage, 'readings' | 'notes'> = {
      ...found,
      takenOut: readings.takenOutOf(found.student.id),
      noise: noise.all(),
      copies: [...copies(found.student.id)],
    };
    const ids = [found.student.id];
    sendWith(response, page, readings.asWritten(ids), notes.asWritten(ids));
  });
  router.put('/students/:id', ({ params, body }, response) => {
    response.json(people.saveStudent(student(params), readBody(SaveStudent, body)));
  });
  router.delete('/students/:id', ({ params }, response) => {
    const id = student(params);
    people.deleteStudent(id);
    response.json(copies(id));
  });
  router.get('/groups/:id', ({ params }, response) => {
    const found = people.group(group(params));
    const members = people.members(found.group.id);
    const { rows, judged } = standings.of(members.map(({ student: { id } }) => id));
    const page: GroupPage = { ...found, students: members, standings: rows, judged };
    response.json(page);
  });
  // health data: where they come from says nothing, and what they are called says it
  router.get('/students/:id/readings.csv', ({ params }, response) => {
    sendReadings(response, [people.student(student(params)).student]);
  });
  router.get('/groups/:id/readings.csv', ({ params }, response) => {
    sendReadings(
      response,
      people.members(people.group(group(params)).group.id).map((one) => one.student),
    );
  });
  router.get('/groups/:id/roster.csv', ({ params }, response) => {
    const members = people.members(people.group(group(params)).group.id).map((one) => one.student);
    const names = new Map(people.list(false).groups.map((one) => [one.group.id, one.group.name]));
    response.attachment('roster-health-data.csv');
    response.type('text/csv').send(csvOf([rosterColumns, ...rosterRows(members, (id) => names.get(id) ?? '')]));
  });
  router.put('/groups/:id', ({ params, body }, response) => {
    response.json(people.saveGroup(group(params), readBody(SaveGroup, body)));
  });
  router.get('/groups/:id/helped', ({ params }, response) => void response.json(helped(group(params))));
  router.get('/groups/:id/taught', ({ params }, response) => void response.json(taught(group(params))));
  router.get('/groups/:id/readings', ({ params, query }, response) => {
    const members = people.members(group(params));
    const { protocols, notes: wanted } = readBody(ReadingsAsked, query);
    const ids = members.map(({ student: { id } }) => id);
    const found: Omit<GroupReadings, 'readings' | 'notes'> = { students: members, noise: noise.all() };
    sendWith(
      response,
      found,
      protocols === '' ? '[]' : readings.asWritten(ids, protocols.split(',')),
      wanted === 'none' ? '[]' : notes.asWritten(ids),
    );
  });
  return router;
}

/** What was measured: taken once, taken out, brought back. */
export function readingRouter({ readings, noise }: Pick<PeopleParts, 'readings' | 'noise'>): Router {
  const router = Router();
  const reading = (params: { readonly id?: string }) => readId('This reading', params.id);
  router.put('/:id', ({ params, body }, response) => {
    const taken = readBody(Reading, body);
    if (taken.id !== reading(params))
      throw new ProblemError(422, 'not-valid', 'This is another reading', 'It has a different id than the address.');
    const kept = readings.add(taken);
    noise.follow(taken.protocol);
    response.json(kept);
  });
  router.delete('/:id', ({ params }, response) => {
    readings.remove(reading(params));
    response.status(204).end();
  });
  router.post('/:id/restore', ({ params }, response) => {
    readings.restore(reading(params));
    response.status(204).end();
  });
  return router;
}

/** What is written down of ladders. */
export function noteRouter({ notes }: Pick<PeopleParts, 'notes'>): Router {
  const router = Router();
  const note = (params: { readonly id?: string }) => readId('This note', params.id);
  router.put('/:id', ({ params, body }, response) => {
    const taken = readBody(LadderNote, body);
    if (taken.id !== note(params))
      throw new ProblemError(422, 'not-valid', 'This is another note', 'It has a different id than the address.');
    response.json(notes.add(taken));
  });
  router.delete('/:id', ({ params }, response) => {
    notes.mark(note(params), true);
    response.status(204).end();
  });
  router.post('/:id/restore', ({ params }, response) => {
    notes.mark(note(params), false);
    response.status(204).end();
  });
  return router;
}
