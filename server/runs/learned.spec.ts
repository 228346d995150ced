import request from 'supertest';
import { LearnedTimes, Preferences, RunsOver } from '@core/contract';
import { defaultPace } from '@core/plan';
import { addTaughtClass, addTaughtWeeks } from '../demo/taught';
import { addDemoClasses } from '../demo/saltmarsh';
import { testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };

describe('what the log teaches about times', () => {
  const server = testServer();
  const api = request(server.app);
  let n = 0;
  const nextId = () => `demo-id-${n++}`;
  const learned = async () => LearnedTimes.parse((await api.get('/api/runs/learned').set(host).expect(200)).body);
  afterAll(() => server.close());

  it('nothing taught yet: nothing is learned, and the figures are those of the teacher', async () => {
    expect(await learned()).toMatchObject({ classes: 0, holds: false, groups: [], pace: defaultPace() });
  });

  it('the lunches of Saltmarsh Hall: set-up takes longer than planned, and is told by what it is', async () => {
    addDemoClasses(server, nextId);
    addTaughtWeeks(server, nextId, Date.UTC(2026, 9, 1));
    addTaughtClass(server, nextId, Date.UTC(2026, 9, 1));
    const { classes, groups, pace } = await learned();
    expect(classes).toBeGreaterThanOrEqual(11);
    // the demo's teacher took 1.15 times what was planned before the reps, in the mean
    const seen = groups.filter(({ stretches }) => stretches > 30).map(({ seen: times }) => times);
    expect(seen.length).toBeGreaterThan(0);
    for (const times of seen) {
      expect(times).toBeGreaterThan(0.9);
      expect(times).toBeLessThan(1.6);
    }
    expect(Object.keys(pace).sort()).toEqual(Object.keys(defaultPace()).sort());
  });

  it('a class that is taken out of the log teaches no more, and teaches again once it is back', async () => {
    const before = await learned();
    const [newest] = server.runs.list({ limit: 1 }).runs;
    await api.delete(`/api/runs/${newest!.id}`).set(host).expect(204);
    expect((await learned()).classes).toBe(before.classes - 1);
    await api.post(`/api/runs/${newest!.id}/restore`).set(host).expect(204);
    expect(await learned()).toEqual(before);
  });

  it('figures that the teacher takes are what the next classes are held against', async () => {
    const before = await learned();
    const preferences = Preferences.parse((await api.get('/api/preferences').set(host)).body);
    await api
      .put('/api/preferences')
      .set(host)
      .send({ ...preferences, pace: { ...preferences.pace, plainSetupSeconds: 30 } })
      .expect(204);
    const after = await learned();
    const plain = (of: LearnedTimes) => of.groups.find(({ group }) => group === 'plain')?.seen ?? 0;
    expect(plain(after)).toBeLessThan(plain(before));
  });

  it('the lunch that ran over each time is told why, and a class nobody taught is not', async () => {
    const [run] = server.runs.list({ limit: 1 }).runs;
    const { words } = RunsOver.parse((await api.get(`/api/runs/over/${run!.classId}`).set(host).expect(200)).body);
    // the demo's teacher is slow before each first rep, by the same shares every week
    expect(words).toMatch(
      /^It ran over its plan each of 12 times, by 0:\d\d in the middle: 0:\d\d of it is set-up and talk before something plain\.$/,
    );
    expect((await api.get('/api/runs/over/no-such-class').set(host).expect(200)).body).toEqual({ words: null });
  });
});
