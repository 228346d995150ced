import type { Helped } from './helped';

/** What the answers for one exercise allow to be said, and no more. */
export interface HelpedWords {
  /** "better 3 of 4 times"; under four answers, those there are, newest last. */
  readonly said: string;
  /** How far chance alone reaches, from ten answers on; and how it stands against everything else. Empty before. */
  readonly range: string;
  /** Worse is always told; twice running asks. Empty where nobody was worse. */
  readonly worse: string;
}

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

export function helpedWords({ n, better, worse, tenths, counted, thanMost, worseTwice, answers }: Helped): HelpedWords {
  const range =
    tenths === null
      ? ''
      : `${tenths.from === tenths.to ? `about ${tenths.from}` : `${tenths.from} to ${tenths.to}`} times in 10 if it goes on like this`;
  return {
    said: counted ? `better ${better} of ${n} times` : answers.map(({ answer }) => answer).join(', '),
    range: thanMost === null ? range : `${range}; ${thanMost} often than after most of what they do`,
    worse: worseTwice ? 'worse twice running: keep it?' : worse > 0 && counted ? `worse ${times(worse)}` : '',
  };
}

/** Beside every count: people say better after most things. Empty where there is nothing to stand beside it. */
export const othersWords = (share: number | null): string =>
  share === null ? '' : `better ${Math.round(share * 10)} in 10 after everything else`;
