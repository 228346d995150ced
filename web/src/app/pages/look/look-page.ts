import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  type OnInit,
  computed,
  inject,
  input,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import {
  CheckId,
  type Conditions,
  type Reading,
  chanceWords,
  checks,
  isNumber,
  neededFor,
  protocolFor,
} from '@core/measure';
import { initialsIn } from '@core/roster';
import { Looking } from '../../data/group-file';
import { OwnProtocols } from '../../data/own-protocols';
import { Readings } from '../../data/readings';
import { WhoSees } from '../../data/who-sees';
import { Loading } from '../../parts/loading/loading';
import { TopBar } from '../../parts/top/top-bar';
import { fieldAfter, lookKeys } from './look-keys';
import { LookRow } from './look-row';
import { LookSession } from './look-session';
import { FootMap } from './instruments/foot-map';
import { FromPicture, fromPicture } from './instruments/from-picture';
import { ScaleShare } from './instruments/scale-share';
import { Watch } from './instruments/watch';
import { WatchClock } from './instruments/watch-clock';
import { ProtocolCard } from '../../parts/protocol-card/protocol-card';

const none: readonly Reading[] = [];

/** Taking readings: a group or one student, one check, side by side and by keyboard. */
@Component({
  selector: 'nw-look-page',
  imports: [FootMap, FromPicture, Loading, LookRow, ProtocolCard, RouterLink, ScaleShare, TopBar, Watch],
  providers: [Readings, Looking, LookSession, WatchClock],
  templateUrl: './look-page.html',
  styleUrl: './look-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LookPage implements OnInit {
  readonly id = input.required<string>();
  /** Whether a group is looked at, or one student. */
  readonly whom = input.required<'group' | 'student'>();
  /** The check, as the address names it. */
  readonly check = input<string>();

  protected readonly session = inject(LookSession);
  protected readonly clock = inject(WatchClock);
  protected readonly looking = inject(Looking);
  private readonly sees = inject(WhoSees);
  private readonly router = inject(Router);
  private readonly list = viewChild<ElementRef<HTMLElement>>('list');

  protected readonly own = inject(OwnProtocols);
  protected readonly choices = CheckId.options
    .filter((id) => id !== 'big-toe-gap')
    .map((id) => ({ id, words: checks[id].name }));
  /** Of the teacher's own; one that is put away only where it is looked at already. */
  protected readonly ownChoices = computed(() =>
    this.own
      .all()
      .filter(({ id, away }) => !away || id === this.session.check())
      .map(({ id, name }) => ({ id, words: name })),
  );
  protected readonly keyLines = lookKeys.bindings;
  protected readonly fingers = [0, 1, 2, 3, 4, 5] as const;
  protected readonly isNumber = computed(() => isNumber(this.session.protocol()));
  protected readonly answers = computed(() => {
    const { result } = this.session.protocol();
    return result.gives === 'ordered' || result.gives === 'named' ? [...result.answers].reverse() : [];
  });
  protected readonly cap = computed(() => {
    const { result } = this.session.protocol();
    return result.gives === 'number' && result.unit === 'seconds' ? (this.session.cap() ?? result.cap) : null;
  });

  private readonly initials = computed(() => initialsIn(this.looking.students()));
  protected readonly rows = computed(() =>
    this.looking.students().map((student) => ({
      student,
      name: this.sees.others() ? (this.initials().get(student.id) ?? '') : student.name,
      readings: this.session.ofStudents().get(student.id) ?? none,
    })),
  );
  /** Whose row is chosen; where there is one person only, that one. */
  protected readonly chosen = computed(() => {
    const rows = this.rows();
    return (rows.length === 1 ? rows[0] : rows.find(({ student }) => student.id === this.session.at())) ?? null;
  });
  protected readonly withPicture = computed(() => fromPicture(this.session.check()) !== null);
  protected readonly byScale = computed(() => {
    const { result } = this.session.protocol();
    return result.gives === 'number' && result.unit === 'percent';
  });
  protected readonly onMap = computed(() => {
    const { gives } = this.session.protocol().result;
    return gives === 'clock' || gives === 'marks';
  });
  protected readonly summary = computed(() => {
    const feet = this.session.feet().length;
    const asked = this.looking.students().filter(({ consent }) => consent).length * feet;
    let [taken, changed, perhaps] = [0, 0, 0];
    for (const { readings } of this.rows()) {
      const history = this.session.historyOf(readings);
      for (const foot of this.session.feet()) {
        const reading = this.session.takenOf(readings, foot);
        if (!reading) continue;
        taken += 1;
        const verdict = this.session.judgedOf(history, reading)?.verdict;
        if (verdict === 'changed') changed += 1;
        if (verdict === 'perhaps') perhaps += 1;
      }
    }
    return {
      taken: `${taken} of ${asked} taken`,
      told: [
        ...(changed > 0 ? [`${changed} changed`] : []),
        ...(perhaps > 0 ? [`${perhaps} perhaps`] : []),
        ...(changed > 0 ? [`chance alone would make ${chanceWords(taken)} of so many`] : []),
      ].join(' · '),
    };
  });

  ngOnInit(): void {
    this.own.load();
    const check = this.check();
    if (check !== undefined) this.session.check.set(check);
    this.ask();
  }

  protected choose(id: string): void {
    if (!protocolFor(id, this.own.all())) return;
    this.clock.stop();
    this.session.check.set(id);
    this.session.cap.set(null);
    this.session.at.set(null);
    this.ask();
    void this.router.navigate([], { queryParams: { check: id }, replaceUrl: true });
  }

  protected ask(): void {
    this.looking.ask({ kind: this.whom(), id: this.id() }, neededFor(this.session.check()));
  }

  protected set(change: Partial<Conditions>): void {
    this.session.conditions.update((conditions) => ({ ...conditions, ...change }));
  }

  protected setCap(seconds: string): void {
    const cap = Number(seconds);
    this.session.cap.set(cap >= 5 && cap <= 600 ? cap : null);
  }

  protected key(event: KeyboardEvent): void {
    const rows = [...(this.list()?.nativeElement.children ?? [])].filter((row) => row instanceof HTMLElement);
    const field = fieldAfter(event, rows);
    if (!field) return;
    event.preventDefault();
    field.focus();
    field.select();
  }
}
