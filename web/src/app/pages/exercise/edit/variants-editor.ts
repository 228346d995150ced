import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  Contact,
  type Exercise,
  type FootChange,
  FootState,
  type PerformanceChange,
  type Place,
  Position as positions,
  type School,
  type SchoolQuestion,
  placeNames,
  positionNames,
  schoolAnswers,
  schoolWords,
} from '@core/exercise';
import { CueWords } from './cue-words';
import { ExerciseDraft } from './exercise-draft';
import { FaultList } from './fault-list';
import { KitSentence } from './kit-sentence';
import { placeOrder } from './new-exercise';

type Variant = Exercise['schoolVariants'][number];
type FootKey = 'midfoot' | 'edge' | 'toes' | 'ankle' | 'knee' | 'weightLine';

const questions = Object.keys(schoolAnswers) as SchoolQuestion[];
const footFields: readonly (readonly [FootKey, string])[] = [
  ['midfoot', 'arch'],
  ['edge', 'weight on'],
  ['toes', 'toes'],
  ['ankle', 'ankle'],
  ['knee', 'knee'],
  ['weightLine', 'weight follows'],
];
const most = 6;

/** Without what is not said. */
const said = <T extends object>(of: T): T =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;

/** How one school does it otherwise: what the working foot does, what is said, which faults are seen. */
@Component({
  selector: 'nw-variants-editor',
  imports: [CueWords, FaultList, KitSentence, MatButton],
  template: `
    @for (variant of variants(); track $index; let i = $index) {
      <div class="variant">
        @for (asked of whens(variant); track asked.question) {
          <div class="line">
            <label class="wide">
              Where a class answers
              <select
                #q
                [attr.aria-label]="'Question of variant ' + (i + 1)"
                (change)="ask(i, asked.question, q.value)"
              >
                @for (o of questions; track o.id) {
                  <option [value]="o.id" [selected]="o.id === asked.question">{{ o.words }}</option>
                }
              </select>
            </label>
            <label>
              with
              <select
                #a
                [attr.aria-label]="'Answer of variant ' + (i + 1)"
                (change)="answer(i, asked.question, a.value)"
              >
                @for (o of asked.answers; track o.id) {
                  <option [value]="o.id" [selected]="o.id === asked.answer">{{ o.words }}</option>
                }
              </select>
            </label>
            <button matButton type="button" (click)="drop(i)">leave out</button>
          </div>
        }
        <div class="line">
          <label>
            Position here
            <select #p (change)="change(i, { position: asPosition(p.value) })">
              <option value="" [selected]="!variant.change.position">as the exercise</option>
              @for (o of positions; track o) {
                <option [value]="o" [selected]="o === variant.change.position">{{ positionNames[o] }}</option>
              }
            </select>
          </label>
          <span>
            @if (variant.change.kit; as kit) {
              <nw-kit-sentence where=" here" [kit]="kit" (changed)="change(i, { kit: $event })" />
              <button matButton type="button" (click)="change(i, { kit: undefined })">the exercise’s own kit</button>
            } @else {
              <button matButton type="button" (click)="change(i, { kit: draft.exercise().performance.kit })">
                other kit here
              </button>
            }
          </span>
        </div>
        <div class="foot">
          @for (place of places; track place) {
            <label>
              {{ placeNames[place] }}
              <select #c (change)="setContact(i, place, c.value)">
                <option value="" [selected]="!variant.foot?.contacts?.[place]">as the exercise</option>
                @for (o of contacts; track o) {
                  <option [value]="o" [selected]="o === variant.foot?.contacts?.[place]?.contact">
                    {{ verbs[o] }}
                  </option>
                }
              </select>
            </label>
          }
          @for (field of foot; track field.key) {
            <label>
              {{ field.label }}
              <select #v (change)="setFoot(i, field.key, v.value)">
                <option value="" [selected]="variant.foot?.[field.key] === undefined">as the exercise</option>
                @for (o of field.options; track o) {
                  <option [value]="o" [selected]="o === variant.foot?.[field.key]">{{ o.replaceAll('-', ' ') }}</option>
                }
              </select>
            </label>
          }
        </div>
        <nw-cue-words [said]="variant.cues" [base]="draft.exercise().cues" (changed)="set(i, { cues: $event })" />
        @if (variant.faults; as faults) {
          <p class="quiet">The faults this school sees, in place of the others:</p>
          <nw-fault-list
            [least]="1"
            [path]="'schoolVariants.' + i + '.faults'"
            [faults]="faults"
            (changed)="set(i, { faults: $event })"
          />
          <button matButton type="button" (click)="set(i, { faults: undefined })">the exercise’s own faults</button>
        } @else {
          <button matButton type="button" (click)="ownFaults(i)">this school sees other faults</button>
        }
        @if (draft.wordsUnder('schoolVariants.' + i + '.'); as words) {
          <p class="why">{{ words }}</p>
        }
      </div>
    } @empty {
      <p class="quiet">Every school does it alike, as far as the answers above leave it open.</p>
    }
    @if (variants().length < most) {
      <button matButton="outlined" type="button" (click)="add()">A school’s own way</button>
    }
  `,
  styleUrl: './variants-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VariantsEditor {
  protected readonly draft = inject(ExerciseDraft);
  protected readonly most = most;
  protected readonly variants = computed(() => this.draft.exercise().schoolVariants);
  protected readonly questions = questions.map((id) => ({ id, words: schoolWords[id].question }));
  protected readonly positions = positions.options;
  protected readonly positionNames = positionNames;
  protected readonly asPosition = (value: string) =>
    value === '' ? undefined : (value as PerformanceChange['position']);
  protected readonly places = placeOrder;
  protected readonly placeNames = placeNames;
  protected readonly contacts = Contact.options;
  protected readonly verbs = { press: 'presses', rest: 'rests', lift: 'lifts', hang: 'hangs' } as const;
  protected readonly foot = footFields.map(([key, label]) => ({ key, label, options: FootState.shape[key].options }));

  protected whens({ when }: Variant) {
    return (Object.entries(when) as [SchoolQuestion, string][]).map(([question, answer]) => ({
      question,
      answer,
      answers: schoolAnswers[question].map((id) => ({ id, words: schoolWords[question].answers[id] ?? id })),
    }));
  }
  protected add(): void {
    const free = questions.find((q) => !this.variants().some((v) => v.when[q] !== undefined)) ?? 'archWork';
    const when: Partial<School> = { [free]: schoolAnswers[free][1] };
    this.put([...this.variants(), { when, change: {} }]);
  }
  protected drop(index: number): void {
    this.put(this.variants().filter((_, i) => i !== index));
  }
  /** Another question, with its second answer: the first is the usual one. */
  protected ask(index: number, before: SchoolQuestion, question: string): void {
    const to = question as SchoolQuestion;
    const others = Object.entries(this.variants()[index]?.when ?? {}).filter(([q]) => q !== before);
    this.set(index, { when: { ...Object.fromEntries(others), [to]: schoolAnswers[to][1] } });
  }
  protected answer(index: number, question: SchoolQuestion, answer: string): void {
    this.set(index, { when: { ...this.variants()[index]?.when, [question]: answer } });
  }
  protected setFoot(index: number, key: FootKey, value: string): void {
    this.setFootTo(index, { ...this.variants()[index]?.foot, [key]: value === '' ? undefined : value });
  }
  protected setContact(index: number, place: Place, value: string): void {
    const foot = this.variants()[index]?.foot;
    const meets = value === 'press' || value === 'rest' ? 'floor' : 'air';
    const contact = value === '' ? undefined : { contact: value as Contact, meets };
    const contacts = said({ ...foot?.contacts, [place]: contact });
    this.setFootTo(index, { ...foot, contacts: Object.keys(contacts).length > 0 ? contacts : undefined });
  }
  /** What is undefined goes back to the exercise's own. */
  protected change(index: number, change: PerformanceChange): void {
    this.set(index, { change: said({ ...this.variants()[index]?.change, ...change }) });
  }
  protected ownFaults(index: number): void {
    this.set(index, { faults: this.draft.exercise().faults });
  }
  protected set(index: number, change: Partial<Variant>): void {
    this.put(this.variants().map((v, i) => (i === index ? { ...v, ...change } : v)));
  }

  private setFootTo(index: number, foot: FootChange): void {
    const named = said(foot);
    this.set(index, { foot: Object.keys(named).length > 0 ? named : undefined });
  }
  private put(schoolVariants: Variant[]): void {
    this.draft.edit((e) => ({ ...e, schoolVariants }));
  }
}
