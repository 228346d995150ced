import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { sayableCounts } from '@core/dose';
import { NumberField } from './number-field';

describe('a number inside a sentence', () => {
  let fixture: ComponentFixture<NumberField>;
  const changes: number[] = [];
  const field = () => (fixture.nativeElement as HTMLElement).querySelector('input')!;
  const key = (name: string) => field().dispatchEvent(new KeyboardEvent('keydown', { key: name, cancelable: true }));
  const type = (text: string) => {
    field().value = text;
    field().dispatchEvent(new Event('input'));
    field().dispatchEvent(new Event('change'));
  };

  beforeEach(async () => {
    changes.length = 0;
    fixture = TestBed.createComponent(NumberField);
    fixture.componentRef.setInput('value', 12);
    fixture.componentRef.setInput('label', 'reps');
    fixture.componentRef.setInput('scale', sayableCounts);
    fixture.componentInstance.changed.subscribe((value) => changes.push(value));
    await fixture.whenStable();
  });

  it('is a spinbutton with a name', () => {
    expect(field().getAttribute('role')).toBe('spinbutton');
    expect(field().getAttribute('aria-label')).toBe('reps');
    expect(field().value).toBe('12');
  });

  it('steps along what teachers say: 12, 15 and 10, never 13', () => {
    key('ArrowUp');
    key('ArrowDown');
    expect(changes).toEqual([15, 10]);
  });

  it('takes any typed number, a decimal comma too', () => {
    type('13');
    type('2,5');
    expect(changes).toEqual([13, 2.5]);
  });

  it('goes back to what it was when a word is typed, or when the number is refused', async () => {
    type('a dozen');
    await fixture.whenStable();
    expect(field().value).toBe('12');
    expect(changes).toEqual([]);
    type('1000');
    await fixture.whenStable();
    expect(field().value).toBe('12');
  });
});
