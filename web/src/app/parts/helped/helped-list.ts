import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Answered, type Helped, helpedWords, othersWords, whatHelped } from '@core/measure';

/** What was better, same or worse after each exercise, as far as the numbers allow; in their order, never best first. */
@Component({
  selector: 'nw-helped-list',
  template: `
    <ul>
      @for (row of rows(); track row.id) {
        <li>
          <b>{{ row.name }}</b>
          <span>
            {{ row.said }}
            @if (row.worse) {
              <span class="worse" [class.asks]="row.asks">· {{ row.worse }}</span>
            }
            @if (row.others) {
              <small>{{ row.others }}</small>
            }
          </span>
        </li>
      }
    </ul>
    <p>
      Counted from four answers on, one a date. People say better after most things, so what everything else gets stands
      beside it.
    </p>
  `,
  styles: `
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li {
      display: grid;
      grid-template-columns: minmax(130px, 0.8fr) minmax(0, 1.4fr);
      gap: 2px 16px;
      padding: 8px 0;
    }
    li + li {
      border-top: 1px solid var(--nw-cloth-2);
    }
    small,
    p {
      color: var(--nw-quiet);
    }
    small {
      display: block;
    }
    p {
      margin: 8px 0 0;
    }
    .asks {
      font-weight: 700;
    }
    @media (max-width: 640px) {
      li {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HelpedList {
  /** By date. */
  readonly answers = input.required<readonly Answered[]>();
  /** Exercises in the order in which they are listed. */
  readonly order = input.required<readonly string[]>();
  readonly names = input.required<ReadonlyMap<string, string>>();

  protected readonly rows = computed(() =>
    whatHelped(this.answers(), this.order()).map((helped) => ({
      id: helped.exerciseId,
      name: this.names().get(helped.exerciseId) ?? helped.exerciseId,
      ...saidOf(helped),
      others: helped.counted ? othersWords(helped.othersBetter) : '',
      asks: helped.worseTwice,
    })),
  );
}

function saidOf(helped: Helped) {
  const { said, range, worse } = helpedWords(helped);
  return { said: range === '' ? said : `${said}; ${range}`, worse };
}
