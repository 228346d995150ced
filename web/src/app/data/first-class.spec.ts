import { TestBed } from '@angular/core/testing';
import { FirstClass } from './first-class';

/** The page opened anew in the same browser. */
const opened = (): FirstClass => {
  TestBed.resetTestingModule();
  return TestBed.inject(FirstClass);
};

describe('the first class in a browser', () => {
  beforeEach(() => localStorage.clear());

  it('leads through the first empty class that is opened, after a reload too, and through no other', () => {
    const first = opened();
    expect(first.leads('class-1')).toBe(false);
    first.meet('class-1');
    first.meet('class-2');
    expect([first.leads('class-1'), first.leads('class-2')]).toEqual([true, false]);
    expect(opened().leads('class-1')).toBe(true);
  });

  it('is over for good once it is', () => {
    const first = opened();
    first.meet('class-1');
    first.finish();
    expect(first.leads('class-1')).toBe(false);
    const later = opened();
    later.meet('class-3');
    expect(later.leads('class-3')).toBe(false);
  });

  it('leads until the page closes where the browser keeps nothing', () => {
    const blocked = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('blocked');
    });
    const first = opened();
    first.meet('class-1');
    expect(first.leads('class-1')).toBe(true);
    blocked.mockRestore();
  });
});
