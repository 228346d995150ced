import request from 'supertest';
import type { Band } from '@core/device';
import { testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
const yellow: Band = {
  format: 1,
  id: 'yellow',
  name: 'yellow, 2 m',
  tests: [
    {
      date: '2026-09-01',
      slack: 50,
      pulls: [
        { length: 75, force: 11 },
        { length: 100, force: 20 },
      ],
    },
  ],
};

describe('bands', () => {
  const open = () => {
    const api = request(testServer().app);
    return {
      list: () => api.get('/api/bands').set(host),
      save: (band: Band, basedOn: number | null = null) =>
        api.put(`/api/bands/${band.id}`).set(host).send({ basedOn, band }),
      remove: (id: string) => api.delete(`/api/bands/${id}`).set(host),
    };
  };

  it('are saved once, on the version before, and taken out', async () => {
    const { list, save, remove } = open();
    await save(yellow).expect(200, { version: 1 });
    await save(yellow).expect(200, { version: 1 });
    await save({ ...yellow, name: 'light' }, 1).expect(200, { version: 2 });
    await save({ ...yellow, name: 'other' }, 1).expect(409);
    expect((await list()).body).toMatchObject({ bands: [{ version: 2, band: { name: 'light' } }] });
    await remove('yellow').expect(204);
    await remove('yellow').expect(404);
  });

  it('are refused where a pull is no longer than the slack band, with the reason', async () => {
    const { save } = open();
    const wrong = { ...yellow, tests: [{ date: '2026-09-01', slack: 80, pulls: yellow.tests[0]!.pulls }] };
    const answer = await save(wrong).expect(422);
    expect(JSON.stringify(answer.body)).toContain('longer than the slack band');
  });
});

describe('a simulated device', () => {
  /** Listens for a while and lets go. */
  const listen = (path: string, packets: number) =>
    new Promise<{ type: string; samples: unknown[][] }>((done, fail) => {
      const server = testServer().app.listen(0, '127.0.0.1', () => {
        const address = server.address();
        const port = typeof address === 'object' ? (address?.port ?? 0) : 0;
        const samples: unknown[][] = [];
        void import('node:http').then(({ get }) => {
          const asked = get({ host: '127.0.0.1', port, path, headers: host }, (response) => {
            const type = String(response.headers['content-type']);
            response.setEncoding('utf8');
            response.on('data', (text: string) => {
              for (const line of text.split('\n'))
                if (line.startsWith('data: ')) samples.push(JSON.parse(line.slice(6)) as unknown[]);
              if (samples.length < packets && response.statusCode === 200) return;
              asked.destroy();
              server.close();
              done({ type, samples });
            });
          });
          asked.on('error', (error) => (samples.length < packets ? fail(error) : undefined));
        });
      });
    });

  it('streams a mat as events, ten samples a tenth of a second', async () => {
    const { type, samples } = await listen('/api/devices/mat?kind=steady&seed=3', 3);
    expect(type).toContain('text/event-stream');
    expect(samples[0]).toHaveLength(10);
    expect(samples[0]?.[0]).toHaveLength(2);
  });

  it('that does not exist is refused', async () => {
    await request(testServer().app).get('/api/devices/toaster').set(host).expect(422);
    await request(testServer().app).get('/api/devices/mat?kind=broken').set(host).expect(422);
  });
});
