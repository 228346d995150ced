import { answerOfHands, whatHelped, type Answered, type Answer } from './helped';

const answers = (exerciseId: string, ...list: Answer[]): Answered[] =>
  list.map((answer, day) => ({ exerciseId, day, answer }));
const times = (n: number, answer: Answer): Answer[] => Array<Answer>(n).fill(answer);

describe('what helped', () => {
  it('counts a class as one answer, by more than half of its hands', () => {
    expect(answerOfHands({ better: 6, same: 4, worse: 1 })).toBe('better');
    expect(answerOfHands({ better: 5, same: 3, worse: 3 })).toBe('mixed');
    expect(answerOfHands({ better: 0, same: 9, worse: 0 })).toBe('same');
    expect(answerOfHands({ better: 1, same: 2, worse: 8 })).toBe('worse');
    expect(answerOfHands({ better: 0, same: 0, worse: 0 })).toBeNull();
  });

  it('only lists fewer than four, counts from four on, and gives a range from ten on', () => {
    const [three] = whatHelped(answers('roll', 'better', 'same', 'better'), ['roll']);
    expect(three).toMatchObject({ n: 3, counted: false, tenths: null, thanMost: null });
    const [four] = whatHelped(answers('roll', 'better', 'better', 'same', 'better'), ['roll']);
    expect(four).toMatchObject({ n: 4, better: 3, counted: true, tenths: null });
    // 8 of 10, z 2: (0.8 + 0.2 ± 2 · √(0.016 + 0.01)) / 1.4 = 0.48 to 0.94
    const [ten] = whatHelped(answers('roll', ...times(8, 'better'), 'same', 'same'), ['roll']);
    expect(ten?.tenths).toEqual({ from: 5, to: 9 });
  });

  it('keeps the order of the plan, best or not', () => {
    const all = [...answers('roll', 'worse'), ...answers('rise', 'better')];
    expect(whatHelped(all, ['roll', 'rise']).map(({ exerciseId }) => exerciseId)).toEqual(['roll', 'rise']);
  });

  it('says more often than most only against the share of all others, and only with ten', () => {
    const all = [
      ...answers('roll', ...times(20, 'better')),
      ...answers('rise', ...times(6, 'better'), ...times(14, 'same')),
    ];
    const [roll] = whatHelped(all, ['roll']);
    expect(roll).toMatchObject({ thanMost: 'more', othersBetter: 0.3 });
    expect(whatHelped(answers('roll', ...times(20, 'better')), ['roll'])[0]?.thanMost).toBeNull();
  });

  it('asks after two worse running whether to keep it', () => {
    expect(whatHelped(answers('roll', 'better', 'worse', 'worse'), ['roll'])[0]?.worseTwice).toBe(true);
    expect(whatHelped(answers('roll', 'worse', 'better', 'worse'), ['roll'])[0]?.worseTwice).toBe(false);
  });

  it('counts a student once a date: the last answer', () => {
    const twice: Answered[] = [
      { exerciseId: 'roll', day: 1, answer: 'worse' },
      { exerciseId: 'roll', day: 1, answer: 'better' },
    ];
    expect(whatHelped(twice, ['roll'])[0]).toMatchObject({ n: 1, better: 1, worse: 0 });
  });
});
