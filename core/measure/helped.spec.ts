import { type Answered, type HelpAnswer, whatHelped } from './helped';
import { helpedWords, othersWords } from './helped-words';

const answers = (exerciseId: string, ...list: HelpAnswer[]): Answered[] =>
  list.map((answer, day) => ({ exerciseId, day, answer }));
const times = (n: number, answer: HelpAnswer): HelpAnswer[] => Array<HelpAnswer>(n).fill(answer);

describe('what helped', () => {
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
    // in what the others get, too: better once and same once, not better twice
    const others: Answered[] = [
      { exerciseId: 'rise', day: 1, answer: 'better' },
      { exerciseId: 'rise', day: 1, answer: 'better' },
      { exerciseId: 'rise', day: 2, answer: 'same' },
    ];
    expect(whatHelped([...twice, ...others], ['roll'])[0]?.othersBetter).toBe(0.5);
  });
});

describe('what helped, in words', () => {
  const said = (exerciseId: string, all: readonly Answered[]) => {
    const [helped] = whatHelped(all, [exerciseId]);
    return helped && helpedWords(helped);
  };

  it('only lists what was answered until there are four', () => {
    expect(said('roll', answers('roll', 'better', 'worse', 'better'))).toEqual({
      said: 'better, worse, better',
      range: '',
      worse: '',
    });
  });

  it('says how often, and worse as plainly, without a word about the future before ten', () => {
    expect(said('roll', answers('roll', 'better', 'worse', 'better', 'better'))).toEqual({
      said: 'better 3 of 4 times',
      range: '',
      worse: 'worse once',
    });
  });

  it('says from ten on how far chance reaches, and more than most only where it clears what others get', () => {
    expect(said('roll', answers('roll', ...times(8, 'better'), 'same', 'same'))?.range).toBe(
      '5 to 9 times in 10 if it goes on like this',
    );
    const all = [
      ...answers('roll', ...times(20, 'better')),
      ...answers('rise', ...times(6, 'better'), ...times(14, 'same')),
    ];
    expect(said('roll', all)?.range).toMatch(/; more often than after most of what they do$/);
  });

  it('asks whether to keep what was worse twice running', () => {
    expect(said('roll', answers('roll', 'worse', 'worse'))?.worse).toBe('worse twice running: keep it?');
  });

  it('puts beside it what everything else gets', () => {
    expect(othersWords(0.72)).toBe('better 7 in 10 after everything else');
    expect(othersWords(null)).toBe('');
  });
});
