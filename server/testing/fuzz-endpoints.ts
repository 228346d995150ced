import { newProtocol } from '@core/measure';
import { newId } from '../new-id';

/** An address of the API, and how what is sent there is made as it should be. */
export interface Endpoint {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** A name behind a colon stands for an id of that kind. */
  readonly path: string;
  readonly query?: Readonly<Record<string, string>>;
  /** What is sent, as it should be. */
  readonly body?: (id: string) => unknown;
  /** How often it is asked, beside others; once where nothing is said. */
  readonly often?: number;
}

const bandTest = {
  date: '2026-09-01',
  slack: 80,
  pulls: [
    { length: 100, force: 12 },
    { length: 120, force: 20 },
  ],
};

/** What was taken of somebody of whom both were taken, a reading and a note. */
export function measured(fetched: ReadonlyMap<string, unknown>): Measured {
  const pages = [...fetched].flatMap(([name, page]) => (name.startsWith('student ') ? [page as Measured] : []));
  const found = pages.find(({ readings, notes }) => readings.length > 0 && notes.length > 0);
  if (!found) throw new Error('nobody was measured');
  return found;
}
interface Measured {
  readonly readings: readonly { readonly id: string }[];
  readonly notes: readonly { readonly id: string }[];
}

/**
 * Every address of the API, and what is sent there as it should be.
 * @param fetched documents of the hall as the server gives them, by kind and id
 * @param one an id of a kind
 */
export function endpointsOf(fetched: ReadonlyMap<string, unknown>, one: (kind: string) => string): Endpoint[] {
  const plan = (fetched.get(`class ${one('class')}`) as { plan: unknown }).plan;
  const of = <T>(kind: string, id: string): T =>
    (fetched.get(`${kind} ${id}`) ?? fetched.get(`${kind} ${one(kind)}`)) as T;
  const saved = (kind: string, name: string) => (id: string) => {
    const read = of<Record<string, unknown>>(kind, id);
    const there = fetched.has(`${kind} ${id}`);
    const doc = read[name] as Record<string, unknown>;
    return { basedOn: there ? read['version'] : null, [name]: there ? doc : { ...doc, id } };
  };
  const { readings, notes } = measured(fetched);
  const [reading, note] = [readings[0], notes[0]];
  const planned = of<{ classes: { key: string }[] }>('course', one('course')).classes[0];
  const today = { at: '2026-10-01T12:00:00.000Z', today: '2026-10-01' };
  const { run, events } = {
    run: of<{ plan: unknown; classId: string }>('run', one('run')),
    events: of<{ events: unknown[] }>('run', one('run')).events,
  };
  return [
    { method: 'GET', path: '/health' },
    { method: 'GET', path: '/access' },
    { method: 'POST', path: '/access', body: () => ({ password: 'copper lantern sings' }) },
    { method: 'DELETE', path: '/access' },
    { method: 'DELETE', path: '/access/all' },
    { method: 'POST', path: '/access/strength', body: () => ({ password: 'copper lantern sings' }) },
    { method: 'PUT', path: '/access/password', body: () => ({ current: null, next: 'copper lantern sings' }) },
    { method: 'DELETE', path: '/access/password', body: () => ({ current: 'copper lantern sings' }) },
    { method: 'GET', path: '/classes', query: { limit: '5', find: 'quiet' } },
    {
      method: 'POST',
      path: '/classes',
      body: () => ({ saveId: newId(), plan: { ...(plan as object), id: newId() } }),
      often: 3,
    },
    { method: 'GET', path: '/classes/:class' },
    {
      method: 'PUT',
      path: '/classes/:class',
      body: (id) => ({ saveId: newId(), ...saved('class', 'plan')(id) }),
      often: 8,
    },
    { method: 'DELETE', path: '/classes/:class' },
    { method: 'POST', path: '/classes/:class/restore' },
    { method: 'POST', path: '/classes/:class/duplicate', body: () => ({ saveId: newId(), id: newId() }) },
    { method: 'GET', path: '/classes/:class/other-doses' },
    { method: 'GET', path: '/classes/:class/revisions', query: { limit: '3' } },
    { method: 'GET', path: '/classes/:class/revisions/:nth' },
    { method: 'GET', path: '/classes/:class/card.pdf', query: { size: 'usual' } },
    { method: 'GET', path: '/classes/:class/order.csv' },
    { method: 'GET', path: '/exercises', query: { limit: '3' } },
    { method: 'GET', path: '/exercises/:exercise' },
    { method: 'PUT', path: '/exercises/:exercise', body: (id) => exerciseSave(of('exercise', id), id), often: 8 },
    { method: 'POST', path: '/exercises/:exercise/return' },
    { method: 'GET', path: '/exercises/:exercise/classes', query: { limit: '3' } },
    { method: 'POST', path: '/exercises/:exercise/move', body: () => ({ classIds: [one('class')] }) },
    { method: 'DELETE', path: '/exercises/:exercise' },
    { method: 'POST', path: '/exercises/:exercise/restore' },
    { method: 'GET', path: '/taken-out', query: { limit: '3' } },
    { method: 'GET', path: '/preferences' },
    { method: 'PUT', path: '/preferences', body: () => fetched.get('preferences'), often: 6 },
    { method: 'GET', path: '/protocols' },
    {
      method: 'PUT',
      path: '/protocols/:protocol',
      body: (id) => ({ basedOn: null, protocol: newProtocol(id, 'heel lifted from a step') }),
      often: 3,
    },
    { method: 'GET', path: '/bands' },
    {
      method: 'PUT',
      path: '/bands/:band',
      body: (id) => ({ basedOn: null, band: { format: 1, id, name: 'Blue', tests: [bandTest] } }),
      often: 2,
    },
    { method: 'DELETE', path: '/bands/:band' },
    { method: 'GET', path: '/people' },
    { method: 'GET', path: '/people/archived' },
    { method: 'GET', path: '/people/students/:student' },
    { method: 'PUT', path: '/people/students/:student', body: saved('student', 'student'), often: 8 },
    { method: 'GET', path: '/people/students/:student/readings.csv' },
    { method: 'GET', path: '/people/groups/:group' },
    { method: 'PUT', path: '/people/groups/:group', body: saved('group', 'group'), often: 6 },
    { method: 'GET', path: '/people/groups/:group/readings.csv' },
    { method: 'GET', path: '/people/groups/:group/roster.csv' },
    { method: 'GET', path: '/people/groups/:group/helped' },
    { method: 'GET', path: '/people/groups/:group/taught' },
    { method: 'GET', path: '/people/groups/:group/readings', query: { protocols: 'knee-to-wall' } },
    { method: 'PUT', path: '/readings/:reading', body: (id) => ({ ...reading, id }), often: 6 },
    { method: 'DELETE', path: '/readings/:reading' },
    { method: 'POST', path: '/readings/:reading/restore' },
    { method: 'PUT', path: '/notes/:note', body: (id) => ({ ...note, id }), often: 4 },
    { method: 'DELETE', path: '/notes/:note' },
    { method: 'POST', path: '/notes/:note/restore' },
    { method: 'GET', path: '/courses' },
    { method: 'GET', path: '/courses/archived' },
    { method: 'GET', path: '/courses/calendar.ics' },
    { method: 'GET', path: '/courses/:course' },
    { method: 'GET', path: '/courses/:course/calendar.ics' },
    { method: 'GET', path: '/courses/:course/plans' },
    { method: 'GET', path: '/courses/:course/load' },
    { method: 'PUT', path: '/courses/:course', body: saved('course', 'course'), often: 6 },
    {
      method: 'POST',
      path: '/courses/:course/classes',
      body: (id) => ({
        classes: [{ key: planned?.key, plan: { ...(plan as object), id: `${id}-${planned?.key ?? ''}` } }],
      }),
      often: 2,
    },
    { method: 'GET', path: '/homework', query: { limit: '3' } },
    { method: 'GET', path: '/homework/between', query: { from: '2026-09-01', to: '2026-10-01' } },
    { method: 'GET', path: '/homework/:homework' },
    { method: 'GET', path: '/homework/:homework/sheet.pdf', query: { size: 'a4' } },
    { method: 'PUT', path: '/homework/:homework', body: saved('homework', 'homework'), often: 6 },
    { method: 'GET', path: '/runs', query: { limit: '3' } },
    { method: 'GET', path: '/runs/last/:class' },
    { method: 'GET', path: '/runs/done', query: { group: one('group'), from: today.at, to: today.at } },
    { method: 'GET', path: '/runs/loads', query: { group: one('group') } },
    { method: 'GET', path: '/runs/learned' },
    { method: 'GET', path: '/runs/over/:class' },
    { method: 'GET', path: '/runs/:run' },
    {
      method: 'PUT',
      path: '/runs/:newRun',
      body: () => ({ classId: run.classId, version: 1, plan: run.plan, startedAt: today.at }),
      often: 3,
    },
    { method: 'POST', path: '/runs/:run/events', body: () => ({ events: events.slice(0, 8) }), often: 6 },
    { method: 'PUT', path: '/runs/:run/remarks', body: () => ({ headcount: 9, note: 'Quiet.' }) },
    { method: 'DELETE', path: '/runs/:run' },
    { method: 'POST', path: '/runs/:run/restore' },
    { method: 'GET', path: '/desk', query: today },
    { method: 'GET', path: '/desk/due', query: today },
    { method: 'GET', path: '/desk/groups/:group', query: today },
    { method: 'GET', path: '/devices/:device', query: { kind: 'steady', seed: '1' } },
    // what was measured of them goes with them
    { method: 'DELETE', path: '/people/students/:student' },
    // from where something is taken in, the routes are others: all else is asked before
    { method: 'GET', path: '/coming/:coming' },
    { method: 'POST', path: '/coming/:coming/entries', body: () => ({ kind: 'class' }) },
    { method: 'POST', path: '/coming/:coming/take', body: () => ({ kinds: null, only: null, over: 'none' }) },
    { method: 'DELETE', path: '/coming/:coming' },
    { method: 'POST', path: '/coming', body: () => ({ format: 1 }) },
    { method: 'POST', path: '/going', body: () => ({ of: 'class', id: one('class') }) },
    { method: 'GET', path: '/going/:going' },
    { method: 'GET', path: '/going/:going/file' },
    { method: 'GET', path: '/files/:of/:class' },
    { method: 'GET', path: '/copies' },
    { method: 'POST', path: '/copies' },
    { method: 'POST', path: '/copies/:copy/look' },
    { method: 'GET', path: '/copies/:copy/file' },
    { method: 'POST', path: '/copies/:none/restore' },
    { method: 'DELETE', path: '/copies/:none' },
    { method: 'GET', path: '/nowhere/:class' },
  ];
}

function exerciseSave(read: { readonly exercise: object; readonly revision: string }, id: string): object {
  return { exercise: { ...read.exercise, id }, basedOn: read.revision };
}
