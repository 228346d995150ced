import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { HomeDay, Settled } from '@core/homework';
import { sayDate } from '../../parts/saying/date-words';

const short = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });

/** The days across, the exercises down: a stitch where one is done at home, a bar where the class does it. */
@Component({
  selector: 'nw-day-grid',
  template: `
    <table>
      <caption class="nw-unseen">
        What is done on which day
      </caption>
      <thead>
        <tr>
          <td></td>
          @for (day of columns(); track day.date) {
            <th scope="col" [class.monday]="day.monday" [class.class]="day.title !== ''" [title]="day.title">
              <span>{{ day.name }}</span>
              <b>{{ day.number }}</b>
            </th>
          }
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.id) {
          <tr>
            <th scope="row">{{ row.name }}</th>
            @for (cell of row.cells; track $index) {
              <td [class]="cell.kind" [class.monday]="cell.monday">
                <span class="nw-unseen">{{ cell.words }}</span>
              </td>
            }
          </tr>
        }
      </tbody>
    </table>
  `,
  styleUrl: './day-grid.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DayGrid {
  readonly days = input.required<readonly HomeDay[]>();
  readonly settled = input.required<readonly Settled[]>();
  readonly words = input.required<'plain' | 'anatomical'>();

  protected readonly columns = computed(() =>
    this.days().map(({ date, classes }) => {
      const day = new Date(`${date}T00:00:00Z`);
      return {
        date,
        name: short.format(day).slice(0, 2),
        number: day.getUTCDate(),
        monday: day.getUTCDay() === 1,
        title: classes.map(({ title }) => title).join(', '),
      };
    }),
  );
  protected readonly rows = computed(() =>
    this.settled().map(({ item, exercise }) => ({
      id: item.id,
      name: exercise.name[this.words()],
      cells: this.days().map(({ date, due, not }) => {
        const kind = due.includes(item.id) ? 'due' : not[item.id] === 'in-class' ? 'taught' : 'rest';
        const said = { due: 'at home', taught: 'in class', rest: 'nothing' }[kind];
        return { kind, monday: new Date(`${date}T00:00:00Z`).getUTCDay() === 1, words: `${sayDate(date)}: ${said}` };
      }),
    })),
  );
}
