import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Phase, reversePhases } from '@core/exercise';
import { Footprints } from '../../../parts/footprints/footprints';
import { ExerciseDraft } from './exercise-draft';
import { FootEditor } from './foot-editor';
import { freeId, newPhase, standingFoot } from './new-exercise';

/** The phases of one rep, in order; the chosen one is edited on the footprint itself. */
@Component({
  selector: 'nw-phases-editor',
  imports: [FootEditor, Footprints, MatButton],
  template: `
    <div class="strip" role="group" aria-label="Phases in order">
      @for (phase of phases(); track $index; let i = $index) {
        <button type="button" [class.on]="i === at()" [attr.aria-pressed]="i === at()" (click)="chosen.set(i)">
          {{ i + 1 }} · {{ phase.name || 'no name yet' }} <small>{{ phase.seconds }} s</small>
        </button>
      }
      @if (phases().length < 8) {
        <button type="button" class="plain" (click)="add()">+ a phase</button>
      }
    </div>
    @if (phase(); as p) {
      <div class="line">
        <label>
          Name
          <input #n [value]="p.name" maxlength="60" (input)="set({ name: n.value })" />
        </label>
        <label>
          Seconds
          <input
            #s
            type="number"
            min="0.25"
            step="0.25"
            [value]="p.seconds"
            (input)="set({ seconds: s.valueAsNumber })"
          />
        </label>
        <label>
          Breath
          <select #b (change)="set({ breath: asBreath(b.value) })">
            @for (o of ['free', 'in', 'out']; track o) {
              <option [value]="o" [selected]="o === p.breath">{{ o === 'free' ? 'left alone' : o }}</option>
            }
          </select>
        </label>
        <span class="move">
          <button matButton type="button" [disabled]="at() === 0" (click)="move(-1)">earlier</button>
          <button matButton type="button" [disabled]="at() === phases().length - 1" (click)="move(1)">later</button>
          <button matButton type="button" [disabled]="phases().length === 1" (click)="drop()">leave out</button>
        </span>
      </div>
      @if (why(); as words) {
        <p class="why">{{ words }}</p>
      }
      <div class="feet">
        <div class="working">
          <h3>{{ p.other === null ? 'Both feet' : pattern() === 'both' ? 'One foot' : 'The working foot' }}</h3>
          <nw-foot-editor
            side="right"
            label="working foot"
            [state]="p.working"
            [picture]="p.picture"
            (changed)="set({ working: $event })"
          />
        </div>
        @if (p.other; as other) {
          <div>
            <h3>The other foot</h3>
            <nw-foot-editor
              side="left"
              label="other foot"
              [state]="other"
              [picture]="p.picture"
              (changed)="set({ other: $event })"
            />
          </div>
        } @else {
          <div>
            <h3>As students see it</h3>
            <nw-footprints [phase]="p" working="both" />
          </div>
        }
      </div>
      @if (p.other === null || pattern() === 'both') {
        <button matButton type="button" class="part" (click)="partOrJoin(p)">
          {{ p.other ? 'Both feet do the same' : 'The other foot does something else' }}
        </button>
      }
      <details [open]="told(p)">
        <summary>More about this phase</summary>
        <div class="line">
          <label>
            Done backwards it is called
            <input
              #u
              [value]="p.undoName ?? ''"
              maxlength="60"
              (input)="set({ undoName: u.value.trim() === '' ? null : u.value })"
            />
          </label>
          <label>
            Against load
            <select #e (change)="set({ effort: asEffort(e.value) })">
              <option value="" [selected]="p.effort === undefined">not said</option>
              <option value="yes" [selected]="p.effort === true">works against it</option>
              <option value="no" [selected]="p.effort === false">comes back</option>
            </select>
          </label>
          <label>
            The body
            <select #o (change)="set({ body: asBody(o.value) })">
              <option value="" [selected]="p.body === undefined">stays level</option>
              <option value="rises" [selected]="p.body === 'rises'">rises</option>
              <option value="sinks" [selected]="p.body === 'sinks'">sinks</option>
            </select>
          </label>
          <label>
            On the tool, % of weight
            <input
              #w
              type="number"
              min="0"
              max="100"
              placeholder="–"
              [value]="p.pressure?.bodyWeightPercent ?? ''"
              (input)="press({ bodyWeightPercent: number(w) })"
            />
          </label>
          <label>
            To the next spot, cm
            <input
              #c
              type="number"
              min="0"
              max="10"
              step="0.5"
              placeholder="–"
              [value]="p.pressure?.shiftCm ?? ''"
              (input)="press({ shiftCm: number(c) })"
            />
          </label>
          <label>
            Drawn as
            <select #d (change)="set({ picture: asPicture(d.value) })">
              <option value="footprints" [selected]="p.picture === 'footprints'">footprints</option>
              <option value="ankle-side" [selected]="p.picture === 'ankle-side'">ankle from the side</option>
              <option value="ankle-front" [selected]="p.picture === 'ankle-front'">ankle from the front</option>
            </select>
          </label>
        </div>
        <p class="undone">
          @if (undone(); as words) {
            Backwards: {{ words }}.
          } @else {
            Give each phase the name it has when it is done backwards, and the way back is worked out.
          }
        </p>
      </details>
    }
  `,
  styleUrl: './phases-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhasesEditor {
  /** The rung whose own phases are edited; null for the exercise's. */
  readonly rung = input<number | null>(null);
  protected readonly draft = inject(ExerciseDraft);
  private readonly change = computed(() => this.draft.exercise().ladder?.rungs[this.rung() ?? -1]?.change ?? null);
  protected readonly phases = computed(() => this.change()?.phases ?? this.draft.exercise().performance.phases);
  protected readonly pattern = computed(
    () => this.change()?.sidePattern ?? this.draft.exercise().performance.sidePattern,
  );
  protected readonly chosen = signal(0);
  protected readonly at = computed(() => Math.min(this.chosen(), this.phases().length - 1));
  protected readonly phase = computed(() => this.phases()[this.at()] ?? null);
  protected readonly undone = computed(
    () =>
      reversePhases(this.phases())
        ?.map((p) => p.name)
        .join(', ') ?? null,
  );
  protected readonly why = computed(() => {
    if (!this.draft.asked()) return null;
    const rung = this.rung();
    const start = rung === null ? 'performance.phases.' : `ladder.rungs.${rung}.change.phases.`;
    const found = [...this.draft.issues()].filter(([path]) => path.startsWith(start));
    return found
      .map(([path, words]) => {
        const [index, ...rest] = path.slice(start.length).split('.');
        return `Phase ${Number(index) + 1}${rest.length > 0 ? `, ${rest.join(' ')}` : ''} ${words}`;
      })
      .join(' ');
  });

  /** Something of what is seldom said is said of this phase. */
  protected readonly told = (p: Phase): boolean =>
    p.undoName !== null ||
    p.effort !== undefined ||
    p.body !== undefined ||
    p.pressure !== null ||
    p.picture !== 'footprints';
  protected readonly asBreath = (value: string) => value as Phase['breath'];
  /** "", "yes" or "no": not said, against the load, back from it. */
  protected readonly asEffort = (value: string): boolean | undefined => (value === '' ? undefined : value === 'yes');
  protected readonly asBody = (value: string) => (value === '' ? undefined : (value as Phase['body']));
  protected readonly number = (field: HTMLInputElement) => (field.value === '' ? null : field.valueAsNumber);
  protected readonly asPicture = (value: string) => value as Phase['picture'];

  protected set(change: Partial<Phase>): void {
    const at = this.at();
    this.put(this.phases().map((p, i) => (i === at ? { ...p, ...change } : p)));
  }

  /**
   * The other foot gets a state of its own, or gives it back. Where feet take turns it waits; where both work it begins as
   * the first, so that only what differs is to be said.
   */
  protected partOrJoin(phase: Phase): void {
    const own = this.pattern() === 'both' ? phase.working : standingFoot('stands');
    this.set({ other: phase.other ? null : own });
  }

  /** Pressure and distance on a tool; neither said is none. */
  protected press(change: Partial<NonNullable<Phase['pressure']>>): void {
    const next = { bodyWeightPercent: null, shiftCm: null, ...this.phase()?.pressure, ...change };
    this.set({ pressure: next.bodyWeightPercent === null && next.shiftCm === null ? null : next });
  }

  protected add(): void {
    const phases = this.phases();
    const last = phases.at(-1);
    const id = freeId('phase', (wanted) => phases.some((p) => p.id === wanted));
    const added: Phase = last ? { ...last, id, name: '', undoName: null } : newPhase(id, '', this.pattern());
    this.put([...phases, added]);
    this.chosen.set(phases.length);
  }

  protected drop(): void {
    this.put(this.phases().filter((_, i) => i !== this.at()));
  }

  protected move(by: 1 | -1): void {
    const phases = [...this.phases()];
    const [moved] = phases.splice(this.at(), 1);
    if (!moved) return;
    const to = this.at() + by;
    phases.splice(to, 0, moved);
    this.put(phases);
    this.chosen.set(to);
  }

  private put(phases: Phase[]): void {
    const at = this.rung();
    this.draft.edit((e) =>
      at === null
        ? { ...e, performance: { ...e.performance, phases } }
        : {
            ...e,
            ladder: e.ladder && {
              ...e.ladder,
              rungs: e.ladder.rungs.map((r, i) => (i === at ? { ...r, change: { ...r.change, phases } } : r)),
            },
          },
    );
  }
}
