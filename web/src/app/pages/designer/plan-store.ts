import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BehaviorSubject, Subject, auditTime, distinctUntilChanged, map, shareReplay } from 'rxjs';
import type { ExerciseRevision } from '@core/contract';
import { scriptOf } from '@core/cues';
import type { Exercise } from '@core/exercise';
import { issueWords } from '@core/issue-words';
import {
  type CommandError,
  type History,
  type Plan,
  type PlanCommand,
  type Step,
  applyCommand,
  findAny,
  findItem,
  perform,
  redo,
  takeBack,
  undo,
} from '@core/plan';
import { type Timeline, buildTimeline, slotFit, tooMuch, tooMuchWords } from '@core/timeline';
import { Toasts } from '../../data/toasts';
import { KeptSteps } from './kept-steps';

/** The class being planned: its history of commands, and everything that follows from it. One per designer page. */
@Injectable()
export class PlanStore {
  private readonly toasts = inject(Toasts);
  private readonly steps = inject(KeptSteps);
  private readonly history$ = new BehaviorSubject<History | null>(null);
  private readonly known$ = new BehaviorSubject<ReadonlyMap<string, ExerciseRevision>>(new Map());
  private readonly selected$ = new BehaviorSubject<string | null>(null);
  private readonly edit$ = new Subject<Plan>();
  /** Every plan that an edit, an undo or a redo makes; not the one that was opened. */
  readonly edited$ = this.edit$.asObservable();

  readonly plan$ = this.history$.pipe(
    map((history) => history?.plan ?? null),
    distinctUntilChanged(),
    shareReplay({ bufferSize: 1, refCount: true }),
  );

  readonly plan = toSignal(this.plan$, { initialValue: null });
  readonly known = toSignal(this.known$, { requireSync: true });
  readonly selectedId = toSignal(this.selected$, { requireSync: true });
  private readonly history = toSignal(this.history$, { initialValue: null });

  readonly timeline = computed(() => {
    const plan = this.plan();
    return plan ? this.timelineOf(plan) : null;
  });
  /** The class at each rest of the hand, with its times: not at every step of a number. */
  private readonly restingPlan = toSignal(this.plan$.pipe(auditTime(120)));
  readonly resting = computed(() => {
    const plan = this.restingPlan();
    return plan ? { plan, timeline: this.timelineOf(plan) } : null;
  });
  /** What is said when, of the class at rest; worked out where somebody looks at it. */
  readonly script = computed(() => {
    const resting = this.resting();
    if (resting) return scriptOf(resting);
    const plan = this.plan();
    return plan ? scriptOf({ plan, timeline: this.timelineOf(plan) }) : null;
  });
  readonly slot = computed(() => {
    const plan = this.plan();
    const timeline = this.timeline();
    return plan && timeline ? slotFit(plan, timeline) : null;
  });
  readonly selected = computed(() => {
    const plan = this.plan();
    const id = this.selectedId();
    return plan && id !== null ? findAny(plan, id) : null;
  });
  readonly selectedTime = computed(() => this.timeline()?.items.find((i) => i.itemId === this.selectedId()) ?? null);
  readonly canUndo = computed(() => (this.history()?.done.length ?? 0) > 0);
  readonly canRedo = computed(() => (this.history()?.undone.length ?? 0) > 0);

  /** Opens a plan; what was done to it on this page before can be undone. */
  open(plan: Plan, revisions: readonly ExerciseRevision[]): void {
    this.learn(revisions);
    this.history$.next(this.steps.of(plan));
    this.selected$.next(plan.blocks[0]?.items[0]?.id ?? null);
  }

  /** Revisions that plans may pin. */
  learn(revisions: readonly ExerciseRevision[]): void {
    if (revisions.every((r) => this.known$.value.get(r.revision) === r)) return;
    this.known$.next(new Map([...this.known$.value, ...revisions.map((r) => [r.revision, r] as const)]));
  }

  find(revision: string): Exercise | null {
    return this.known().get(revision)?.exercise ?? null;
  }

  timelineOf(plan: Plan): Timeline {
    const known = this.known();
    return buildTimeline({ plan, find: (revision) => known.get(revision)?.exercise ?? null });
  }

  /** How long the class would be after a command, ms; as long as it is where the command is refused. */
  timelineAfter(command: PlanCommand, plan = this.plan()): number {
    const changed = plan ? applyCommand(plan, command) : null;
    return changed?.ok ? this.timelineOf(changed.value).totalMs : (this.timeline()?.totalMs ?? 0);
  }

  /** Applies an edit. A refused one changes nothing and is said in words. */
  do(command: PlanCommand): boolean {
    const history = this.history$.value;
    if (!history) return false;
    const result = perform(history, command);
    if (!result.ok) {
      this.toasts.refused(refusalWords(result.error));
      return false;
    }
    const more = tooMuch(result.value.plan, (revision) => this.find(revision));
    if (more && !tooMuch(history.plan, (revision) => this.find(revision))) {
      const item = findItem(result.value.plan, more.itemId)?.item;
      const name = item ? this.find(item.revision)?.name[result.value.plan.school.words] : undefined;
      this.toasts.refused(tooMuchWords(more, name ?? 'one exercise'));
      return false;
    }
    this.become(result.value);
    return true;
  }

  /** Applies an edit, says so, and offers to take back just this step, whatever has been edited since. */
  doAndOffer(command: PlanCommand, words: string, button: string): boolean {
    if (!this.do(command)) return false;
    const step = this.history$.value?.done.at(-1);
    if (step) this.toasts.offer(words, button, () => this.takeBack(step));
    return true;
  }

  undo(): void {
    const history = this.history$.value;
    if (history && history.done.length > 0) this.become(undo(history));
  }

  redo(): void {
    const history = this.history$.value;
    if (history && history.undone.length > 0) this.become(redo(history));
  }

  select(itemId: string | null): void {
    this.selected$.next(itemId);
  }

  private takeBack(step: Step): void {
    const history = this.history$.value;
    if (!history) return;
    const result = takeBack(history, step);
    if (result.ok) this.become(result.value);
    else
      this.toasts.refused(
        result.error.code === 'no-such-step'
          ? 'That was taken back already. Nothing was changed.'
          : 'Later edits build on it, so it cannot be taken back alone. Undo them first.',
      );
  }

  private become(history: History): void {
    this.steps.keep(history);
    this.history$.next(history);
    this.edit$.next(history.plan);
  }
}

/** A refused command in words. */
function refusalWords(error: CommandError): string {
  switch (error.code) {
    case 'too-many-items':
      return `A class holds at most ${error.most} items. Split it into two classes.`;
    case 'no-such-item':
    case 'no-such-block':
      return 'That is no longer in the class. Nothing was changed.';
    case 'id-in-use':
      return 'That was added already. Nothing was changed.';
    case 'not-valid':
      return `${fieldName(error.issue.path.at(-1))} ${issueWords(error.issue)} The class stays as it was.`;
  }
}

/** A field as a person would name it: holdSeconds becomes "Hold seconds". */
function fieldName(key: PropertyKey | undefined): string {
  const spaced = String(key ?? 'This')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase();
  return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}
