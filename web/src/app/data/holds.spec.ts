import { Holds } from './holds';

/** The browser's locks, as far as pages use them: one holder a name, asked for until the signal says enough. */
class Locks {
  readonly held = new Set<string>();
  request(name: string, { signal }: { signal: AbortSignal }, hold: () => Promise<void>): Promise<void> {
    return new Promise((done, refused) => {
      const take = () => {
        this.held.add(name);
        void hold().then(() => {
          this.held.delete(name);
          done();
        });
      };
      if (!this.held.has(name)) take();
      else signal.addEventListener('abort', () => refused(new DOMException('waited', 'TimeoutError')));
    });
  }
}

describe('what one page holds', () => {
  const put = (locks: unknown) => Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
  beforeAll(() => {
    AbortSignal.timeout ??= (ms: number) => {
      const { signal, abort } = (() => {
        const made = new AbortController();
        return { signal: made.signal, abort: () => made.abort() };
      })();
      setTimeout(abort, ms);
      return signal;
    };
  });
  afterAll(() => put(undefined));

  it('no other page gets, until it is let go', async () => {
    put(new Locks());
    const [one, other] = [new Holds(), new Holds()];
    expect(one.page).not.toBe(other.page);
    expect(await one.take('run 1')).toBe(true);
    expect(await one.take('run 1')).toBe(true);
    expect(await other.take('run 1')).toBe(false);
    expect(await other.take('run 2')).toBe(true);
    one.release('run 1');
    await Promise.resolve();
    await Promise.resolve();
    expect(await other.take('run 1')).toBe(true);
  });

  it('two questions at once are not both answered with yes while another page holds it', async () => {
    put(new Locks());
    const [one, other] = [new Holds(), new Holds()];
    await one.take('run 1');
    expect(await Promise.all([other.take('run 1'), other.take('run 1')])).toEqual([false, false]);
  });

  it('what it made itself it gets from a busy browser too, which answers after a second', async () => {
    const locks = new Locks();
    put({
      request: (name: string, asked: { signal: AbortSignal }, hold: () => Promise<void>) =>
        new Promise<void>((done, refused) => {
          asked.signal.addEventListener('abort', () => refused(new DOMException('waited', 'TimeoutError')));
          setTimeout(() => void locks.request(name, asked, hold).then(done), 1000);
        }),
    });
    expect(await new Holds().take('run 1')).toBe(false);
    expect(await new Holds().takeOwn('run 2')).toBe(true);
  });

  it('a browser that locks nothing, or will not, has one page as far as anybody can tell', async () => {
    put(undefined);
    expect(await new Holds().take('run 1')).toBe(true);
    put({ request: () => Promise.reject(new DOMException('blocked', 'SecurityError')) });
    expect(await new Holds().take('run 1')).toBe(true);
  });
});
