import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { sayablePauses } from '@core/dose';
import { type Pace, type PaceKey, paceDefaults } from '@core/plan';
import { NumberField } from '../dose/number-field';
import { ReadAloud } from './read-aloud';

const origins = { measured: 'Read off real teaching', practice: 'Common practice', own: 'Needlework’s own' } as const;
const quarters = [1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6];
const spreads = [0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.2];
const rates = [100, 110, 120, 130, 140, 145, 150, 160, 170, 180];

const groups: readonly { readonly name: string; readonly keys: readonly PaceKey[] }[] = [
  {
    name: 'Before the first rep',
    keys: [
      'talkNewSeconds',
      'talkKnownSeconds',
      'plainSetupSeconds',
      'propsSetupSeconds',
      'propsKnownSetupSeconds',
      'fiddlySetupSeconds',
      'fiddlyKnownSetupSeconds',
      'firstRepTimes',
      'demonstrationMostSeconds',
    ],
  },
  { name: 'The second side', keys: ['sideSwitchSeconds', 'secondSetupSeconds', 'secondFiddlySetupSeconds'] },
  {
    name: 'Kit and bands',
    keys: [
      'reachKitSeconds',
      'fetchKitSeconds',
      'floorChangeSeconds',
      'otherFloorSeconds',
      'moveBandSeconds',
      'slideBandSeconds',
    ],
  },
  {
    name: 'From place to place',
    keys: ['chairSeconds', 'floorToStandingSeconds', 'onTheFloorSeconds', 'stepOffSeconds', 'turnRoundSeconds'],
  },
  { name: 'Looks and speech', keys: ['compareSeconds', 'recheckSeconds', 'speakingWordsPerMinute'] },
  { name: 'How far a class strays', keys: ['workSpread', 'aroundSpread', 'daySpread'] },
];

/** A teacher's pace, figure by figure, each with where its start comes from; changes are the caller's to make. */
@Component({
  selector: 'nw-pace-list',
  imports: [NumberField, ReadAloud],
  template: `
    @for (group of groups(); track group.name) {
      <h3>{{ group.name }}</h3>
      <dl>
        @for (entry of group.entries; track entry.key) {
          <div>
            <dt>
              {{ entry.label }}<small>{{ entry.because }}</small>
              @if (entry.key === 'speakingWordsPerMinute') {
                <nw-read-aloud (measured)="changed.emit({ key: entry.key, value: $event })" />
              }
            </dt>
            <dd>
              <nw-number
                [label]="entry.label"
                [unit]="entry.unit"
                [value]="entry.value"
                [scale]="entry.scale"
                (changed)="changed.emit({ key: entry.key, value: $event })"
              />
            </dd>
          </div>
        }
      </dl>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h3 {
      margin: 16px 0 4px;
      font-size: 0.95rem;
    }
    dl {
      margin: 0;
    }
    dl > div {
      display: grid;
      grid-template-columns: 1fr auto;
      gap: 12px;
      align-items: center;
      border-top: 1px solid var(--nw-cloth-2);
      padding: 5px 0;
    }
    dd {
      margin: 0;
    }
    small {
      display: block;
      color: var(--nw-quiet);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PaceList {
  readonly pace = input.required<Pace>();
  readonly changed = output<{ readonly key: PaceKey; readonly value: number }>();

  protected readonly groups = computed(() => {
    const pace = this.pace();
    return groups.map(({ name, keys }) => ({
      name,
      entries: keys.map((key) => {
        const { value: start, unit, label, origin, because } = paceDefaults[key];
        return {
          key,
          label,
          value: pace[key],
          unit: { s: 's', times: '×', 'words a minute': 'words/min', spread: '' }[unit],
          scale: { s: sayablePauses, times: quarters, 'words a minute': rates, spread: spreads }[unit],
          because: pace[key] === start ? `${origins[origin]}: ${because}` : `Yours; the start was ${start}.`,
        };
      }),
    }));
  });
}
