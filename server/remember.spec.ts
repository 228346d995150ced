import { Remembered } from './remember';

describe('what was worked out', () => {
  it('is kept until something it was worked out from is another', () => {
    const known = new Remembered<number>(10);
    let made = 0;
    const get = (by: string) => known.get('class', by, () => ++made);
    expect([get('one'), get('one'), get('two'), get('two'), get('one')]).toEqual([1, 1, 2, 2, 3]);
    expect([known.find('class', 'one'), known.find('class', 'two')]).toEqual([3, undefined]);
  });

  it('is let go, the oldest first, where there is very much of it', () => {
    const known = new Remembered<string>(2);
    for (const id of ['a', 'b', 'c']) known.get(id, 'now', () => id);
    expect(['a', 'b', 'c'].map((id) => known.find(id, 'now'))).toEqual([undefined, 'b', 'c']);
    // what is known already drives nobody out
    known.get('c', 'later', () => 'anew');
    expect([known.find('b', 'now'), known.find('c', 'later')]).toEqual(['b', 'anew']);
  });
});
