import { TestBed } from '@angular/core/testing';
import { type Narrowed, everything } from '../../data/loading';
import { byDay, endOfMonth, sayDay, sayInstant } from '../saying/instant-words';
import { ListFinder } from './list-finder';

describe('finding in a long list', () => {
  it('asks for words as they are typed, and for a month with all of its days', async () => {
    const fixture = TestBed.createComponent(ListFinder);
    fixture.componentRef.setInput('narrowed', everything);
    const asked: Narrowed[] = [];
    fixture.componentInstance.changed.subscribe((narrowed) => asked.push(narrowed));
    await fixture.whenStable();
    const [words, month] = [...(fixture.nativeElement as HTMLElement).querySelectorAll('input')];
    words!.value = 'lunch';
    words!.dispatchEvent(new Event('input'));
    month!.value = '2021-12';
    month!.dispatchEvent(new Event('change'));
    await new Promise((done) => setTimeout(done));
    month!.value = '';
    month!.dispatchEvent(new Event('change'));
    await new Promise((done) => setTimeout(done));
    expect(asked).toEqual([
      { words: 'lunch', before: null },
      { words: '', before: endOfMonth('2021-12') },
      { words: '', before: null },
    ]);
    expect(new Date(asked[1]?.before ?? '').getTime()).toBe(new Date(2022, 0, 1).getTime());
  });

  it('a date of another year is written with its year', () => {
    const year = new Date().getFullYear();
    expect(sayInstant(`${year - 9}-03-05T12:00:00.000Z`)).toContain(String(year - 9));
    expect(sayInstant(`${year}-03-05T12:00:00.000Z`)).not.toContain(String(year));
    expect(sayDay(`${year - 1}-03-05T12:00:00.000Z`)).toContain(String(year - 1));
  });

  it('keeps the order of what happened, a heading a day', () => {
    const at = (day: number, hour: number) => new Date(2024, 4, day, hour).toISOString();
    const days = byDay([at(3, 18), at(3, 9), at(1, 9)], (iso) => iso);
    expect(days.map(({ entries }) => entries.length)).toEqual([2, 1]);
  });
});
