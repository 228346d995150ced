import { join } from 'node:path';
import { type Plan, newBlock, newItem, newPlan } from '@core/plan';
import { type Server, type ServerOptions, composeServer } from '../compose';

/** A server on an empty database in memory, for tests: answers to one host, its clock counts up a second a call. */
export function testServer(more: Partial<ServerOptions> = {}): Server & { readonly faults: unknown[] } {
  const faults: unknown[] = [];
  let tick = Date.UTC(2026, 9, 1, 12);
  const server = composeServer({
    file: ':memory:',
    migrations: join(__dirname, '..', 'migrations'),
    hosts: new Set(['127.0.0.1:4310']),
    report: (error) => faults.push(error),
    now: () => new Date((tick += 1000)).toISOString(),
    ...more,
  });
  // assigned, since its stores are others once the database was opened anew
  return Object.assign(server, { faults });
}

/** A small class of real exercises. */
export function samplePlan(server: Server, id: string, title = 'Quiet ankles'): Plan {
  const of = (exerciseId: string) => {
    const found = server.library.current().find((r) => r.exercise.id === exerciseId);
    if (!found) throw new Error(exerciseId);
    return found;
  };
  const items = ['walk-and-notice', 'two-foot-rise'].map((name, i) => {
    const { exercise, revision } = of(name);
    return newItem(`${id}-item-${i}`, exercise, revision);
  });
  return { ...newPlan(id, title, 1200), blocks: [newBlock(`${id}-block`, 'Work', items)] };
}
