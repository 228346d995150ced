import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { LookedAt } from '../../data/desk-sheet';
import { WhoSees } from '../../data/who-sees';
import { sayDate } from '../../parts/saying/date-words';
import { shortList } from '../../parts/saying/short-list';
import { mostInLine, namesOf, readyOn } from './desk-words';

/** What is to be known of the groups that come: stop signs first, then whom to look at, and who is ready for more. */
@Component({
  selector: 'nw-desk-groups',
  imports: [RouterLink],
  template: `
    @for (one of failed(); track one.id) {
      <section role="alert">
        <h2>{{ one.name }}</h2>
        <p>Whom to look at and who is ready cannot be shown. {{ one.words }}</p>
      </section>
    }
    @for (group of shown(); track group.id) {
      <section [attr.aria-label]="group.name">
        <h2>
          <a [routerLink]="['/groups', group.id]">{{ group.name }}</a>
        </h2>
        <ul>
          @for (one of group.stops; track one.id) {
            <li class="stop">
              <a [routerLink]="['/people', one.id]">{{ one.name }}</a>: {{ one.words }}. Nothing moves before a
              clinician’s word; local rules come first.
            </li>
          }
          @for (one of group.measure; track one.protocol) {
            <li>
              <a [routerLink]="['/groups', group.id, 'look']" [queryParams]="{ check: one.protocol }"
                >Look again: {{ one.name }}</a
              >
              <span>{{ one.people }}</span> <small>due since {{ one.since }}</small>
            </li>
          }
          @for (one of group.ready; track one.exerciseId) {
            <li>
              <a [routerLink]="['/groups', group.id, 'ladders']" [queryParams]="{ exercise: one.exerciseId }"
                >Ready for more: {{ one.exercise }}</a
              >
              <span>{{ one.people }}</span> <small>passed what their level asks</small>
            </li>
          }
          @for (one of group.down; track one.key) {
            <li>
              <a [routerLink]="['/groups', group.id, 'ladders']" [queryParams]="{ exercise: one.exerciseId }"
                >A level lower: {{ one.exercise }}</a
              >
              <span>{{ one.name }}</span> <small>{{ one.words }}</small>
            </li>
          }
        </ul>
      </section>
    }
  `,
  styleUrl: './desk-groups.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DeskGroups {
  readonly groups = input.required<readonly LookedAt[]>();
  private readonly sees = inject(WhoSees);

  protected readonly failed = computed(() => this.groups().filter(({ group }) => group === null));
  protected readonly shown = computed(() =>
    this.groups()
      .flatMap(({ group }) => group ?? [])
      .filter(({ measure, moves, stops }) => measure.length + moves.length + stops.length > 0)
      .map((group) => {
        const nameOf = namesOf(group, this.sees.others());
        return {
          id: group.id,
          name: group.name,
          stops: group.stops.map(({ studentId, sign, date }) => ({
            id: studentId,
            name: nameOf(studentId),
            words: `${sign}, ${sayDate(date)}`,
          })),
          measure: group.measure.map(({ protocol, name, studentIds, since }) => ({
            protocol,
            name,
            people: shortList(studentIds.map(nameOf), mostInLine),
            since: sayDate(since),
          })),
          ready: readyOn(group, nameOf).map((one) => ({ ...one, people: shortList(one.people, mostInLine) })),
          down: group.moves
            .filter(({ verdict }) => verdict === 'down')
            .map(({ studentId, exerciseId, exercise, words }) => ({
              key: `${studentId} ${exerciseId}`,
              exerciseId,
              exercise,
              name: nameOf(studentId),
              words,
            })),
        };
      }),
  );
}
