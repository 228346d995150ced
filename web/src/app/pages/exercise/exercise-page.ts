import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { mdiArrowLeft } from '@mdi/js';
import { doorWords } from '@core/card';
import { sayDose } from '@core/dose';
import {
  type Fault,
  answerWords,
  axisNames,
  concernNames,
  type CueKind,
  differsFrom,
  directionNames,
  familyNames,
  movedAxes,
  positionNames,
  type Region,
  regionNames,
  resolve,
  reversePhases,
  type SchoolQuestion,
  schoolWords,
} from '@core/exercise';
import { checks } from '@core/measure';
import { kitNames } from '@core/kit';
import { swapsFor, typicalTimes } from '@core/library';
import { sayTime } from '@core/say-time';
import { fileOf } from '../../data/file-of';
import { ExerciseFile } from '../../data/exercise-file';
import { Footprints } from '../../parts/footprints/footprints';
import { Icon } from '../../parts/icon/icon';
import { Loading } from '../../parts/loading/loading';
import { LibraryStore } from '../../data/library-store';
import { viewWords } from '../../parts/saying/fault-words';
import { Preferences } from '../../data/preferences';
import { TopBar } from '../../parts/top/top-bar';
import { PutInClass } from './put-in-class';

const cueNames: Readonly<Record<CueKind, string>> = {
  setup: 'Set-up',
  action: 'Action',
  breath: 'Breath',
  picture: 'Picture',
  correction: 'Correction',
};
const actionWords = {
  'leave-out': 'leave it out',
  'hold-at-rung': 'stay at this level',
  'change-support': 'change the support',
  'ask-clinician': 'ask a clinician first',
  'go-gently': 'go gently',
} as const;

/** Everything about one exercise, at the rung and in the school that are looked at. */
@Component({
  selector: 'nw-exercise-page',
  imports: [Footprints, Icon, Loading, MatButton, PutInClass, RouterLink, TopBar],
  providers: [ExerciseFile],
  templateUrl: './exercise-page.html',
  styleUrl: './exercise-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExercisePage {
  protected readonly fileOf = fileOf;
  readonly id = input.required<string>();
  protected readonly store = inject(LibraryStore);
  protected readonly preferences = inject(Preferences);
  protected readonly file = inject(ExerciseFile);

  protected readonly back = mdiArrowLeft;
  protected readonly time = sayTime;
  protected readonly cueNames = cueNames;
  protected readonly uses = this.file.uses;
  protected readonly revision = computed(() => this.file.revision().value);
  protected readonly exercise = computed(() => this.revision()?.exercise ?? null);
  protected readonly rungId = linkedSignal(() => this.exercise()?.ladder?.startRung ?? null);
  private readonly words = computed(() => (this.preferences.school().words === 'plain' ? 0 : 1));

  protected readonly execution = computed(() => {
    const exercise = this.exercise();
    const found = exercise ? resolve(exercise, this.rungId(), this.preferences.school()) : null;
    return found?.ok ? found.value : null;
  });

  protected readonly head = computed(() => {
    const revision = this.revision();
    const execution = this.execution();
    if (!revision || !execution) return null;
    const { exercise } = revision;
    const words = this.preferences.school().words;
    const { sidePattern, position, floor, footwear } = execution;
    const sides = {
      both: 'both feet',
      each: 'one foot, then the other',
      alternate: 'feet in turn',
      travelling: 'walking',
    };
    const floors = { any: 'any floor', 'smooth-hard': 'smooth hard floor', padded: 'mat or carpet' };
    return {
      name: exercise.name[words],
      also: exercise.name[words === 'plain' ? 'anatomical' : 'plain'],
      purpose: exercise.purpose,
      mark: revision.origin === 'own' ? 'Your own exercise' : revision.changed ? 'Changed by you' : '',
      facts: [
        familyNames[exercise.family],
        positionNames[position],
        sides[sidePattern],
        floors[floor],
        footwear === 'any' ? 'shoes or bare' : footwear,
        exercise.stage,
      ].join(' · '),
      directions: exercise.directions.map((d) => directionNames[d][this.words()]).join(', '),
    };
  });

  protected readonly phases = computed(() => this.execution()?.phases ?? []);
  protected readonly working = computed(() => (this.execution()?.sidePattern === 'each' ? 'right' : 'both'));
  /** The phases undone, in words; null where the order has no way back or is its own. */
  protected readonly backwards = computed(() => {
    const phases = this.phases();
    const undone = phases.length > 1 ? reversePhases(phases) : null;
    const names = undone?.map((p) => p.name).join(', ');
    return names === undefined || names === phases.map((p) => p.name).join(', ') ? null : names;
  });

  protected readonly rungs = computed(() => {
    const ladder = this.exercise()?.ladder;
    if (!ladder) return [];
    return ladder.rungs.map((rung, i) => {
      const before = ladder.rungs[i - 1];
      const moved = before ? movedAxes(before.axes, rung.axes) : [];
      return {
        id: rung.id,
        name: rung.name,
        start: rung.id === ladder.startRung,
        moves: moved.map((axis) => `${axisNames[axis]}: ${rung.axes[axis] ?? 'as it comes'}`).join(', '),
        why: rung.why,
        dose: sayDose(rung.doses.usual, rung.change.sidePattern ?? this.exercise()?.performance.sidePattern ?? 'both'),
        source: rung.doses.source,
        gate: rung.gate ? `${rung.gate.words}${rung.gate.check ? ` (${checks[rung.gate.check].name})` : ''}` : null,
        occasions: rung.gate?.occasions ?? 0,
        door: rung.door ? doorWords(rung.door) : null,
      };
    });
  });

  protected readonly cues = computed(() => {
    const cues = this.execution()?.cues;
    if (!cues) return [];
    return (Object.keys(cueNames) as CueKind[]).flatMap((kind) => {
      const cue = cues[kind];
      return cue?.plain
        ? [{ kind, plain: cue.plain, anatomical: cue.anatomical === cue.plain ? null : cue.anatomical }]
        : [];
    });
  });

  protected readonly faults = computed(() => {
    const groups = new Map<string, Fault[]>();
    for (const fault of this.execution()?.faults ?? []) {
      const view = viewWords(fault);
      groups.set(view, [...(groups.get(view) ?? []), fault]);
    }
    return [...groups].map(([view, list]) => ({ view, list }));
  });

  protected readonly cautions = computed(() =>
    (this.execution()?.cautions ?? []).map((c) => ({
      who: concernNames[c.concern],
      what: actionWords[c.action],
      words: c.words,
    })),
  );

  protected readonly times = computed(() => {
    const exercise = this.exercise();
    const execution = this.execution();
    if (!exercise || !execution) return [];
    const times = typicalTimes(exercise, this.rungId(), this.preferences.school(), this.preferences.pace());
    return (['least', 'usual', 'most'] as const).map((which) => ({
      which,
      dose: sayDose(execution.doses[which], execution.sidePattern),
      known: sayTime(times[which].known),
      new: sayTime(times[which].new),
    }));
  });

  protected readonly kit = computed(() =>
    (this.execution()?.kit ?? []).map((need) => ({
      name: `${need.count > 1 ? `${need.count} × ` : ''}${kitNames[need.kit]}`,
      per: need.per === 'person' ? 'each' : 'for the room',
      instead: need.substitutes.map((s) => `${kitNames[s.kit]}: ${s.changes}`),
    })),
  );

  protected readonly swaps = computed(() => {
    const exercise = this.exercise();
    if (!exercise) return [];
    const library = (this.store.exercises() ?? []).map((r) => r.exercise);
    const words = this.preferences.school().words;
    return swapsFor(exercise, library, this.preferences.school(), 5).map((swap) => ({
      id: swap.exercise.id,
      name: swap.exercise.name[words],
      changes: swap.changes.length === 0 ? 'nothing else changes' : swap.changes.join(', '),
      answers: swap.answers.map((c) => concernNames[c]).join(', '),
    }));
  });

  protected readonly regions = computed(() =>
    Object.entries(this.execution()?.regions ?? {})
      .filter(([, rating]) => rating > 0)
      .sort(([, a], [, b]) => b - a)
      .map(([region, rating]) => ({ name: regionNames[region as Region][this.words()], rating })),
  );

  protected readonly schools = computed(() => {
    const exercise = this.exercise();
    if (!exercise) return [];
    const differs = new Set(differsFrom(exercise, this.preferences.school()));
    return (Object.entries(exercise.schools) as [SchoolQuestion, string][]).map(([question, answer]) => ({
      question: schoolWords[question].question,
      answer: answerWords(question, answer),
      differs: differs.has(question),
    }));
  });

  protected readonly movable = computed(() =>
    (this.uses()?.classes ?? []).filter((use) => !use.upToDate && use.problem === null),
  );

  constructor() {
    effect(() => this.file.open(this.id()));
  }

  protected moveAll(): void {
    this.file.moveClasses(this.movable().map((use) => use.classId));
  }

  protected returnToOriginal(): void {
    const mine = this.revision();
    if (mine) this.file.returnToOriginal(mine);
  }

  protected remove(): void {
    const revision = this.revision();
    if (revision) this.file.remove(revision);
  }

  protected restore(): void {
    this.file.restore(this.id());
  }
}
