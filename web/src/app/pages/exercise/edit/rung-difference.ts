import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  type Performance,
  type PerformanceChange,
  Position as positions,
  positionNames,
  type Rung,
  SidePattern as sidePatterns,
} from '@core/exercise';
import { CueWords } from './cue-words';
import { ExerciseDraft } from './exercise-draft';
import { KitSentence } from './kit-sentence';
import { phasesFor } from './new-exercise';
import { PhasesEditor } from './phases-editor';
import { sideWords } from './side-words';

/** What one rung does otherwise than the exercise: position, sides, kit, what the feet do, what is said. */
@Component({
  selector: 'nw-rung-difference',
  imports: [CueWords, KitSentence, PhasesEditor],
  template: `
    @if (rung(); as r) {
      <div class="line">
        <label>
          Position here
          <select #p (change)="change({ position: asPosition(p.value) })">
            <option value="" [selected]="!r.change.position">as the exercise</option>
            @for (o of positions; track o) {
              <option [value]="o" [selected]="o === r.change.position">{{ positionNames[o] }}</option>
            }
          </select>
        </label>
        <label>
          Sides here
          <select #s (change)="setSides(r, s.value)">
            <option value="" [selected]="!r.change.sidePattern">as the exercise</option>
            @for (o of sidePatterns; track o) {
              <option [value]="o" [selected]="o === r.change.sidePattern">{{ sideWords[o] }}</option>
            }
          </select>
        </label>
        <span>
          @if (r.change.kit; as kit) {
            <nw-kit-sentence where=" here" [kit]="kit" (changed)="change({ kit: $event })" />
            <button type="button" class="plain" (click)="change({ kit: undefined })">as the exercise</button>
          } @else {
            <button type="button" class="plain" (click)="change({ kit: base().kit })">other kit here</button>
          }
        </span>
      </div>
      <nw-cue-words [said]="r.cues" [base]="draft.exercise().cues" (changed)="say($event)" />
      @if (r.change.phases) {
        <h3>What the feet do here</h3>
        <nw-phases-editor [rung]="index()" />
        <button type="button" class="plain" (click)="change({ phases: undefined })">as the exercise</button>
      } @else {
        <button type="button" class="plain" (click)="ownPhases(r)">the feet do something else here</button>
      }
    }
  `,
  styleUrl: './ladder-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RungDifference {
  readonly index = input.required<number>();
  protected readonly draft = inject(ExerciseDraft);
  protected readonly rung = computed(() => this.draft.exercise().ladder?.rungs[this.index()] ?? null);
  protected readonly base = computed(() => this.draft.exercise().performance);
  protected readonly positions = positions.options;
  protected readonly positionNames = positionNames;
  protected readonly sidePatterns = sidePatterns.options;
  protected readonly sideWords = sideWords;
  protected readonly asPosition = (value: string) => (value === '' ? undefined : (value as Performance['position']));

  /** What is undefined goes back to the exercise's own. */
  protected change(change: PerformanceChange): void {
    this.edit((r) => ({
      ...r,
      change: Object.fromEntries(Object.entries({ ...r.change, ...change }).filter(([, v]) => v !== undefined)),
    }));
  }
  protected setSides(rung: Rung, value: string): void {
    const sidePattern = value === '' ? undefined : (value as Performance['sidePattern']);
    const pattern = sidePattern ?? this.base().sidePattern;
    const needsOwn = rung.change.phases !== undefined || pattern !== this.base().sidePattern;
    this.change({
      sidePattern,
      phases: needsOwn ? phasesFor(rung.change.phases ?? this.base().phases, pattern) : undefined,
    });
  }
  protected ownPhases(rung: Rung): void {
    const { phases, sidePattern } = this.base();
    const pattern = rung.change.sidePattern ?? sidePattern;
    this.change({ phases: pattern === sidePattern ? phases : phasesFor(phases, pattern) });
  }
  protected say(cues: Rung['cues']): void {
    this.edit((r) => ({ ...r, cues }));
  }

  private edit(change: (rung: Rung) => Rung): void {
    const at = this.index();
    this.draft.edit((e) => ({
      ...e,
      ladder: e.ladder && { ...e.ladder, rungs: e.ladder.rungs.map((r, i) => (i === at ? change(r) : r)) },
    }));
  }
}
