import { remembering } from './remembering';

describe('what was worked out before', () => {
  it('is answered without working it out again', () => {
    const work = jest.fn((words: string) => words.length);
    const lengthOf = remembering(work, 10);
    expect([lengthOf('arch'), lengthOf('toe'), lengthOf('arch')]).toEqual([4, 3, 4]);
    expect(work).toHaveBeenCalledTimes(2);
  });

  it('is kept of so many alone: a long evening of typing does not fill the memory', () => {
    const work = jest.fn((day: number) => day + 1);
    const next = remembering(work, 3);
    for (const day of [1, 2, 3, 4]) expect(next(day)).toBe(day + 1);
    expect(next(4)).toBe(5);
    expect(work).toHaveBeenCalledTimes(4);
    expect(next(1)).toBe(2);
    expect(work).toHaveBeenCalledTimes(5);
  });
});
