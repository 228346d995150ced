import * as z from 'zod';
import { wilson } from './wilson';

/** What a look again showed; mixed where the feet of one class said different things. */
export const HelpAnswer = z.enum(['better', 'same', 'worse', 'mixed']);
export type HelpAnswer = z.infer<typeof HelpAnswer>;

/** One answer of a student or a group on a date. */
export interface Answered {
  readonly exerciseId: string;
  readonly day: number;
  readonly answer: HelpAnswer;
}

/** What the answers for one exercise allow to be said. */
export interface Helped {
  readonly exerciseId: string;
  readonly n: number;
  readonly better: number;
  readonly worse: number;
  /** Fewer than four are only listed; from ten on with the range of the share, in tenths. */
  readonly tenths: { readonly from: number; readonly to: number } | null;
  readonly counted: boolean;
  /** Against all other exercises; null where the numbers do not allow it. */
  readonly thanMost: 'more' | 'less' | null;
  /** Share of `better` over all other exercises: people say better after most things. */
  readonly othersBetter: number | null;
  /** The two newest say worse: is it to be kept? */
  readonly worseTwice: boolean;
  readonly answers: readonly Answered[];
}

/**
 * What helped, in the order in which the exercises are given, never best first. A student or group counts once a date.
 * @param order ids of exercises in the order of the plan
 */
export function whatHelped(answers: readonly Answered[], order: readonly string[]): Helped[] {
  // one a date for each exercise: the last
  const once = [...new Map(answers.map((answer) => [`${answer.exerciseId} ${answer.day}`, answer] as const)).values()];
  return order.flatMap((exerciseId) => {
    const own = once.filter((answer) => answer.exerciseId === exerciseId).sort((a, b) => a.day - b.day);
    if (own.length === 0) return [];
    const others = once.filter((answer) => answer.exerciseId !== exerciseId);
    const share =
      others.length === 0 ? null : others.filter(({ answer }) => answer === 'better').length / others.length;
    const n = own.length;
    const better = own.filter(({ answer }) => answer === 'better').length;
    const enough = n >= 10;
    const strict = enough ? wilson(better, n, 3) : null;
    const wide = enough ? wilson(better, n, 2) : null;
    return [
      {
        exerciseId,
        n,
        better,
        worse: own.filter(({ answer }) => answer === 'worse').length,
        counted: n >= 4,
        tenths: wide && { from: Math.round(wide.from * 10), to: Math.round(wide.to * 10) },
        thanMost: !strict || share === null ? null : strict.from > share ? 'more' : strict.to < share ? 'less' : null,
        othersBetter: share,
        worseTwice: own.length >= 2 && own.slice(-2).every(({ answer }) => answer === 'worse'),
        answers: own,
      },
    ];
  });
}
