import { type Proposal, type Term, movingShare, termWords } from '@core/compose';
import { type Exercise, familyNames, substituteWords } from '@core/exercise';
import { allItemsOf } from '@core/plan';
import { sayDose } from '@core/dose';
import { focusWords } from '../../parts/brief/brief-words';
import { sayTime } from '@core/say-time';
import { type FindRevision, buildTimeline, outlineOf } from '@core/timeline';

/** One line of a proposal. */
interface ProposalRow {
  readonly id: string;
  readonly exerciseId: string;
  readonly family: Exercise['family'];
  readonly start: string;
  readonly name: string;
  readonly level: string;
  readonly dose: string;
  readonly length: string;
  /** What it has to do with this class; what its part of the hour is for stands over its group. */
  readonly own: string;
  readonly carries: boolean;
  readonly again: boolean;
  /** It may be swapped: what frames the class and looks at a drill goes with it. */
  readonly swappable: boolean;
}

const groupNames: Readonly<Record<Exercise['family'], string>> = { ...familyNames, check: 'Look', close: 'Close' };

/** A proposal as it is shown. */
export function shownProposal(proposal: Proposal, find: FindRevision) {
  const { plan } = proposal;
  const timeline = buildTimeline({ plan, find });
  const reasons = new Map(proposal.reasons.map((reason) => [reason.itemId, reason]));
  const rows = timeline.items.flatMap((time): ProposalRow[] => {
    const item = allItemsOf(plan).find(({ id }) => id === time.itemId);
    const { execution } = time;
    if (item?.kind !== 'exercise' || !execution) return [];
    const { family, id, name } = execution.exercise;
    return [
      {
        id: item.id,
        exerciseId: id,
        family,
        start: sayTime(time.startMs),
        name: name[plan.school.words],
        level: [execution.rungName ?? '', ...substituteWords(execution, item.substitutes)].filter(Boolean).join(' · '),
        dose: sayDose(item.dose, execution.sidePattern),
        length: sayTime(time.totalMs),
        own: reasons.get(item.id)?.own ?? '',
        again: item.recheck !== null,
        carries: reasons.get(item.id)?.carries ?? false,
        swappable: family !== 'check' && family !== 'close',
      },
    ];
  });
  const full = proposal.terms.reduce((sum, { weight }) => sum + weight, 0);
  const groups: { readonly key: string; readonly name: string; readonly part: string; readonly rows: ProposalRow[] }[] =
    [];
  for (const row of rows) {
    const part = reasons.get(row.id)?.part ?? 'Look again: did it change anything?';
    const last = groups.at(-1);
    if (last?.part === part) last.rows.push(row);
    else groups.push({ key: row.id, name: row.again ? 'Look again' : groupNames[row.family], part, rows: [row] });
  }
  return {
    proposal,
    groups,
    time: sayTime(proposal.totalMs),
    likely: `${sayTime(proposal.likely.lowMs)} to ${sayTime(proposal.likely.highMs)}`,
    moving: `${Math.round(100 * movingShare(timeline))} %`,
    outline: { slotSeconds: plan.slotSeconds, plannedMs: proposal.totalMs, outline: outlineOf(timeline) },
    shares: proposal.shares
      .filter(({ has, asked }) => has > 0 || asked > 0)
      .map(({ family, has, asked }) => ({
        family,
        words: focusWords(family),
        has: Math.round(100 * has),
        asked: Math.round(100 * asked),
      })),
    score: `${Math.round((100 * proposal.sum) / full)} of 100`,
    terms: [...proposal.terms].sort(byLoss).map(termRow),
  };
}
export type ShownProposal = ReturnType<typeof shownProposal>;

const byLoss = (a: Term, b: Term): number => b.weight * (1 - b.value) - a.weight * (1 - a.value) || b.weight - a.weight;

const termRow = ({ id, value, weight }: Term) => ({
  id,
  words: termWords[id],
  full: value > 0.985,
  points: `${(value * weight).toFixed(1)} of ${weight}`,
});
