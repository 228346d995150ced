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
import { concernNames } from '@core/exercise';
import { type Item, type PlanCommand, itemsOf } from '@core/plan';
import { assignItem, assignedWords, headsOf, headsWords, initialsIn, openConcerns, optionsFor } from '@core/roster';
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
  providers: [PeopleList, Readings, LadderNotes, LadderFile],
  templateUrl: './who-dialog.html',
  styleUrl: './who-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoDialog {
  private readonly store = inject<PlanStore>(MAT_DIALOG_DATA);
  protected readonly people = inject(PeopleList);
  private readonly file = inject(LadderFile);
  private readonly notes = inject(LadderNotes);
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
  /** Whether card and floor know other numbers than these. */
  protected readonly stale = computed(() =>
    this.rows().some(({ item, heads }) => JSON.stringify(item.heads) !== JSON.stringify(heads)),
  );
  /** Who comes, and what they have, otherwise than the class says. */
  protected readonly differs = computed(() => {
    const [brief, students] = [this.plan()?.brief, this.students()];
    if (!brief || students.length === 0) return false;
    const concerns = new Set(students.flatMap(openConcerns));
    return (
      brief.people !== students.length ||
      brief.concerns.length !== concerns.size ||
      brief.concerns.some((concern) => !concerns.has(concern))
    );
  });
  protected readonly concernWords = computed(() => {
    const often = new Map<string, number>();
    for (const student of this.students())
      for (const concern of openConcerns(student))
        often.set(concernNames[concern], (often.get(concernNames[concern]) ?? 0) + 1);
    return [...often].map(([words, n]) => `${n} with ${words}`).join(', ');
  });

  constructor() {
    this.people.load();
    this.library.load();
    effect(() => {
      const id = this.groupId();
      if (id !== null) untracked(() => this.file.ask(id, []));
    });
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
    const concerns = [...new Set(students.flatMap(openConcerns))];
    this.do({ type: 'edit-class', change: { brief: { ...plan.brief, people: students.length, concerns } } });
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
