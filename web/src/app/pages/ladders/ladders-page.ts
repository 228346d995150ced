import {
  ChangeDetectionStrategy,
  Component,
  type OnInit,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Router, RouterLink } from '@angular/router';
import type { Exercise, Rung } from '@core/exercise';
import { type CheckId, type Foot, checks, historyOf, neededFor } from '@core/measure';
import {
  type Kept,
  type LadderNote,
  type Student,
  cleanNote,
  initialsIn,
  isCounted,
  keepLevel,
  keptWords,
  placedNote,
  stopSigns,
} from '@core/roster';
import { LadderFile } from '../../data/ladder-file';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { Readings } from '../../data/readings';
import { Toasts } from '../../data/toasts';
import { WhoSees } from '../../data/who-sees';
import { Loading } from '../../parts/loading/loading';
import { today } from '../../parts/saying/date-words';
import { TopBar } from '../../parts/top/top-bar';

type What = LadderNote['what'];

/** A group on one ladder: who stands where, who is ready for more, and what was seen today. */
@Component({
  selector: 'nw-ladders-page',
  imports: [Loading, MatButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink, TopBar],
  providers: [Readings, LadderNotes, LadderFile],
  templateUrl: './ladders-page.html',
  styleUrl: './ladders-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LaddersPage implements OnInit {
  readonly id = input.required<string>();
  /** The exercise, as the address names it. */
  readonly exercise = input<string>();

  protected readonly file = inject(LadderFile);
  private readonly notes = inject(LadderNotes);
  private readonly readings = inject(Readings);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);
  private readonly sees = inject(WhoSees);
  private readonly router = inject(Router);

  protected readonly chosenId = signal<string | null>(null);
  /** Which feet a note is about. */
  protected readonly foot = signal<Foot>('both');
  protected readonly feet = ['both', 'left', 'right'] as const;
  protected readonly signs = stopSigns;
  /** Whose clinician has spoken, while it is written down. */
  protected readonly clearing = signal<string | null>(null);

  /** Exercises with a ladder, those somebody stands on first. */
  protected readonly choices = computed(() => {
    const used = new Set(this.notes.all().map(({ exerciseId }) => exerciseId));
    return (this.library.exercises() ?? [])
      .map(({ exercise }) => exercise)
      .filter(({ ladder }) => ladder)
      .map((exercise) => ({ id: exercise.id, name: exercise.name.plain, used: used.has(exercise.id) }))
      .sort((a, b) => Number(b.used) - Number(a.used) || a.name.localeCompare(b.name));
  });
  protected readonly chosen = computed((): Exercise | null => {
    const id = this.chosenId() ?? this.choices()[0]?.id;
    return (id === undefined ? null : this.library.byId().get(id)?.exercise) ?? null;
  });
  protected readonly rungs = computed((): readonly Rung[] => this.chosen()?.ladder?.rungs ?? []);

  private readonly initials = computed(() => initialsIn(this.file.students()));
  protected readonly rows = computed(() => {
    const exercise = this.chosen();
    if (!exercise) return [];
    const [notes, readings, noise, school] = [
      this.notes.all(),
      this.readings.all(),
      this.readings.noise(),
      this.preferences.school(),
    ];
    return this.file.students().map((student) => {
      const own = readings.filter(({ studentId }) => studentId === student.id);
      const historyFor = (check: CheckId) =>
        own.length === 0 ? null : historyOf({ protocol: checks[check], readings: own, studio: noise[check] ?? null });
      const kept = keepLevel({
        student,
        exercise,
        school,
        notes: notes.filter(({ studentId }) => studentId === student.id),
        historyOf: historyFor,
        today: today(),
      });
      return {
        student,
        kept,
        name: this.sees.others() ? (this.initials().get(student.id) ?? '') : student.name,
        words: keptWords(kept),
        counted: isCounted(kept),
      };
    });
  });
  protected readonly summary = computed(() => {
    const rows = this.rows();
    const count = (which: (kept: Kept) => boolean) => rows.filter(({ kept }) => which(kept)).length;
    return [
      [count(({ verdict }) => verdict === 'up'), 'ready for more'],
      [count(({ verdict }) => verdict === 'down'), 'better a level lower'],
      [count(({ verdict }) => verdict === 'frozen'), 'waiting for a clinician'],
      [count(({ livesHere }) => livesHere !== null), 'living on their level'],
      [count(({ verdict }) => verdict === 'not-begun'), 'not on this ladder'],
    ]
      .filter(([n]) => n !== 0)
      .map(([n, words]) => `${n} ${words}`)
      .join(' · ');
  });

  constructor() {
    this.library.load();
    effect(() => {
      const exercise = this.chosen();
      if (exercise) untracked(() => this.file.ask(this.id(), checksOf(exercise)));
    });
  }

  ngOnInit(): void {
    this.chosenId.set(this.exercise() ?? null);
    this.file.ask(this.id(), []);
  }

  protected choose(id: string): void {
    this.chosenId.set(id);
    void this.router.navigate([], { queryParams: { exercise: id }, replaceUrl: true });
  }

  /** Seen clean: as many as the gate asks of this person, unless another number was typed. */
  protected clean(student: Student, kept: Kept, typed: string): void {
    const said = typed.trim() === '' ? null : Number(typed);
    if (said !== null && !(said > 0 && said <= 600)) return this.toasts.refused('A number from 1 to 600, please.');
    const what = cleanNote(kept, said);
    if (what) this.note(student, what, 'Seen clean.');
  }

  /** Everybody of whom nothing was noted today: exceptions first, the rest with one tap. */
  protected cleanRest(): void {
    const noted = new Set(
      this.notes
        .all()
        .filter(
          ({ date, exerciseId, what }) =>
            date === today() && exerciseId === this.chosen()?.id && what.kind !== 'placed',
        )
        .map(({ studentId }) => studentId),
    );
    const rest = this.rows().flatMap(({ student, kept }) => {
      const what = cleanNote(kept);
      return student.consent && what && !noted.has(student.id) ? [{ student, what }] : [];
    });
    const undo = rest.map(({ student, what }) => this.write(student, what, 'both'));
    this.toasts.offer(`${rest.length} seen clean.`, 'Take it back', () => undo.forEach((out) => out()));
  }

  /** Where those who are not on this ladder yet would begin; null where all are on it. */
  protected readonly begin = computed(() =>
    this.rows().some(({ student, kept }) => student.consent && kept.verdict === 'not-begun')
      ? (this.chosen()?.ladder?.startRung ?? null)
      : null,
  );

  /** Everybody who is not on this ladder yet. */
  protected placeRest(rung: Rung): void {
    const rest = this.rows().filter(({ student, kept }) => student.consent && kept.verdict === 'not-begun');
    const undo = rest.map(({ student, kept }) => this.write(student, placedNote(kept, rung), 'both'));
    this.toasts.offer(`${rest.length} begin on “${rung.name}”.`, 'Take it back', () => undo.forEach((out) => out()));
  }

  protected about(student: Student, kept: Kept, kind: 'missed' | 'short'): void {
    const rung = kept.here;
    if (rung) this.note(student, { kind, rungId: rung.id }, kind === 'missed' ? 'Missed.' : 'Under the least dose.');
  }

  protected pain(student: Student, kept: Kept, when: 'during' | 'next-day'): void {
    const rung = kept.here;
    if (rung) this.note(student, { kind: 'pain', rungId: rung.id, when }, 'Pain is noted.');
  }

  protected wish(student: Student, kind: 'stays' | 'moves-on'): void {
    this.note(student, { kind }, kind === 'stays' ? 'Wants to live here.' : 'Wants to move on.', 'both');
  }

  protected stop(student: Student, sign: string): void {
    this.forAll(
      student,
      { kind: 'stop', sign },
      `${sign}: nothing moves until a clinician’s word. Local rules come first.`,
    );
  }

  protected cleared(student: Student, words: string): void {
    this.clearing.set(null);
    if (words.trim() !== '')
      this.forAll(student, { kind: 'cleared', words: words.trim() }, 'The clinician’s word is noted.');
  }

  /** What is proposed, done. */
  protected take(student: Student, kept: Kept): void {
    const { verdict, feet, to } = kept;
    if (!to || (verdict !== 'up' && verdict !== 'down')) return;
    const [alone] = feet;
    const foot = feet.length === 1 && alone ? alone : 'both';
    this.note(student, placedNote(kept, to), `Now on “${to.name}”.`, foot);
  }

  /** The teacher's own word on where somebody stands. */
  protected place(student: Student, kept: Kept, rung: Rung, why: string): void {
    if (!student.consent) return this.toasts.refused('Measures are not agreed: nothing is written down of them.');
    this.note(student, placedNote(kept, rung, why.trim()), `Now on “${rung.name}”.`);
  }

  protected stands(kept: Kept, rungId: string): readonly ('left' | 'right')[] {
    return (['left', 'right'] as const).filter((foot) => kept[foot]?.rungId === rungId);
  }

  private note(student: Student, what: What, words: string, foot = this.foot()): void {
    const out = this.write(student, what, foot);
    const name = this.sees.others() ? (this.initials().get(student.id) ?? '') : student.name;
    this.toasts.offer(`${name}: ${words}`, 'Take it back', out);
  }

  private forAll(student: Student, what: What, words: string): void {
    const out = this.notes.note({ studentId: student.id, exerciseId: null, foot: 'both', date: today(), what, by: '' });
    this.toasts.offer(words, 'Take it back', out, 12);
  }

  private write(student: Student, what: What, foot: Foot): () => void {
    const exerciseId = this.chosen()?.id ?? null;
    return this.notes.note({ studentId: student.id, exerciseId, foot, date: today(), what, by: '' });
  }
}

/** The checks that the gates of an exercise ask for, with those that are needed to judge them. */
const checksOf = ({ ladder }: Exercise): string[] => [
  ...new Set((ladder?.rungs ?? []).flatMap(({ gate }) => (gate?.check ? neededFor(gate.check) : []))),
];
