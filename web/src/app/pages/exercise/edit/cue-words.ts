import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { type CueKind, CueKind as cueKinds, type Cues } from '@core/exercise';

const names: Readonly<Record<CueKind, string>> = {
  setup: 'Set-up',
  action: 'Action',
  breath: 'Breath',
  picture: 'Picture',
  correction: 'Correction',
};

/** What is said otherwise than in the exercise, in both wordings; an empty field says what the exercise says. */
@Component({
  selector: 'nw-cue-words',
  template: `
    @for (row of rows(); track row.kind) {
      <label>
        {{ row.name }} said here
        <textarea
          #p
          rows="1"
          [value]="row.plain"
          [placeholder]="row.basePlain"
          maxlength="240"
          (input)="say(row.kind, 'plain', p.value)"
        ></textarea>
      </label>
      <label>
        in anatomical words
        <textarea
          #a
          rows="1"
          [attr.aria-label]="row.name + ' said here, in anatomical words'"
          [value]="row.anatomical"
          [placeholder]="row.baseAnatomical"
          [disabled]="row.plain === ''"
          maxlength="240"
          (input)="say(row.kind, 'anatomical', a.value)"
        ></textarea>
      </label>
    }
  `,
  styleUrl: './cue-words.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CueWords {
  readonly said = input.required<Partial<Cues> | undefined>();
  /** The exercise's own, shown where nothing else is said. */
  readonly base = input.required<Cues>();
  readonly changed = output<Partial<Cues> | undefined>();

  protected readonly rows = computed(() =>
    cueKinds.options.map((kind) => {
      const [own, base] = [this.said()?.[kind], this.base()[kind]];
      return {
        kind,
        name: names[kind],
        plain: own?.plain ?? '',
        anatomical: own?.anatomical ?? '',
        basePlain: base?.plain ?? '',
        baseAnatomical: base?.anatomical ?? '',
      };
    }),
  );

  /** The anatomical words follow the plain ones until they are written on their own. */
  protected say(kind: CueKind, which: 'plain' | 'anatomical', words: string): void {
    const own = this.said()?.[kind];
    const others = Object.fromEntries(Object.entries(this.said() ?? {}).filter(([k]) => k !== kind));
    const plain = which === 'plain' ? words : (own?.plain ?? '');
    const alike = !own || own.anatomical === own.plain;
    const anatomical = which === 'anatomical' ? words || plain : alike ? plain : own.anatomical;
    const next = plain.trim() === '' ? others : { ...others, [kind]: { plain, anatomical } };
    this.changed.emit(Object.keys(next).length > 0 ? next : undefined);
  }
}
