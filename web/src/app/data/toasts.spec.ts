import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Subject } from 'rxjs';
import { Toasts } from './toasts';

describe('a short message at the foot of the page', () => {
  let pressed$: Subject<void>;
  const open = jest.fn((...said: [words: string, button: string, how?: { duration: number }]) => {
    void said;
    return { onAction: () => pressed$ };
  });
  let toasts: Toasts;
  beforeEach(() => {
    pressed$ = new Subject();
    open.mockClear();
    TestBed.configureTestingModule({ providers: [{ provide: MatSnackBar, useValue: { open } }] });
    toasts = TestBed.inject(Toasts);
  });

  it('offers one step back, which is taken only when it is asked for', () => {
    const act = jest.fn();
    toasts.offer('Taken out.', 'Bring it back', act);
    expect(open).toHaveBeenCalledWith('Taken out.', 'Bring it back', { duration: 8000 });
    expect(act).not.toHaveBeenCalled();
    pressed$.next();
    expect(act).toHaveBeenCalledTimes(1);
  });

  it('goes by itself when it only tells', () => {
    toasts.tell('Saved.');
    expect(open.mock.calls[0]?.[2]?.duration).toBeGreaterThan(0);
  });

  it('stays until it is read where something failed, and says why in words', () => {
    toasts.failed(new HttpErrorResponse({ status: 0 }));
    const [words, , how] = open.mock.calls[0] ?? [];
    expect(words).toContain('does not answer');
    expect(how).toBeUndefined();
  });

  it('says what the server said where it refused', () => {
    const problem = { type: 'urn:x', title: 'Refused', status: 422, detail: 'Too many reps.', code: 'not-valid' };
    toasts.failed(new HttpErrorResponse({ status: 422, error: problem }));
    expect(open.mock.calls[0]?.[0]).toContain('Too many reps.');
  });
});
