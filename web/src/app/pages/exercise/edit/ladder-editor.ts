import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Dose, type DoseRange, changeRange } from '@core/dose';
import { Axis as axes, type Axis, axisNames, type Gate, movedAxes, type Rung } from '@core/exercise';
import { CheckId, checks } from '@core/measure';
import { DoseParts } from '../../../parts/dose/dose-parts';
import { ExerciseDraft } from './exercise-draft';
import { freeId, newLadder, newRung } from './new-exercise';
import { RungDifference } from './rung-difference';

/** The rungs of a ladder, easiest first: where they stand on the axes, their dose, and what lets a student move on. */
@Component({
  selector: 'nw-ladder-editor',
  imports: [DoseParts, MatButton, RungDifference],
  template: `
    @if (ladder(); as l) {
      <ol>
        @for (rung of l.rungs; track $index; let i = $index) {
          <li>
            <div class="line">
              <label class="wide">
                Level
                <input #n [value]="rung.name" maxlength="80" (input)="set(i, { name: n.value })" />
              </label>
              <label class="start">
                <input
                  type="radio"
                  name="start"
                  [checked]="rung.id === l.startRung"
                  (change)="edit({ startRung: rung.id })"
                />
                most begin here
              </label>
              <span>
                <button matButton type="button" [disabled]="i === 0" (click)="move(i, -1)">easier</button>
                <button matButton type="button" [disabled]="i === l.rungs.length - 1" (click)="move(i, 1)">
                  harder
                </button>
                <button matButton type="button" [disabled]="l.rungs.length > 9" (click)="add(i)">one after it</button>
                <button matButton type="button" [disabled]="l.rungs.length < 4" (click)="drop(i)">leave out</button>
              </span>
            </div>
            <div class="axes">
              @for (entry of entries(rung); track entry.axis) {
                <span class="axis" [class.moved]="moved(i).includes(entry.axis)">
                  <select
                    #a
                    [attr.aria-label]="'Axis of level ' + (i + 1)"
                    (change)="setAxis(i, rung, entry.axis, a.value, entry.at)"
                  >
                    @for (o of axes; track o) {
                      <option [value]="o" [selected]="o === entry.axis">{{ axisNames[o] }}</option>
                    }
                    <option value="">– take away –</option>
                  </select>
                  <input
                    #v
                    [attr.aria-label]="axisNames[entry.axis] + ' at level ' + (i + 1)"
                    [value]="entry.at"
                    maxlength="60"
                    (input)="setAxis(i, rung, entry.axis, entry.axis, v.value)"
                  />
                </span>
              }
              <button matButton type="button" (click)="addAxis(i, rung)">+ an axis</button>
            </div>
            @if (moved(i).length > 1) {
              <label class="wide">
                Why two axes change at once
                <input
                  #w
                  [value]="rung.why ?? ''"
                  maxlength="200"
                  (input)="set(i, { why: w.value.trim() === '' ? null : w.value })"
                />
              </label>
            }
            <nw-dose-parts
              [dose]="rung.doses.usual"
              [phases]="rung.change.phases ?? phases()"
              [pattern]="rung.change.sidePattern ?? pattern()"
              (changed)="setDose(i, rung.doses, $event)"
            />
            <div class="line">
              <label>
                To move up
                <select #g (change)="setTest(i, rung, g.value)">
                  <option value="" [selected]="rung.gate === null">nothing above it</option>
                  <option value="teacher-saw-it" [selected]="rung.gate?.test === 'teacher-saw-it'">I saw it</option>
                  <option value="clean-reps" [selected]="rung.gate?.test === 'clean-reps'">clean reps</option>
                  <option value="clean-hold-seconds" [selected]="rung.gate?.test === 'clean-hold-seconds'">
                    a clean hold, seconds
                  </option>
                  <option value="check" [selected]="rung.gate?.test === 'check'">a check</option>
                </select>
              </label>
              @if (rung.gate; as gate) {
                @if (gate.test === 'check') {
                  <label>
                    Which
                    <select #c (change)="setGate(i, gate, { check: asCheck(c.value) })">
                      @for (o of checkIds; track o) {
                        <option [value]="o" [selected]="o === gate.check">{{ checks[o].name }}</option>
                      }
                    </select>
                  </label>
                }
                @if (gate.test !== 'teacher-saw-it') {
                  <label>
                    How many
                    <input
                      #q
                      type="number"
                      min="1"
                      [value]="gate.value ?? ''"
                      (input)="setGate(i, gate, { value: q.value === '' ? null : q.valueAsNumber })"
                    />
                  </label>
                }
                <label>
                  On days
                  <input
                    #o
                    type="number"
                    min="1"
                    max="6"
                    [value]="gate.occasions"
                    (input)="setGate(i, gate, { occasions: o.valueAsNumber })"
                  />
                </label>
                <label class="wide">
                  In words
                  <input #x [value]="gate.words" maxlength="160" (input)="setGate(i, gate, { words: x.value })" />
                </label>
              }
              <label>
                Opens after weeks
                <input
                  #wk
                  type="number"
                  min="1"
                  max="26"
                  [value]="rung.door?.weeks ?? ''"
                  (change)="setDoor(i, wk.value === '' ? null : wk.valueAsNumber)"
                />
              </label>
              @if (rung.door; as door) {
                <label class="wide">
                  Why, in words
                  <input
                    #dw
                    [value]="door.words"
                    maxlength="160"
                    (input)="set(i, { door: { weeks: door.weeks, words: dw.value } })"
                  />
                </label>
              }
            </div>
            @if (why(i); as words) {
              <p class="why">{{ words }}</p>
            }
            <details [open]="opened() === i">
              <summary (click)="toggle($event, i)">{{ differs(rung) }}</summary>
              @if (opened() === i) {
                <nw-rung-difference [index]="i" />
              }
            </details>
          </li>
        }
      </ol>
      @if (whyLadder(); as words) {
        <p class="why">{{ words }}</p>
      }
      <button matButton="outlined" type="button" [disabled]="l.rungs.length > 9" (click)="add(l.rungs.length - 1)">
        A harder level
      </button>
      <button matButton type="button" (click)="remove()">No ladder</button>
    } @else {
      <p class="quiet">One level for everybody. A ladder has two or more, each changing one thing from the last.</p>
      <button matButton="outlined" type="button" (click)="begin()">Make a ladder</button>
    }
  `,
  styleUrl: './ladder-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LadderEditor {
  protected readonly draft = inject(ExerciseDraft);
  protected readonly ladder = computed(() => this.draft.exercise().ladder);
  protected readonly phases = computed(() => this.draft.exercise().performance.phases);
  protected readonly pattern = computed(() => this.draft.exercise().performance.sidePattern);
  /** The rung whose differences are open. */
  protected readonly opened = signal<number | null>(null);
  protected readonly axes = axes.options;
  protected readonly axisNames = axisNames;
  protected readonly checks = checks;
  protected readonly checkIds = CheckId.options;
  protected readonly asCheck = (value: string) => value as CheckId;

  protected entries(rung: Rung): { readonly axis: Axis; readonly at: string }[] {
    return (Object.entries(rung.axes) as [Axis, string][]).map(([axis, at]) => ({ axis, at }));
  }
  /** Axes on which a rung differs from the one before. */
  protected moved(index: number): Axis[] {
    const rungs = this.ladder()?.rungs ?? [];
    const [before, rung] = [rungs[index - 1], rungs[index]];
    return before && rung ? movedAxes(before.axes, rung.axes) : [];
  }
  protected why(index: number): string | null {
    return this.draft.wordsUnder(`ladder.rungs.${index}.`);
  }
  protected whyLadder(): string | null {
    if (!this.draft.asked()) return null;
    const words = ['ladder', 'ladder.rungs', 'ladder.startRung'].flatMap((p) => this.draft.issues().get(p) ?? []);
    return words.length === 0 ? null : `The ladder ${words.join(' It ')}`;
  }
  protected differs(rung: Rung): string {
    const names = { position: 'position', kit: 'kit', phases: 'phases', sidePattern: 'sides', facing: 'facing' };
    const done = Object.keys(rung.change).flatMap((key) => names[key as keyof typeof names] ?? []);
    const found = [...done, ...(rung.cues ? ['what is said'] : [])];
    return found.length === 0 ? 'Done like the exercise' : `Done differently here: ${found.join(', ')}`;
  }
  protected toggle(event: Event, index: number): void {
    event.preventDefault();
    this.opened.update((now) => (now === index ? null : index));
  }

  protected begin(): void {
    this.draft.edit((e) => ({ ...e, ladder: newLadder(e.doses) }));
  }
  protected remove(): void {
    this.draft.edit((e) => ({ ...e, ladder: null }));
  }
  protected edit(change: Partial<NonNullable<ReturnType<LadderEditor['ladder']>>>): void {
    this.draft.edit((e) => ({ ...e, ladder: e.ladder && { ...e.ladder, ...change } }));
  }
  protected set(index: number, change: Partial<Rung>): void {
    this.rungs((rungs) => rungs.map((r, i) => (i === index ? { ...r, ...change } : r)));
  }
  /** A level right after another one: done, dosed and said as that one, until something is changed. */
  protected add(after: number): void {
    this.rungs((rungs) => {
      const id = freeId(`level-${rungs.length + 1}`, (wanted) => rungs.some((r) => r.id === wanted));
      const before = rungs[after];
      const made = newRung(id, before?.doses ?? this.draft.exercise().doses);
      const added = before ? { ...made, axes: before.axes, change: before.change, cues: before.cues } : made;
      return [...rungs.slice(0, after + 1), added, ...rungs.slice(after + 1)];
    });
  }
  protected drop(index: number): void {
    this.rungs((rungs) => rungs.filter((_, i) => i !== index));
  }
  protected move(index: number, by: 1 | -1): void {
    this.rungs((rungs) => {
      const next = [...rungs];
      const [moved] = next.splice(index, 1);
      if (moved) next.splice(index + by, 0, moved);
      return next;
    });
  }
  protected setAxis(index: number, rung: Rung, axis: Axis, to: string, at: string): void {
    const entries = this.entries(rung).map((e) => (e.axis === axis ? { axis: to, at } : e));
    this.set(index, { axes: Object.fromEntries(entries.filter((e) => e.axis !== '').map((e) => [e.axis, e.at])) });
  }
  protected addAxis(index: number, rung: Rung): void {
    const unused = axes.options.find((axis) => rung.axes[axis] === undefined);
    if (unused) this.set(index, { axes: { ...rung.axes, [unused]: '' } });
  }
  protected setDose(index: number, doses: DoseRange, usual: Dose): void {
    const { ladder, performance } = this.draft.exercise();
    const phases = ladder?.rungs[index]?.change.phases ?? performance.phases;
    const phaseSeconds = phases.map((phase) => phase.seconds);
    this.set(index, { doses: changeRange(doses, 'usual', usual, phaseSeconds) });
  }
  protected setTest(index: number, rung: Rung, test: string): void {
    if (test === '') {
      this.set(index, { gate: null });
      return;
    }
    const words = rung.gate?.words ?? 'Clean on both feet.';
    const occasions = rung.gate?.occasions ?? 1;
    const value = test === 'clean-reps' ? 8 : test === 'clean-hold-seconds' ? 30 : null;
    const check = test === 'check' ? { check: CheckId.options[0] } : {};
    this.set(index, { gate: { test: test as Gate['test'], value, occasions, words, ...check } });
  }
  protected setDoor(index: number, weeks: number | null): void {
    const words = this.draft.exercise().ladder?.rungs[index]?.door?.words ?? 'For people new to it.';
    this.set(index, { door: weeks === null ? undefined : { weeks, words } });
  }
  protected setGate(index: number, gate: Gate, change: Partial<Gate>): void {
    this.set(index, { gate: { ...gate, ...change } });
  }

  private rungs(change: (rungs: Rung[]) => Rung[]): void {
    this.draft.edit((e) => ({ ...e, ladder: e.ladder && { ...e.ladder, rungs: change(e.ladder.rungs) } }));
  }
}
