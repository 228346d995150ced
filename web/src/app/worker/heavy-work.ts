import { Injectable, InjectionToken, inject } from '@angular/core';
import { Observable } from 'rxjs';
import type { FromWorker, Job, ResultOf, ToWorker } from './job';

/** What a worker looks like from the page. */
export interface WorkerLike {
  postMessage(message: ToWorker): void;
  addEventListener(type: 'message', listener: (event: { readonly data: FromWorker }) => void): void;
  addEventListener(type: 'error', listener: (event: unknown) => void): void;
  removeEventListener(type: 'message', listener: (event: { readonly data: FromWorker }) => void): void;
}
export const WORKER_FACTORY = new InjectionToken<() => WorkerLike>('worker factory');

/** How far heavy work is, 0 to 1, and at last what came of it. */
export type Progress<T> = { readonly done: number; readonly result: null } | { readonly done: 1; readonly result: T };

/** Heavy work in the one worker: progress comes as it goes, leaving the stream cancels it, typing never waits. */
@Injectable({ providedIn: 'root' })
export class HeavyWork {
  private readonly start = inject(WORKER_FACTORY);
  private worker: WorkerLike | null = null;
  private last = 0;

  run<J extends Job>(job: J): Observable<Progress<ResultOf<J>>> {
    return new Observable((subscriber) => {
      const worker = (this.worker ??= this.start());
      const id = ++this.last;
      const hear = ({ data }: { readonly data: FromWorker }): void => {
        if (data.id !== id) return;
        if (data.kind === 'progress') subscriber.next({ done: data.done, result: null });
        else if (data.kind === 'failed') subscriber.error(new Error(data.words));
        else {
          subscriber.next({ done: 1, result: data.result });
          subscriber.complete();
        }
      };
      worker.addEventListener('message', hear);
      worker.addEventListener('error', () => {
        this.worker = null;
        subscriber.error(new Error('The worker stopped.'));
      });
      worker.postMessage({ kind: 'start', id, job });
      let open = true;
      subscriber.add(() => {
        worker.removeEventListener('message', hear);
        if (open) worker.postMessage({ kind: 'cancel', id });
        open = false;
      });
    });
  }
}
