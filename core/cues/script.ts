import type { DosePart } from '../dose';
import { type Execution, concernNames, picturesOf, takeOffWords } from '../exercise';
import { type RedThread, type ThreadItem, redThread } from '../idea';
import type { AnyItem, Item, Plan } from '../plan';
import { type Bout, boutsOf } from '../run';
import { speakingMs } from '../speaking';
import { type ItemTime, type Timeline, type TimelineEvent, optionWindows } from '../timeline';
import { byPhase } from './by-phase';
import { type Cue, type CueMoment, isTooLong } from './cue';
import { type Place, type Places, placesOf } from './places';
import { shorter } from './shorter';

export interface ScriptInput {
  readonly plan: Plan;
  readonly timeline: Timeline;
  /** How many classes this group, or this class, has been taught before: the pictures go round with it. */
  readonly taught?: number;
}

/** What is said when, in the order of the class. */
export interface CueScript {
  readonly cues: readonly Cue[];
  readonly wordsPerMinute: number;
}

/**
 * The words of a class, each where it is said. Set-up, limits and options before the first rep; the action on the first
 * rep, on its phases where it tells them one by one; the picture on the second, once the rhythm runs, or on the second
 * foot where each has a single hold; the breath on the third; then silence, until the movement turns or the last rep
 * comes. On the other foot the action once more and one correction, as far as there is time. One idea at a time.
 */
export function scriptOf({ plan, timeline, taught = 0 }: ScriptInput): CueScript {
  const writer = new Writer(plan, timeline, taught);
  return { cues: writer.bouts.flatMap((bout) => writer.bout(bout)), wordsPerMinute: writer.rate };
}

/** How much of a class is words, ms: as far as there is time for them. */
export const spokenMs = ({ cues }: CueScript): number =>
  cues.reduce((ms, { sayMs, roomMs }) => ms + Math.min(sayMs, roomMs), 0);

/** Silence behind each cue until the next, or the end of the class, ms. */
export const silences = ({ cues }: CueScript, totalMs: number): number[] =>
  cues.map(({ startMs, sayMs, roomMs }, i) =>
    Math.max(0, (cues[i + 1]?.startMs ?? totalMs) - startMs - Math.min(sayMs, roomMs)),
  );

/** What each exercise's cues are written with. */
type Said = Readonly<Record<'setup' | 'action' | 'picture' | 'correction', string>> & { readonly breath: string };

const compareWords = 'Both feet on the floor. Which one is wider, warmer, steadier?';
const takenOffWords = 'Off, then look: the skin is even in colour, nothing tingles.';
const askWords = 'Hands up: better? The same? Worse?';

class Writer {
  readonly rate: number;
  readonly bouts: readonly Bout[];
  /** Items of which a foot has been taught, and those whose picture has been said. */
  private readonly begun = new Set<string>();
  private readonly pictured = new Set<string>();
  private ideaSaid = false;
  private readonly items: ReadonlyMap<string, AnyItem>;
  private readonly times: ReadonlyMap<string, ItemTime>;
  /** The last bout of each item, by its index. */
  private readonly lastOf: ReadonlyMap<string | null, number>;
  private readonly shown: readonly TimelineEvent[];
  /** The idea through the class, where it can be followed. */
  private readonly thread: RedThread | null;

  constructor(
    private readonly plan: Plan,
    private readonly timeline: Timeline,
    private readonly taught: number,
  ) {
    this.rate = plan.pace.speakingWordsPerMinute;
    this.bouts = boutsOf(timeline);
    this.items = new Map(plan.blocks.flatMap((block) => block.items.map((item) => [item.id, item] as const)));
    this.times = new Map(timeline.items.map((time) => [time.itemId, time]));
    this.lastOf = new Map(this.bouts.map((bout) => [bout.itemId, bout.index]));
    this.shown = timeline.events.filter((event) => event.kind === 'demonstration');
    this.thread = redThread(plan, timeline);
  }

  bout(bout: Bout): Cue[] {
    const whole = { startMs: bout.startMs, endMs: bout.endMs };
    if (bout.itemId === null) return [this.cue(bout, 'compare', compareWords, whole)];
    const found = this.items.get(bout.itemId);
    if (found?.kind === 'talk') {
      const said = found.note === '' ? [] : [this.cue(bout, 'talk', found.note, whole)];
      return [...said, ...this.idea(bout, { startMs: whole.startMs + sayMsOf(said), endMs: whole.endMs })];
    }
    const time = this.times.get(bout.itemId);
    if (!found || !time?.execution) return [];
    if (this.timeline.worn.some((w) => w.itemId === bout.itemId && bout.startMs >= w.endMs))
      return [this.cue(bout, 'take-off', `${takeOffWords(time.execution)}. ${takenOffWords}`, whole)];
    return this.exercise(bout, found, time, time.execution);
  }

  private exercise(bout: Bout, item: Item, time: ItemTime, execution: Execution): Cue[] {
    const shown = this.shown.find((e) => e.itemId === item.id && e.endMs === bout.workStartMs);
    const places = placesOf(bout, shown, (event) => wayOf(item.dose, event));
    const said = this.saidOf(item, execution);
    const again = this.begun.has(item.id);
    this.begun.add(item.id);
    const before = again
      ? this.otherSide(bout, said, places.before)
      : this.opening(bout, time, execution, said, places.before);
    return [...before, ...this.work(bout, item, execution, said, places, again)].sort((a, b) => a.startMs - b.startMs);
  }

  /** Before the first rep: what to take and how to stand; then what fits of the idea, the limits and the options. */
  private opening(bout: Bout, time: ItemTime, execution: Execution, said: Said, { startMs, endMs }: Place): Cue[] {
    const cues = said.setup === '' ? [] : [this.cue(bout, 'setup', said.setup, { startMs, endMs })];
    const rest = () => ({ startMs: startMs + sayMsOf(cues), endMs });
    const { concerns } = this.plan.brief;
    for (const { concern, words } of execution.cautions.filter((caution) => concerns.includes(caution.concern)))
      cues.push(...this.ifItFits(bout, 'limit', `With ${concernNames[concern]}: ${lowerFirst(words)}`, rest()));
    const options = optionWindows(this.plan, time).map(
      ({ which, execution: of }) => `${which === 'easier' ? 'Easier' : 'Harder'}: ${of.rungName ?? ''}.`,
    );
    if (options.length > 0) cues.push(...this.ifItFits(bout, 'options', options.join(' '), rest()));
    cues.push(...this.idea(bout, rest()));
    return cues;
  }

  /** The other foot: which one, and how to stand as far as there is time to say it again. */
  private otherSide(bout: Bout, said: Said, { startMs, endMs }: Place): Cue[] {
    if (bout.feet !== 'left' && bout.feet !== 'right') return [];
    const cues = this.ifItFits(bout, 'side', `The ${bout.feet} foot.`, { startMs, endMs });
    return [...cues, ...this.ifItFits(bout, 'setup', said.setup, { startMs: startMs + sayMsOf(cues), endMs })];
  }

  private work(
    bout: Bout,
    item: Item,
    execution: Execution,
    said: Said,
    { ideas, phases, turns, last }: Places,
    again: boolean,
  ): Cue[] {
    const cues: Cue[] = [];
    const [first, second, third] = ideas;
    const owesPicture = again && !this.pictured.has(item.id);
    if (first && !again) cues.push(...this.action(bout, execution, said.action, first, phases));
    if (first && again && !owesPicture) cues.push(...this.ifItFits(bout, 'action', said.action, first, 'shorten'));
    const forPicture = owesPicture ? first : again ? undefined : second;
    if (forPicture && said.picture !== '') {
      this.pictured.add(item.id);
      cues.push(this.cue(bout, 'picture', said.picture, forPicture));
    }
    if (again && second && !owesPicture)
      cues.push(...this.ifItFits(bout, 'correction', said.correction, second, 'shorten'));
    if (!again && third && said.breath !== '') cues.push(...this.ifItFits(bout, 'breath', said.breath, third));
    const isFree = ({ startMs, endMs }: Place) => !cues.some((c) => c.startMs < endMs && c.startMs + c.sayMs > startMs);
    for (const place of turns)
      cues.push(...this.ifItFits(bout, 'turn', 'Last one, then the other way.', place, 'shorten'));
    if (last && isFree(last)) cues.push(...this.ifItFits(bout, 'last', 'Last one.', last));
    const asks = item.recheck !== null && !this.comesAgain(bout, item.id);
    if (!asks) return cues;
    const { question = '' } = this.onThread(item.id) ?? {};
    const about = question === '' ? [] : this.atTheEnd(bout, 'ask', `${question} ${askWords}`);
    return [...cues, ...(about.length > 0 ? about : this.atTheEnd(bout, 'ask', askWords))];
  }

  /** The action, on the phases that it tells; else over the whole first rep. */
  private action(bout: Bout, execution: Execution, words: string, first: Place, phases: readonly Place[]): Cue[] {
    // whoever made the exercise has not written it yet
    if (words === '') return [];
    const names = execution.phases.map((phase) => phase.name);
    const told = phases.length === names.length ? byPhase(words, names) : [{ phase: null, words }];
    // quick phases run on: what they are called is said over the whole of it
    const slow = told.every(({ phase }) => phase !== null && lengthOf(phases[phase]) >= slowPhaseMs);
    if (!slow) return [this.cue(bout, 'action', words, first)];
    return told.map((part, i): Cue => {
      const from = phases[part.phase ?? 0] ?? first;
      const until = phases[told[i + 1]?.phase ?? phases.length]?.startMs ?? phases.at(-1)?.endMs ?? first.endMs;
      return {
        ...this.cue(bout, 'action', part.words, { startMs: from.startMs, endMs: until }),
        phase: names[part.phase ?? 0] ?? null,
      };
    });
  }

  private atTheEnd(bout: Bout, moment: CueMoment, words: string): Cue[] {
    const sayMs = speakingMs(words, this.rate);
    return this.ifItFits(bout, moment, words, {
      startMs: Math.max(bout.workStartMs, bout.endMs - sayMs),
      endMs: bout.endMs,
    });
  }

  /**
   * The idea of the class where there is first time for it; then its picture, changed each time it returns, and what
   * bridges to an exercise that asks the opposite.
   */
  private idea(bout: Bout, place: Place): Cue[] {
    const { idea } = this.plan.brief;
    if (idea === '') return [];
    const { bridge = '', picture = '' } = this.onThread(bout.itemId) ?? {};
    if (bridge !== '') return this.ifItFits(bout, 'idea', bridge, place);
    if (this.ideaSaid) return this.ifItFits(bout, 'idea', picture, place);
    const said = this.ifItFits(bout, 'idea', idea, place);
    this.ideaSaid = said.length > 0;
    return said;
  }

  private onThread(itemId: string | null): ThreadItem | null {
    return this.thread?.items.find((item) => item.itemId === itemId) ?? null;
  }

  private comesAgain({ index }: Bout, itemId: string): boolean {
    return (this.lastOf.get(itemId) ?? 0) > index;
  }

  private cue(bout: Bout, moment: CueMoment, words: string, { startMs, endMs }: Place): Cue {
    return {
      bout: bout.index,
      itemId: bout.itemId,
      moment,
      feet: bout.feet,
      words,
      phase: null,
      startMs,
      roomMs: endMs - startMs,
      sayMs: speakingMs(words, this.rate),
    };
  }

  /** What may be left unsaid: where it does not fit it is not said, or shorter. */
  private ifItFits(bout: Bout, moment: CueMoment, words: string, place: Place, otherwise?: 'shorten'): Cue[] {
    if (words === '') return [];
    const cue = this.cue(bout, moment, words, place);
    if (!isTooLong(cue)) return [cue];
    const less = otherwise === 'shorten' ? shorter(words, wordsFor(cue.roomMs, this.rate)) : null;
    return less === null ? [] : [this.cue(bout, moment, less, place)];
  }

  private saidOf({ id, cues: own }: Item, execution: Execution): Said {
    const words = this.plan.school.words;
    const { cues } = execution;
    const onIt = this.onThread(id);
    const pictures = picturesOf(execution).map((picture) => picture[words]);
    return {
      setup: own.setup ?? cues.setup[words],
      action: own.action ?? cues.action[words],
      breath: own.breath ?? cues.breath?.[words] ?? '',
      picture: own.picture ?? pictures[this.taught % pictures.length] ?? '',
      correction: own.correction ?? onIt?.watch?.say ?? cues.correction[words],
    };
  }
}

/** A phase that is shorter has no words of its own, ms (Needlework's own). */
const slowPhaseMs = 1500;

/** How many words can be said in a time. */
export const wordsFor = (ms: number, wordsPerMinute: number): number => Math.floor((ms * wordsPerMinute) / 60_000);

const lengthOf = (place: Place | undefined): number => (place ? place.endMs - place.startMs : 0);
const sayMsOf = (cues: readonly Cue[]): number => cues.reduce((ms, cue) => ms + cue.sayMs, 0);
const lowerFirst = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** Which way a piece of work goes: of the ways it is multiplied by, the one it belongs to. */
function wayOf(dose: readonly DosePart[], { count }: TimelineEvent): number {
  const multipliers = (count && dose[count.part]?.multipliers) ?? [];
  if (multipliers.length === 0) return 0;
  let rest = (count?.station ?? 1) - 1;
  for (const { per, count: of } of [...multipliers].reverse()) {
    if (per === 'directions' || per === 'pulls') return rest % of;
    rest = Math.floor(rest / of);
  }
  return 0;
}
