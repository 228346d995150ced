import { HttpErrorResponse } from '@angular/common/http';
import { type Observable, Subject, of, throwError } from 'rxjs';
import { type Loading, loading, mostInSight, pages } from './loading';

describe('something that is fetched', () => {
  const away = () => throwError(() => new HttpErrorResponse({ status: 0 }));

  it('is waited for, then here; asked again, what was here stays in sight', () => {
    const asked$ = new Subject<number>();
    const answers = [of('one'), away(), of('two')];
    const seen: Loading<string>[] = [];
    loading(asked$, (n: number): Observable<string> => answers[n]!).subscribe((state) => seen.push(state));
    asked$.next(0);
    asked$.next(1);
    asked$.next(2);
    expect(seen.map((s) => [s.status, s.value])).toEqual([
      ['waiting', null],
      ['ready', 'one'],
      ['waiting', 'one'],
      ['failed', 'one'],
      ['waiting', 'one'],
      ['ready', 'two'],
    ]);
    expect(seen[3]).toMatchObject({ words: expect.stringContaining('does not answer') as string });
  });

  it('answers the newest question alone', () => {
    const asked$ = new Subject<string>();
    const slow = new Subject<string>();
    const seen: (string | null)[] = [];
    loading(asked$, (q: string) => (q === 'slow' ? slow : of(q))).subscribe(({ value }) => seen.push(value));
    asked$.next('slow');
    asked$.next('quick');
    slow.next('too late');
    expect(seen.at(-1)).toBe('quick');
  });

  it('comes in pages, each after the one before; the first begins anew', () => {
    const asked$ = new Subject<'first' | 'more'>();
    const places: (string | null)[] = [];
    let now: Loading<{ items: readonly number[]; next: string | null }> | null = null;
    pages(asked$, (after) => {
      places.push(after);
      return of(after === null ? { items: [1, 2], next: 'b' } : { items: [3], next: null });
    }).subscribe((state) => (now = state));
    for (const ask of ['first', 'more', 'first'] as const) {
      asked$.next(ask);
      expect(now).toMatchObject({ value: { items: ask === 'more' ? [1, 2, 3] : [1, 2] } });
    }
    expect(places).toEqual([null, 'b', null]);
  });

  it('a list that is read on and on keeps its newest page in sight no more than the last few hundred', () => {
    const asked$ = new Subject<'first' | 'more'>();
    let now: Loading<{ items: readonly number[]; cut: boolean }> | null = null;
    let served = 0;
    pages(asked$, () => of({ items: Array.from({ length: 60 }, () => served++), next: 'on' })).subscribe(
      (state) => (now = state),
    );
    asked$.next('first');
    for (let i = 0; i < 20; i++) asked$.next('more');
    const { value } = now as unknown as { value: { items: number[]; cut: boolean } };
    expect(value.items).toHaveLength(mostInSight);
    expect([value.items.at(-1), value.cut]).toEqual([21 * 60 - 1, true]);
    asked$.next('first');
    expect(now).toMatchObject({ value: { cut: false } });
  });
});
