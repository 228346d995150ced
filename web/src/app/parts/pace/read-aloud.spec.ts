import { TestBed } from '@angular/core/testing';
import { ReadAloud } from './read-aloud';

describe('the speaking rate, measured', () => {
  const open = async () => {
    const fixture = TestBed.createComponent(ReadAloud);
    const rates: number[] = [];
    fixture.componentInstance.measured.subscribe((rate) => rates.push(rate));
    const page = fixture.nativeElement as HTMLElement;
    let nowMs = 5000;
    jest.spyOn(performance, 'now').mockImplementation(() => nowMs);
    const press = async (words: string) => {
      [...page.querySelectorAll('button')].find((b) => b.textContent?.includes(words))?.click();
      await fixture.whenStable();
    };
    const read = async (seconds: number) => {
      await press('read aloud');
      nowMs += seconds * 1000;
      await press('Stop');
    };
    await fixture.whenStable();
    return { rates, page, press, read };
  };
  afterEach(() => jest.restoreAllMocks());

  it('is the words that were read over the time they took', async () => {
    const { rates, page, read } = await open();
    await read(60);
    const words = Number(/(\d+) words/.exec(page.textContent ?? '')?.[1]);
    expect(words).toBeGreaterThan(100);
    expect(rates).toEqual([words]);
  });

  it('stays as it was where the watch was stopped too early, or left running, and that is said', async () => {
    const { rates, page, read } = await open();
    await read(3);
    expect(rates).toEqual([]);
    expect(page.textContent).toContain('nothing was changed');
  });

  it('stays as it was where the reading is given up', async () => {
    const { rates, press } = await open();
    await press('read aloud');
    await press('Never mind');
    expect(rates).toEqual([]);
  });
});
