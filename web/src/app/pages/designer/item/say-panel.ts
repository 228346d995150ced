import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { talkOutlasting, tooLongIn } from '@core/cues';
import { type CueKind, picturesOf } from '@core/exercise';
import { type Item, type Plan, usualTalkSeconds } from '@core/plan';
import { sayLength } from '@core/say-time';
import type { ItemTime } from '@core/timeline';
import { checkWording } from '@core/words';
import { TooLongWords } from '../../../parts/saying/too-long';
import { PlanStore } from '../plan-store';

const cueNames: Readonly<Record<CueKind, string>> = {
  setup: 'set-up',
  action: 'action',
  breath: 'breath',
  picture: 'picture',
  correction: 'correction',
};

/** What is said of an item: the built-in words to speak over, one's own, and what cannot be said in its time. */
@Component({
  selector: 'nw-say-panel',
  imports: [TooLongWords],
  template: `
    <dl>
      @for (cue of cues(); track cue.kind) {
        <div>
          <dt>{{ cue.name }}</dt>
          <dd>
            <textarea
              rows="2"
              maxlength="240"
              #own
              [attr.aria-label]="cue.name + ' in your own words'"
              [placeholder]="cue.built"
              [value]="cue.own"
              (change)="setCue(cue.kind, own.value)"
            ></textarea>
            @for (found of cue.tooLong; track found.phase) {
              <nw-too-long
                [found]="found"
                [wordsPerMinute]="rate()"
                (shortened)="setCue(cue.kind, $event)"
                (lengthened)="talkLonger($event)"
              />
            }
            @for (note of cue.notes; track note.start) {
              <p class="reader">
                <q>{{ note.found }}</q> {{ note.why }}
                @if (note.instead.length > 0) {
                  Perhaps: {{ note.instead.join(' · ') }}
                }
              </p>
            }
            @if (cue.kind === 'picture' && others().length > 0 && cue.own === '') {
              <p class="reader">Goes round from class to class with “{{ others().join('”, “') }}”</p>
            }
          </dd>
        </div>
      }
    </dl>
    @if (outlasts(); as over) {
      <p class="outlasts" role="status">
        Talk over the work is {{ length(over.talkMs) }}, the work {{ length(over.workMs) }}.
        <button type="button" (click)="talkWithin(over.workMs)">Talk {{ length(over.workMs) }}</button>
      </p>
    }
  `,
  styleUrl: './say-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SayPanel {
  private readonly store = inject(PlanStore);
  readonly plan = input.required<Plan>();
  readonly item = input.required<Item>();
  readonly time = input.required<ItemTime>();

  protected readonly length = sayLength;
  protected readonly rate = computed(() => this.plan().pace.speakingWordsPerMinute);
  protected readonly cues = computed(() => {
    const cues = this.time().execution?.cues;
    const script = this.store.script();
    if (!cues || !script) return [];
    const long = tooLongIn(script, this.item().id);
    return (['setup', 'action', 'breath', 'picture', 'correction'] as const).flatMap((kind) => {
      const built = cues[kind];
      const own = this.item().cues[kind] ?? '';
      const tooLong = long.filter((found) => found.kind === kind);
      return built || own
        ? [{ kind, name: cueNames[kind], built: built?.[this.words()] ?? '', own, notes: checkWording(own), tooLong }]
        : [];
    });
  });
  /** The other pictures of this exercise. */
  protected readonly others = computed(() => {
    const execution = this.time().execution;
    return execution
      ? picturesOf(execution)
          .slice(1)
          .map((picture) => picture[this.words()])
      : [];
  });
  protected readonly outlasts = computed(() => {
    const timeline = this.store.timeline();
    const all = timeline ? talkOutlasting(this.plan(), timeline) : [];
    return all.find((found) => found.itemId === this.item().id) ?? null;
  });
  private readonly words = computed(() => this.plan().school.words);

  protected setCue(kind: CueKind, words: string): void {
    const said = words.trim() === '' ? undefined : words.trim();
    const cues = Object.entries({ ...this.item().cues, [kind]: said }).filter(([, own]) => own !== undefined);
    this.store.do({ type: 'edit-item', itemId: this.item().id, change: { cues: Object.fromEntries(cues) } });
  }

  /** More talk before the work, so that the set-up can be said. */
  protected talkLonger(seconds: number): void {
    const { talk, familiarity } = this.item();
    const beforeSeconds = (talk.beforeSeconds ?? usualTalkSeconds(familiarity, this.plan().pace)) + seconds;
    this.talk({ beforeSeconds, overSeconds: talk.overSeconds });
  }

  protected talkWithin(workMs: number): void {
    this.talk({ beforeSeconds: this.item().talk.beforeSeconds, overSeconds: Math.floor(workMs / 1000) });
  }

  private talk(talk: Item['talk']): void {
    this.store.do({ type: 'edit-item', itemId: this.item().id, change: { talk } });
  }
}
