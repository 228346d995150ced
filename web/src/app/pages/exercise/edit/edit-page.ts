import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { Router, RouterLink } from '@angular/router';
import { type Dose, changeRange } from '@core/dose';
import {
  type Caution,
  cautionsOf,
  type Concern,
  Concern as concerns,
  concernNames,
  type CueKind,
  type Direction,
  Direction as directions,
  directionNames,
  type Exercise,
  Family as families,
  familyNames,
  type Performance,
  Position as positions,
  positionNames,
  type Region,
  Region as regions,
  regionNames,
  SidePattern as sidePatterns,
  Stage as stages,
} from '@core/exercise';
import { senseOf } from '@core/exercise/sense';
import { FloorNeed as floorNeeds } from '@core/kit';
import { checkWording } from '@core/words';
import { DoseParts } from '../../../parts/dose/dose-parts';
import { LibraryStore } from '../../../data/library-store';
import { Toasts } from '../../../data/toasts';
import { Loading } from '../../../parts/loading/loading';
import { TopBar } from '../../../parts/top/top-bar';
import { Belonging } from './belonging';
import { ExerciseDraft } from './exercise-draft';
import { FaultList } from './fault-list';
import { KitSentence } from './kit-sentence';
import { LadderEditor } from './ladder-editor';
import { newExercise, phasesFor } from './new-exercise';
import { PhasesEditor } from './phases-editor';
import { sideWords } from './side-words';
import { VariantsEditor } from './variants-editor';

const cueKinds: readonly { readonly kind: CueKind; readonly name: string; readonly hint: string }[] = [
  { kind: 'setup', name: 'Set-up', hint: 'How they stand or sit, what they hold.' },
  { kind: 'action', name: 'Action', hint: 'What they do, in one breath.' },
  { kind: 'picture', name: 'Picture', hint: 'An image that does it for them.' },
  { kind: 'correction', name: 'Correction', hint: 'The one thing said when it goes wrong.' },
  { kind: 'breath', name: 'Breath', hint: 'Leave it empty to leave the breath alone.' },
];

/** Making an exercise of one's own, or changing one. */
@Component({
  selector: 'nw-edit-page',
  imports: [
    Belonging,
    DoseParts,
    FaultList,
    KitSentence,
    LadderEditor,
    Loading,
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
    PhasesEditor,
    RouterLink,
    TopBar,
    VariantsEditor,
  ],
  providers: [ExerciseDraft],
  templateUrl: './edit-page.html',
  styleUrl: './edit-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditPage {
  readonly id = input<string>();
  /** An exercise to copy from. */
  readonly from = input<string>();
  /** What somebody looked for in vain: the name to begin with. */
  readonly name = input<string>();

  private readonly title = viewChild<ElementRef<HTMLInputElement>>('n');
  protected readonly draft = inject(ExerciseDraft);
  protected readonly store = inject(LibraryStore);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);

  protected readonly ready = signal(false);
  protected readonly missing = signal(false);
  protected readonly e = this.draft.exercise;

  protected readonly lists = {
    family: families.options.map((id) => ({ id, words: familyNames[id] })),
    position: positions.options.map((id) => ({ id, words: positionNames[id] })),
    stage: stages.options.map((id) => ({ id, words: id })),
    sidePattern: sidePatterns.options.map((id) => ({ id, words: sideWords[id] })),
    floor: floorNeeds.options.map((id) => ({
      id,
      words: { any: 'any floor', 'smooth-hard': 'a smooth hard floor', padded: 'a mat or carpet' }[id],
    })),
    footwear: (['bare', 'bare or socks', 'any'] as const).map((id) => ({ id, words: id })),
    setup: (['plain', 'props', 'fiddly'] as const).map((id) => ({
      id,
      words: { plain: 'quick', props: 'with props or reasons', fiddly: 'fiddly' }[id],
    })),
    facing: (['any', 'centre', 'support', 'mirror', 'lane'] as const).map((id) => ({
      id,
      words: {
        any: 'anywhere',
        centre: 'the middle',
        support: 'their support',
        mirror: 'a mirror',
        lane: 'along a lane',
      }[id],
    })),
    directions: directions.options.map((id) => ({ id, words: directionNames[id][0] })),
    regions: regions.options.map((id) => ({ id, words: regionNames[id][0] })),
    concern: concerns.options.map((id) => ({ id, words: concernNames[id] })),
    action: (['go-gently', 'change-support', 'hold-at-rung', 'leave-out', 'ask-clinician'] as const).map((id) => ({
      id,
      words: id.replaceAll('-', ' '),
    })),
  };
  protected readonly cueKinds = cueKinds;
  /** Cautions that follow from what the body does: the exercise need not say them itself. */
  protected readonly follows = computed(() =>
    cautionsOf([], this.e().performance, this.e().stage).map((c) => ({ who: concernNames[c.concern], words: c.words })),
  );
  /** What does not keep it from being saved, once there is something to read: said in words. */
  protected readonly senses = computed(() => (this.draft.touched() ? senseOf(this.e()) : []));
  protected readonly ratings = [0, 1, 2, 3];
  protected readonly doseNames = ['least', 'usual', 'most'] as const;

  constructor() {
    this.store.load();
    effect(() => {
      if (this.store.exercises() === null || this.ready()) return;
      void this.open();
    });
  }

  private async open(): Promise<void> {
    const byId = this.store.byId();
    const taken = (id: string) => byId.has(id);
    const id = this.id();
    const from = this.from();
    const source = byId.get(id ?? from ?? '');
    if ((id !== undefined || from !== undefined) && !source) {
      this.missing.set(true);
      return;
    }
    const start = source?.exercise ?? named(newExercise(), this.name() ?? '');
    const exercise: Exercise =
      id === undefined && source
        ? { ...start, id: '', name: { ...start.name, plain: `${start.name.plain}, my way` } }
        : start;
    const { kept, unreadable } = await this.draft.open(
      id ?? (from === undefined ? 'new' : `copy-of-${from}`),
      exercise,
      id === undefined ? null : (source?.revision ?? null),
      taken,
    );
    this.ready.set(true);
    if (id === undefined && from === undefined) setTimeout(() => this.title()?.nativeElement.focus());
    if (unreadable !== null) this.toasts.refused(unreadable);
    if (kept) this.toasts.tell('What you had typed last time is back.');
  }

  protected edit(change: Partial<Exercise>): void {
    this.draft.edit((exercise) => ({ ...exercise, ...change }));
  }
  protected perform(change: Partial<Performance>): void {
    this.draft.edit((exercise) => ({ ...exercise, performance: { ...exercise.performance, ...change } }));
  }
  /** Any value of a list; the schema has the last word when it is saved. */
  protected pick(field: keyof Performance, value: string): void {
    this.perform({ [field]: value });
  }
  protected pickOwn(field: 'family' | 'stage', value: string): void {
    this.edit({ [field]: value });
  }
  protected setSides(value: string): void {
    const sidePattern = value as Performance['sidePattern'];
    this.perform({ sidePattern, phases: phasesFor(this.e().performance.phases, sidePattern) });
  }
  protected setName(which: 'plain' | 'anatomical', value: string): void {
    const name = { ...this.e().name, [which]: value };
    const alike = this.e().name.anatomical === '' || this.e().name.anatomical === this.e().name.plain;
    this.edit({ name: which === 'plain' && alike ? { plain: value, anatomical: value } : name });
  }
  protected setFoundBy(value: string): void {
    this.edit({
      foundBy: value
        .split(',')
        .map((w) => w.trim())
        .filter((w) => w !== ''),
    });
  }
  protected toggleDirection(direction: Direction): void {
    const { directions: now } = this.e();
    this.edit({ directions: now.includes(direction) ? now.filter((d) => d !== direction) : [...now, direction] });
  }
  protected setRegion(region: Region, value: string): void {
    const rated = Object.entries({ ...this.e().performance.regions, [region]: Number(value) });
    this.perform({ regions: Object.fromEntries(rated.filter(([, rating]) => rating > 0)) });
  }
  protected setBalance(which: 'working' | 'standing', value: string): void {
    this.perform({ balance: { ...this.e().performance.balance, [which]: Number(value) } });
  }
  private readonly phaseSeconds = computed(() => this.e().performance.phases.map((phase) => phase.seconds));

  protected setDose(which: 'least' | 'usual' | 'most', dose: Dose): void {
    this.edit({ doses: changeRange(this.e().doses, which, dose, this.phaseSeconds()) });
  }
  protected setCue(kind: CueKind, which: 'plain' | 'anatomical', value: string): void {
    const now = this.e().cues[kind] ?? { plain: '', anatomical: '' };
    const alike = now.anatomical === '' || now.anatomical === now.plain;
    const next = which === 'plain' && alike ? { plain: value, anatomical: value } : { ...now, [which]: value };
    this.edit({
      cues: {
        ...this.e().cues,
        [kind]: kind === 'breath' && next.plain === '' && next.anatomical === '' ? null : next,
      },
    });
  }
  protected setCaution(index: number, change: Partial<Caution>): void {
    this.edit({ cautions: this.e().cautions.map((c, i) => (i === index ? { ...c, ...change } : c)) });
  }
  protected asConcern = (value: string) => value as Concern;
  protected asAction = (value: string) => value as Caution['action'];
  protected addCaution(): void {
    this.edit({ cautions: [...this.e().cautions, { concern: 'recent-injury', action: 'ask-clinician', words: '' }] });
  }
  protected dropCaution(index: number): void {
    this.edit({ cautions: this.e().cautions.filter((_, i) => i !== index) });
  }
  protected notes(text: string) {
    return checkWording(text);
  }

  /** A new exercise is its name, its sentence and its feet; the rest is folded until somebody wants it. */
  protected readonly unfolded = computed(() => this.id() !== undefined || this.from() !== undefined);
  /** What stands in each folded part. */
  protected readonly said = computed(() => {
    const { purpose, foundBy, cues, faults, cautions, performance, schoolVariants } = this.e();
    const written = cueKinds.filter(({ kind }) => (cues[kind]?.plain ?? '') !== '').length;
    const loads = Object.keys(performance.regions).length;
    return {
      about: purpose === '' && foundBy.length === 0 ? 'nothing yet' : purpose,
      cues: counted(written, 'cue'),
      faults: counted(faults.length, 'fault'),
      cautions: counted(cautions.length, 'caution'),
      loads: loads === 0 ? 'nothing rated yet' : `${loads} ${loads === 1 ? 'region' : 'regions'} rated`,
      schools: schoolVariants.length === 0 ? 'everybody’s' : counted(schoolVariants.length, 'variant'),
    };
  });
  private shown = 0;

  /** What keeps it from being saved, one after another: brought into sight, its field ready to be typed in. */
  protected showNext(): void {
    const whys = [...document.querySelectorAll<HTMLElement>('main .why:not(footer .why)')];
    const why = whys[this.shown % Math.max(1, whys.length)];
    this.shown += 1;
    if (!why) return;
    why.closest('details')?.setAttribute('open', '');
    why.scrollIntoView({ block: 'center', behavior: 'smooth' });
    const before = why.previousElementSibling;
    const field = 'input, textarea, select';
    (before?.matches(field) ? (before as HTMLElement) : before?.querySelector<HTMLElement>(field))?.focus({
      preventScroll: true,
    });
  }

  protected async save(): Promise<void> {
    const saved = await this.draft.save();
    if (saved) {
      this.store.load();
      await this.router.navigate(['/exercises', saved.exercise.id]);
      return;
    }
    this.shown = 0;
    setTimeout(() => this.showNext());
  }

  protected async leave(): Promise<void> {
    await this.draft.forget();
    await this.router.navigate(this.id() === undefined ? ['/exercises'] : ['/exercises', this.id()]);
  }
}

const named = (exercise: Exercise, name: string): Exercise => ({
  ...exercise,
  name: { plain: name.slice(0, 240), anatomical: name.slice(0, 240) },
});

const counted = (n: number, what: string): string => (n === 0 ? 'nothing yet' : `${n} ${n === 1 ? what : `${what}s`}`);
