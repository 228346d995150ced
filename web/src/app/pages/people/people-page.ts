import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { concernNames } from '@core/exercise';
import { ageWords, concernsOf, initialsIn } from '@core/roster';
import { PeopleList } from '../../data/people-list';
import { WhoSees } from '../../data/who-sees';
import { Loading } from '../../parts/loading/loading';
import { OthersSee } from '../../parts/others-see/others-see';
import { TopBar } from '../../parts/top/top-bar';

/** Who comes to be taught: groups, and everybody in them. */
@Component({
  selector: 'nw-people-page',
  imports: [Loading, MatButton, OthersSee, RouterLink, TopBar],
  providers: [PeopleList],
  templateUrl: './people-page.html',
  styleUrl: './people-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PeoplePage implements OnInit {
  protected readonly list = inject(PeopleList);
  protected readonly sees = inject(WhoSees);
  protected readonly asked = signal('');
  protected readonly inGroup = signal('');
  protected readonly refused = signal('');

  private readonly initials = computed(() => initialsIn(this.list.students()));
  private readonly groupNames = computed(() => new Map(this.list.groups().map(({ id, name }) => [id, name])));

  protected readonly groups = computed(() =>
    this.list.groups().map((group) => ({
      ...group,
      count: this.list.students().filter(({ groupIds }) => groupIds.includes(group.id)).length,
    })),
  );
  protected readonly rows = computed(() => {
    const asked = this.asked().trim().toLowerCase();
    const names = this.groupNames();
    return this.list
      .students()
      .filter(({ name, groupIds }) =>
        [name, ...groupIds.map((id) => names.get(id) ?? '')].join(' ').toLowerCase().includes(asked),
      )
      .map((student) => ({
        id: student.id,
        name: this.sees.others() ? (this.initials().get(student.id) ?? '') : student.name,
        groups: student.groupIds.flatMap((id) => names.get(id) ?? []).join(', '),
        facts: student.age === null ? '' : ageWords[student.age],
        cautions: this.sees.others()
          ? ''
          : concernsOf(student)
              .map((concern) => concernNames[concern])
              .join(' · '),
        measures: student.consent ? '' : 'measures not agreed',
      }));
  });
  protected readonly nobody = computed(() => this.list.students().length === 0 && this.list.groups().length === 0);

  ngOnInit(): void {
    this.list.load();
  }

  protected add(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name === '') {
      this.refused.set('A name is needed; what you call them is enough.');
      field.focus();
      return;
    }
    this.refused.set('');
    this.list.add(name, this.inGroup() === '' ? [] : [this.inGroup()]);
    field.value = '';
    field.focus();
  }

  protected addGroup(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name === '') return field.focus();
    this.list.addGroup(name);
    field.value = '';
  }
}
