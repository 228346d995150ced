import type { WorkerLike } from '../app/worker/heavy-work';
import { type FromWorker, Pump, type ToWorker } from '../app/worker/job';

/** A worker in the same thread, whose time runs only when it is told to. */
export class LocalWorker implements WorkerLike {
  readonly heard: ToWorker[] = [];
  readonly waiting: (() => void)[] = [];
  private readonly listeners = new Set<(event: { readonly data: FromWorker }) => void>();
  private ms = 0;
  private readonly pump = new Pump(
    (data) => this.listeners.forEach((listener) => listener({ data })),
    (goOn) => this.waiting.push(goOn),
    () => (this.ms += 8),
  );
  postMessage(message: ToWorker): void {
    this.heard.push(message);
    this.pump.hear(message);
  }
  addEventListener(type: 'message' | 'error', listener: (event: { readonly data: FromWorker }) => void): void {
    if (type === 'message') this.listeners.add(listener);
  }
  removeEventListener(_: 'message', listener: (event: { readonly data: FromWorker }) => void): void {
    this.listeners.delete(listener);
  }
  drain(most = 10_000): void {
    for (let i = 0; i < most; i++) {
      const next = this.waiting.shift();
      if (!next) return;
      next();
    }
  }
}
