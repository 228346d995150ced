import { HttpClient } from '@angular/common/http';
import { Injectable, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, catchError, debounceTime, map, of, startWith, switchMap } from 'rxjs';
import { Access, Strength } from '@core/contract';
import { Door } from './door';
import { failureOf, failureWords } from './request-failure';

const door = '/api/access';
/** A password is judged when nothing more has been typed for so long, ms. */
const quietMs = 250;

/** The server's door: who is in, coming in, going out, another password. */
@Injectable()
export class AccessBox {
  private readonly http = inject(HttpClient);
  private readonly door = inject(Door);
  private readonly read$ = new Subject<void>();
  private readonly typing$ = new Subject<string>();
  private readonly underWay = signal(false);
  private readonly refused = signal('');

  /** Null until it is known. */
  readonly now = toSignal(
    this.read$.pipe(
      startWith(undefined),
      switchMap(() => this.http.get(door).pipe(catchError(() => of(null)))),
      map((body) => (body === null ? null : Access.parse(body))),
    ),
    { initialValue: null },
  );
  /** How hard what is typed is to guess; null while nothing is, or nothing is known of it. */
  readonly strength = toSignal(
    this.typing$.pipe(
      debounceTime(quietMs),
      switchMap((password) =>
        password === ''
          ? of(null)
          : this.http.post(`${door}/strength`, { password }).pipe(
              map((body) => Strength.parse(body)),
              catchError(() => of(null)),
            ),
      ),
    ),
    { initialValue: null },
  );
  readonly busy = this.underWay.asReadonly();
  /** Why the last thing that was asked for was not done; empty where it was. */
  readonly fault = this.refused.asReadonly();

  signIn(password: string): void {
    this.ask(this.http.post(door, { password }), () => this.door.open());
  }

  /** @param all every device, and not this one alone */
  signOut(all: boolean, done: () => void): void {
    this.ask(this.http.delete(all ? `${door}/all` : door), done);
  }

  /** @param current the password there is; null where there is none */
  set(current: string | null, next: string, done: () => void): void {
    this.ask(this.http.put(`${door}/password`, { current, next }), done);
  }

  remove(current: string, done: () => void): void {
    this.ask(this.http.delete(`${door}/password`, { body: { current } }), done);
  }

  judge(typed: string): void {
    this.typing$.next(typed);
  }

  /** What was refused is read; something else is asked for. */
  begin(): void {
    this.refused.set('');
    this.typing$.next('');
  }

  private ask(done$: Observable<unknown>, done: () => void): void {
    this.underWay.set(true);
    this.refused.set('');
    done$.subscribe({
      next: () => {
        this.underWay.set(false);
        this.read$.next();
        done();
      },
      error: (error: unknown) => {
        this.underWay.set(false);
        this.refused.set(failureWords(failureOf(error)));
      },
    });
  }
}
