import { call as ask } from '../scripts/built-server';

export type Report = (work: string, value: number, unit: string, budget: number) => void;

const rounds = 60;
const p95 = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? NaN;

/** Asks a server; what it refuses ends the bench. */
export const caller = (base: string) => async (method: string, path: string, body?: object) => {
  const answer = await ask({ base }, method, path, body);
  if (answer.status >= 400) throw new Error(`${method} ${path}: ${JSON.stringify(answer.body)}`);
  return answer.body;
};

type Asked = Promise<() => Promise<unknown>> | (() => Promise<unknown>);

/** Times a call that is made anew each round, one after the other; what it needs is fetched before the clock runs. */
export const timer =
  (report: Report) =>
  async (name: string, asked: (i: number) => Asked): Promise<void> => {
    const times: number[] = [];
    for (let i = 0; i < rounds + 5; i++) {
      const run = await asked(i);
      const from = performance.now();
      await run();
      if (i >= 5) times.push(performance.now() - from);
    }
    report(`${name}, p95`, p95(times), 'ms', 50);
  };
