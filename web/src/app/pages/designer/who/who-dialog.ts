import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';
import { RouterLink } from '@angular/router';
import { putOutWords } from '@core/card';
import { concernNames } from '@core/exercise';
import { type CheckId, type History, checks, historyOf } from '@core/measure';
import { type Item, type PlanCommand, type Side, type Sides, changeSides, familiarityFrom, itemsOf } from '@core/plan';
import {
  assignItem,
  assignedWords,
  headsOf,
  headsWords,
  initialsIn,
  lastingChecks,
  openConcerns,
  optionsFor,
  roomDiffers,
  roomOf,
  weakerSide,
} from '@core/roster';
import { putOut } from '@core/timeline';
import { sayLength } from '@core/say-time';
import { GroupTaughtFile } from '../../../data/group-taught-file';
import { LadderFile } from '../../../data/ladder-file';
import { LadderNotes } from '../../../data/ladder-notes';
import { LibraryStore } from '../../../data/library-store';
import { PeopleList } from '../../../data/people-list';
import { Readings } from '../../../data/readings';
import { WhoSees } from '../../../data/who-sees';
import { type PlanStore } from '../plan-store';

/** Whom a class is for: the group it names, who does which option and why, and how many do what. */
@Component({
  selector: 'nw-who-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle, RouterLink],
  providers: [GroupTaughtFile, PeopleList, Readings, LadderNotes, LadderFile],
  templateUrl: './who-dialog.html',
  styleUrl: './who-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoDialog {
  private readonly store = inject<PlanStore>(MAT_DIALOG_DATA);
  protected readonly people = inject(PeopleList);
  private readonly file = inject(LadderFile);
  private readonly log = inject(GroupTaughtFile);
  private readonly notes = inject(LadderNotes);
  private readonly readings = inject(Readings);
  private readonly library = inject(LibraryStore);
  private readonly sees = inject(WhoSees);

  protected readonly plan = computed(() => this.store.plan());
  protected readonly groupId = computed(() => this.plan()?.brief.groupId ?? null);
  protected readonly students = computed(() => (this.groupId() === null ? [] : this.file.students()));
  private readonly initials = computed(() => initialsIn(this.students()));
  protected readonly heads = computed(() =>
    this.students().map(({ id, name }) => ({
      id,
      initials: this.initials().get(id) ?? '',
      name: this.sees.others() ? (this.initials().get(id) ?? '') : name,
    })),
  );
  /** What was tapped: somebody at an item, and why they do what they do. */
  protected readonly told = signal('');

  protected readonly rows = computed(() => {
    const plan = this.plan();
    if (!plan) return [];
    const [notes, students] = [this.notes.all(), this.students()];
    const library = (this.library.exercises() ?? []).map(({ exercise }) => exercise);
    return itemsOf(plan).flatMap((item) => {
      const exercise = this.store.known().get(item.revision)?.exercise;
      if (!exercise) return [];
      const asked = { item, exercise, school: plan.school, students, notes, library };
      const assigned = assignItem(asked);
      const heads = headsOf(assigned);
      const better = optionsFor(asked);
      return [
        {
          item,
          name: exercise.name[plan.school.words],
          cells: assigned.map((one) => ({ ...one, words: assignedWords(one) })),
          heads,
          words: headsWords(item, exercise, heads),
          better,
          betterWords: better
            ? headsWords(
                { ...item, ...better },
                exercise,
                headsOf(assignItem({ ...asked, item: { ...item, ...better } })),
              )
            : '',
        },
      ];
    });
  });
  /** What to put out by these numbers. */
  protected readonly kit = computed(() => {
    const [plan, timeline] = [this.plan(), this.store.timeline()];
    return plan && timeline && !this.stale() ? putOutWords(putOut(plan, timeline)) : '';
  });
  /** Whether card and floor know other numbers than these. */
  protected readonly stale = computed(() =>
    this.rows().some(({ item, heads }) => JSON.stringify(item.heads) !== JSON.stringify(heads)),
  );
  /** Who comes, and what they have, otherwise than the class says. */
  protected readonly differs = computed(() => {
    const brief = this.plan()?.brief;
    return brief !== undefined && roomDiffers(this.students(), brief);
  });
  protected readonly concernWords = computed(() => {
    const often = new Map<string, number>();
    for (const student of this.students())
      for (const concern of openConcerns(student))
        often.set(concernNames[concern], (often.get(concernNames[concern]) ?? 0) + 1);
    return [...often].map(([words, n]) => `${n} with ${words}`).join(', ');
  });

  /** What the readings of somebody in a check say; judged once for all edits. */
  private readonly histories = computed(() => {
    const [all, noise, known] = [this.readings.all(), this.readings.noise(), new Map<string, History | null>()];
    return (id: string, check: CheckId): History | null => {
      const key = `${id} ${check}`;
      const readings = known.has(key) ? [] : all.filter((one) => one.studentId === id && one.protocol === check);
      if (!known.has(key))
        known.set(
          key,
          readings.length === 0 ? null : historyOf({ protocol: checks[check], readings, studio: noise[check] ?? null }),
        );
      return known.get(key) ?? null;
    };
  });

  /** Where most are weaker on one side by more than noise: ways to share, each with what it costs. */
  protected readonly weaker = computed(() => {
    const plan = this.plan();
    if (!plan || this.students().length === 0) return [];
    const [ids, historyFor] = [this.students().map(({ id }) => id), this.histories()];
    return itemsOf(plan).flatMap((item) => {
      const known = this.store.known().get(item.revision)?.exercise;
      const each = this.store.timeline()?.items.find(({ itemId }) => itemId === item.id)?.execution?.sidePattern;
      if (!known || item.sides.mode !== 'equal' || item.recheck || each !== 'each') return [];
      const found = weakerSide(known, ids, historyFor);
      return found
        ? [
            {
              item,
              side: found.side,
              words: `${known.name[plan.school.words]}: ${found.people} of ${ids.length} are weaker on the ${found.side} by more than noise (${checks[found.check].short}).`,
              ways: this.waysFor(item, found.side),
            },
          ]
        : [];
    });
  });

  /** Checks that say on which foot somebody lasts less long, of the exercises of this class. */
  private readonly askedFor = computed(() => {
    const plan = this.plan();
    const exercises = plan
      ? itemsOf(plan).flatMap(({ revision }) => this.store.known().get(revision)?.exercise ?? [])
      : [];
    return [...new Set(exercises.flatMap(lastingChecks))].join(' ');
  });

  /** Items that are new, seen once or known otherwise than the log has it, and what that does to the class. */
  protected readonly otherwise = computed(() => {
    const [plan, taught] = [this.plan(), this.log.taught().value];
    // a group that no log knows says nothing about what is new to it
    if (!plan || !taught?.last) return null;
    const found = familiarityFrom(plan, taught.times);
    if (!found) return null;
    const moreMs = this.store.timelineAfter(found.command) - (this.store.timeline()?.totalMs ?? 0);
    const costs = Math.abs(moreMs) < 500 ? 'no time' : `${moreMs > 0 ? '+' : '−'}${sayLength(Math.abs(moreMs))}`;
    const many = found.items === 1 ? 'One exercise is' : `${found.items} exercises are`;
    return { ...found, words: `${many} newer or better known to them than the class says (${costs}).` };
  });

  constructor() {
    this.people.load();
    this.library.load();
    effect(() => {
      const id = this.groupId();
      const asked = this.askedFor();
      if (id === null) return;
      untracked(() => {
        this.file.ask(id, asked === '' ? [] : asked.split(' '));
        this.log.ask(id);
      });
    });
  }

  /** The sides shared another way, with the seconds that the class then takes more. */
  private waysFor(item: Item, side: Side) {
    const totalMs = this.store.timeline()?.totalMs ?? 0;
    return (['weaker-first', 'extra-reps', 'extra-set'] as const).map((mode) => {
      const sides = changeSides(item, mode, side);
      const more = this.store.timelineAfter({ type: 'edit-item', itemId: item.id, change: { sides } }) - totalMs;
      const name = { 'weaker-first': `${side} first`, 'extra-reps': 'a little more', 'extra-set': 'one more set' }[
        mode
      ];
      return { mode, words: `${name}, ${more < 500 ? 'no time' : `+${sayLength(more)}`}` };
    });
  }

  protected share(item: Item, mode: Sides['mode'], side: Side): void {
    this.do({ type: 'edit-item', itemId: item.id, change: { sides: changeSides(item, mode, side) } });
  }

  protected name(id: string): void {
    const plan = this.plan();
    if (plan) this.do({ type: 'edit-class', change: { brief: { ...plan.brief, groupId: id === '' ? null : id } } });
  }

  /** How many come and what they have, into the class: review, card and times read it there. */
  protected takeOver(): void {
    const plan = this.plan();
    const students = this.students();
    if (!plan || students.length === 0) return;
    this.do({ type: 'edit-class', change: { brief: { ...plan.brief, ...roomOf(students) } } });
  }

  /** New, seen once or known, as the log counts it. */
  protected takeFromLog(): void {
    const found = this.otherwise();
    if (found) this.do(found.command);
  }

  protected offer(itemId: string, change: Pick<Item, 'easier' | 'harder'>): void {
    this.do({ type: 'edit-item', itemId, change });
  }

  /** How many do what, onto card and floor: without names. */
  protected takeNumbers(): void {
    this.do({
      type: 'together',
      commands: this.rows().map(({ item, heads }) => ({ type: 'edit-item', itemId: item.id, change: { heads } })),
    });
  }

  private do(command: PlanCommand): void {
    this.store.do(command);
  }
}
