import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { Contact, type FootState, HandPlace, Meets, type Place, placeNames } from '@core/exercise';
import type { Side } from '@core/plan';
import { Foot } from '../../../parts/footprints/foot';
import { placeOrder } from './new-exercise';

/** Where each place lies on the sole of a right foot, in the units of its drawing (104 by 228, from 14). */
const at: Readonly<
  Record<Place, { readonly x: number; readonly y: number; readonly rx: number; readonly ry: number }>
> = {
  bigToe: { x: 27, y: 41, rx: 16, ry: 23 },
  smallToes: { x: 67, y: 48, rx: 27, ry: 24 },
  innerBall: { x: 32, y: 88, rx: 17, ry: 17 },
  outerBall: { x: 74, y: 98, rx: 16, ry: 16 },
  heel: { x: 53, y: 208, rx: 21, ry: 21 },
};
const order = Contact.options;

/**
 * The footprint as an editor: a tap, or Enter on a place, takes the next contact (press, rest, lift, hang). The lists
 * under it say what each place meets and what the rest of the foot does.
 */
@Component({
  selector: 'nw-foot-editor',
  imports: [Foot],
  template: `
    <div class="draw" [class.left]="side() === 'left'">
      <nw-foot [side]="side()" [state]="state()" [picture]="picture()" />
      @if (picture() === 'footprints') {
        <svg viewBox="0 14 104 228" class="spots">
          <g [attr.transform]="side() === 'left' ? 'translate(104 0) scale(-1 1)' : null">
            @for (place of places; track place) {
              <ellipse
                role="button"
                tabindex="0"
                [attr.cx]="at[place].x"
                [attr.cy]="at[place].y"
                [attr.rx]="at[place].rx"
                [attr.ry]="at[place].ry"
                [attr.aria-label]="spoken(place)"
                (click)="next(place)"
                (keydown.enter)="next(place); $event.preventDefault()"
                (keydown.space)="next(place); $event.preventDefault()"
              />
            }
          </g>
        </svg>
      }
    </div>
    <details class="lists">
      <summary>In words: what each place meets, toes, ankle, knee</summary>
      @for (place of places; track place) {
        <p>
          <span class="place">{{ names[place] }}</span>
          <select
            #c
            [attr.aria-label]="label() + ' ' + names[place] + ': what it does'"
            [value]="state().contacts[place].contact"
            (change)="setContact(place, c.value)"
          >
            @for (o of contacts; track o) {
              <option [value]="o" [selected]="o === state().contacts[place].contact">{{ verbs[o] }}</option>
            }
          </select>
          <select
            #m
            [attr.aria-label]="label() + ' ' + names[place] + ': what it meets'"
            [value]="state().contacts[place].meets"
            (change)="setMeets(place, m.value)"
          >
            @for (o of meets; track o) {
              <option [value]="o" [selected]="o === state().contacts[place].meets">{{ o }}</option>
            }
          </select>
        </p>
      }
      <div class="rest">
        @for (field of fields(); track field.key) {
          <label>
            {{ field.label }}
            <select #v [value]="field.value" (change)="set(field.key, v.value)">
              @for (o of field.options; track o) {
                <option [value]="o" [selected]="o === field.value">{{ say(o) }}</option>
              }
            </select>
          </label>
        }
        <label>
          middle of the sole
          <select #u (change)="setMiddle(u.value)">
            @for (o of underMiddle; track o) {
              <option [value]="o" [selected]="o === (state().middle?.meets ?? 'nothing')">
                {{ o === 'nothing' ? 'on nothing' : 'on a ' + o }}
              </option>
            }
          </select>
        </label>
        <label>
          heel
          <span
            ><input
              #h
              type="number"
              min="0"
              max="20"
              step="1"
              [value]="state().heelHeightCm"
              (change)="set('heelHeightCm', h.valueAsNumber)"
            />
            cm up</span
          >
        </label>
      </div>
      <fieldset class="hands">
        <legend>a hand helps at</legend>
        @for (hand of handPlaces; track hand) {
          <label>
            <input type="checkbox" [checked]="state().hands?.includes(hand)" (change)="toggleHand(hand)" />
            {{ hand }}
          </label>
        }
      </fieldset>
    </details>
  `,
  styleUrl: './foot-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FootEditor {
  readonly side = input.required<Side>();
  readonly state = input.required<FootState>();
  readonly picture = input.required<'footprints' | 'ankle-side' | 'ankle-front'>();
  /** "working foot", "other foot". */
  readonly label = input.required<string>();
  readonly changed = output<FootState>();

  protected readonly places = placeOrder;
  protected readonly at = at;
  protected readonly names = placeNames;
  protected readonly contacts = Contact.options;
  protected readonly meets = Meets.options;
  protected readonly underMiddle = ['nothing', 'ball', 'block', 'cushion'] as const;
  protected readonly handPlaces = HandPlace.options;
  protected readonly verbs = { press: 'presses', rest: 'rests', lift: 'lifts', hang: 'hangs' } as const;

  protected readonly fields = computed(() => {
    const s = this.state();
    return [
      { key: 'role', label: 'role', value: s.role, options: ['works', 'stands', 'anchors', 'rests'] },
      { key: 'midfoot', label: 'arch', value: s.midfoot, options: ['lifted', 'resting', 'let-down'] },
      { key: 'edge', label: 'weight on', value: s.edge, options: ['even', 'inner', 'outer'] },
      { key: 'toes', label: 'toes', value: s.toes, options: ['long', 'curled', 'spread', 'relaxed', 'on-tops'] },
      { key: 'ankle', label: 'ankle', value: s.ankle, options: ['neutral', 'up', 'down', 'turned-in', 'turned-out'] },
      { key: 'knee', label: 'knee', value: s.knee, options: ['soft', 'bent', 'locked'] },
      {
        key: 'weightLine',
        label: 'weight follows',
        value: s.weightLine,
        options: ['even', 'first-toe', 'between-first-and-second', 'second-toe', 'none'],
      },
    ] as const;
  });
  protected readonly say = (option: string) =>
    ({
      inner: 'the inner edge',
      outer: 'the outer edge',
      locked: 'straight',
      'turned-in': 'turned in, sole to the middle',
      'turned-out': 'turned out, sole away',
      'first-toe': 'the big-toe root',
      none: 'nothing: no weight',
      'on-tops': 'on their tops',
    })[option] ?? option.replaceAll('-', ' ');

  protected spoken(place: Place): string {
    const { contact, meets } = this.state().contacts[place];
    return `${this.label()}, ${placeNames[place]} ${this.verbs[contact]}${meets === 'air' ? '' : ` on ${meets}`}; change`;
  }

  protected next(place: Place): void {
    const now = this.state().contacts[place].contact;
    this.setContact(place, order[(order.indexOf(now) + 1) % order.length] ?? 'press');
  }

  protected setContact(place: Place, contact: string): void {
    const now = this.state().contacts[place].meets;
    const air = contact === 'lift' || contact === 'hang';
    const meets = air ? (now === 'floor' ? 'air' : now) : now === 'air' ? 'floor' : now;
    this.put(place, { contact: contact as Contact, meets });
  }

  protected setMeets(place: Place, meets: string): void {
    this.put(place, { ...this.state().contacts[place], meets: meets as Meets });
  }

  protected setMiddle(meets: string): void {
    const { middle, ...rest } = this.state();
    const met = Meets.safeParse(meets);
    this.changed.emit(
      met.success ? { ...rest, middle: { contact: middle?.contact ?? 'press', meets: met.data } } : rest,
    );
  }

  /** At most three places, as many as a hand can be at. */
  protected toggleHand(hand: HandPlace): void {
    const { hands: now = [], ...rest } = this.state();
    const next = now.includes(hand) ? now.filter((h) => h !== hand) : [...now, hand].slice(-3);
    this.changed.emit(next.length > 0 ? { ...rest, hands: next } : rest);
  }

  protected set(key: keyof FootState, value: string | number): void {
    this.changed.emit({ ...this.state(), [key]: value });
  }

  private put(place: Place, contact: FootState['contacts'][Place]): void {
    this.changed.emit({ ...this.state(), contacts: { ...this.state().contacts, [place]: contact } });
  }
}
