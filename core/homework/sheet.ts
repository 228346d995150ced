import { type FeetPattern, sayDose } from '../dose';
import type { Execution, Phase } from '../exercise';
import { isFetched, kitNames } from '../kit';
import type { Pace } from '../plan';
import { type ClassDay, type HomeDay, homeDays } from './days';
import { mindsIn } from './faults';
import { rhythmWords, setsWords } from './homework';
import { type DayTime, minutesOf, minutesWords, timesOfDays } from './minutes';
import { type HomeAsked, type Settled, settledOf } from './settled';

/** One exercise as it stands on the paper. */
export interface SheetLine {
  readonly itemId: string;
  readonly name: string;
  /** Its level; empty where it has none. */
  readonly level: string;
  /** "10 reps, each foot" */
  readonly dose: string;
  /** "3 to 5 sets, every other day" */
  readonly often: string;
  readonly setUp: string;
  readonly action: string;
  /** What to look out for, and what then helps. */
  readonly watch: string;
  /** What is needed, and what stands in for it. */
  readonly kit: string;
  readonly hidesIn: string;
  readonly note: string;
  /** What this person has to mind. */
  readonly minds: readonly string[];
  /** What both feet do where it works. */
  readonly phase: Phase;
}

/** A day of the sheet, as a column of boxes. */
export interface SheetDay {
  readonly date: string;
  /** Its class, or classes. */
  readonly classes: string;
  /** For each line: a box to tick, nothing to do, or done in class. */
  readonly boxes: readonly ('box' | 'none' | 'class')[];
}

/** All that a sheet of homework says, before it is laid out on a page. */
export interface Sheet {
  readonly title: string;
  /** Whom it is for; empty where it is for anybody. */
  readonly who: string;
  readonly from: string;
  readonly to: string;
  readonly lines: readonly SheetLine[];
  readonly days: readonly SheetDay[];
  /** "8 to 12 min on full days, 3 min on the others" */
  readonly time: string;
  /** What to have at hand. */
  readonly kit: string;
  readonly stop: string;
  readonly ask: string;
}

/** When to stop, as it is said on every sheet. */
export const stopWords =
  'Work in the sole or calf may burn, and an arch may cramp: ease, shake, go on. Stop for sharp pain, pain in a joint, numbness or tingling, and pain that grows. A pop or kick at the heel, no strength to push off, a calf that swells or is hot: stop at once and see a clinician.';
export const askWords =
  'Barefoot, with something to hold on to, on a floor that does not slip. If it hurts the next day, do less and tell me. This is practice, not treatment: what a clinician told you comes first.';

export interface SheetAsked extends HomeAsked {
  readonly pace: Pace;
  readonly classes: readonly ClassDay[];
  /** Whom it is for, as they are called. */
  readonly who: string;
}

/** A sheet of homework as it is printed: what cannot be done by this person with what they own is not on it. */
export function sheetOf(asked: SheetAsked): Sheet {
  const { homework, classes, pace, who } = asked;
  const settled = settledOf(asked);
  const days = homeDays(homework, settled, classes);
  const kit = [...new Set(settled.flatMap(({ execution }) => execution.kit.map(({ kit: id }) => id)))];
  return {
    title: homework.title,
    who,
    from: homework.from,
    to: days.at(-1)?.date ?? homework.from,
    lines: settled.map((one) => lineOf(one, asked)),
    days: days.map((day) => sheetDay(day, settled)),
    time: timeWords(timesOfDays(days, settled, asked, pace)),
    kit: kit
      .filter((id) => isFetched(id) || id === 'wall')
      .map((id) => kitNames[id])
      .join(', '),
    stop: stopWords,
    ask: askWords,
  };
}

function lineOf(one: Settled, asked: SheetAsked): SheetLine {
  const { item, exercise, execution, substitutes } = one;
  const { words } = asked.school;
  const [fault] = execution.faults;
  const pattern: FeetPattern = execution.sidePattern;
  return {
    itemId: item.id,
    name: exercise.name[words],
    level: execution.rungName ?? '',
    dose: sayDose(item.dose, pattern),
    often: `${setsWords(item.sets)}, ${rhythmWords[item.rhythm]}`,
    setUp: execution.cues.setup[words],
    action: execution.cues.action[words],
    watch: fault ? `${fault.seen}: “${fault.say}”` : '',
    kit: execution.kit
      .map((need) => {
        const swap = substitutes.find(({ by }) => by === need.kit);
        const changes = swap && changeOf(one, swap.of, swap.by);
        return swap
          ? `${kitNames[swap.by]} for ${kitNames[swap.of]}${changes ? `: ${changes}` : ''}`
          : kitNames[need.kit];
      })
      .join(', '),
    hidesIn: item.hidesIn,
    note: item.note,
    minds: mindsIn(one, asked),
    phase: tellingPhase(execution),
  };
}

/** The phase that shows what is asked: the first that works against load, else the first of all. */
export function tellingPhase({ phases }: Execution): Phase {
  const [first] = phases;
  if (!first) throw new RangeError('an exercise has a phase');
  return phases.find(({ effort }) => effort) ?? first;
}

/** What a swap changes, in the words of the exercise. */
function changeOf({ exercise }: Settled, of: string, by: string): string {
  const need = exercise.performance.kit.find(({ kit }) => kit === of);
  return need?.substitutes.find(({ kit }) => kit === by)?.changes ?? '';
}

function sheetDay({ date, classes, due, not }: HomeDay, settled: readonly Settled[]): SheetDay {
  return {
    date,
    classes: classes.map(({ title }) => title).join(', '),
    boxes: settled.map(({ item: { id } }) => (due.includes(id) ? 'box' : not[id] === 'in-class' ? 'class' : 'none')),
  };
}

/** What a day takes: the full ones, and the others where those are shorter by a minute and more. */
export function timeWords(times: ReadonlyMap<string, DayTime>): string {
  const { longest, shortest, daysWithWork } = minutesOf(times);
  if (daysWithWork === 0) return 'nothing to do yet';
  if (longest.leastMs - shortest.leastMs < 60_000) return `${minutesWords(longest)} a day`;
  return `${minutesWords(longest)} on full days, ${minutesWords(shortest)} on the shortest`;
}
