import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { DeskNext } from '@core/contract';
import { concernNames } from '@core/exercise';
import { kitNames } from '@core/kit';
import { sayTime } from '@core/say-time';
import { DeskSheet } from '../../data/desk-sheet';
import { WhoSees } from '../../data/who-sees';
import { ClassTile, againstSlot } from '../../parts/class-tile/class-tile';
import { ClassesHere } from '../../parts/here/classes-here';
import { Loading } from '../../parts/loading/loading';
import { NewClassMenu } from '../../parts/new-class/new-class-menu';
import { SlotChoice } from '../../parts/new-class/slot-choice';
import { localDate, sayDate, today } from '../../parts/saying/date-words';
import { shortList } from '../../parts/saying/short-list';
import { ClassOutline } from '../../parts/thread/class-outline';
import { TopBar } from '../../parts/top/top-bar';
import { LeftList } from '../../parts/waiting/left-list';
import { DeskGroups } from './desk-groups';
import { dayWords, mostInLine, sessionWords, untilWords } from './desk-words';

/** The first screen: the next class and what it needs, and all else that waits for the teacher. */
@Component({
  selector: 'nw-desk-page',
  imports: [
    ClassOutline,
    ClassTile,
    ClassesHere,
    DeskGroups,
    LeftList,
    Loading,
    MatButton,
    NewClassMenu,
    RouterLink,
    SlotChoice,
    TopBar,
  ],
  providers: [DeskSheet],
  templateUrl: './desk-page.html',
  styleUrl: './desk-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DeskPage implements OnInit {
  protected readonly sheet = inject(DeskSheet);
  private readonly sees = inject(WhoSees);

  protected readonly desk = computed(() => this.sheet.found().value);
  /** Nothing at all yet: a teacher who begins. */
  protected readonly empty = computed(() => {
    const desk = this.desk();
    if (!desk) return false;
    const { next, drafts, lately, groups, homework, notTaught } = desk;
    return next === null && [drafts, lately, groups, homework, notTaught].every(({ length }) => length === 0);
  });
  protected readonly next = computed(() => {
    const [desk, nowMs] = [this.desk(), this.sheet.nowMs()];
    const next = desk?.next;
    if (!next) return null;
    const group = desk.groups.find(({ id }) => id === next.groupId) ?? null;
    return { ...next, ...nextWords(next, nowMs), group };
  });
  protected readonly coming = computed(() =>
    (this.desk()?.coming ?? []).map((one) => ({
      ...one,
      day: dayWords(one.date, today()),
      words: sessionWords(one),
      link: one.classId === null ? ['/courses', one.courseId] : ['/class', one.classId],
    })),
  );
  /** What somebody is still waiting for: classes of which nobody knows, homework that was not asked back. */
  protected readonly owed = computed(() => {
    const desk = this.desk();
    const others = this.sees.others();
    const missed = (desk?.notTaught ?? []).map(({ courseId, course, date, time, key }) => ({
      key: `missed ${courseId} ${key}`,
      link: ['/courses', courseId],
      name: course,
      words: `${dayWords(date, today())}, ${time}: in no log. Taught, moved or missed?`,
    }));
    const sheets = (desk?.homework ?? []).map(({ id, title, who, studentId, to }) => ({
      key: `sheet ${id}`,
      link: ['/homework', id],
      name: title,
      words: [
        who === '' || (others && studentId !== null) ? '' : `${who}, `,
        `over on ${sayDate(to)}: on how many days was it done?`,
      ].join(''),
    }));
    return [...missed, ...sheets];
  });
  protected readonly lately = computed(() =>
    (this.desk()?.lately ?? []).map((one) => ({ ...one, day: dayWords(localDate(one.startedAt), today()) })),
  );

  ngOnInit(): void {
    this.sheet.load();
  }
}

/** What is said of the class that comes next. */
function nextWords(next: DeskNext, nowMs: number) {
  const { made, left } = next;
  return {
    day: dayWords(next.date, today()),
    until: untilWords(next.startsAt, nowMs),
    words: sessionWords(next),
    planned: made ? sayTime(made.summary.plannedMs) : '',
    against: made ? againstSlot(made.summary) : null,
    kit: (made?.putOut ?? []).map(({ kit, count, perPerson, forOptionOnly }) => ({
      name: kitNames[kit],
      count: count === null ? `${perPerson} each` : `× ${count}`,
      option: forOptionOnly,
    })),
    unknown: (made?.unknown ?? []).map((concern) => concernNames[concern]).join(', '),
    fresh: made ? shortList(made.fresh, mostInLine) : '',
    forPeople: made?.people === null || made?.people === undefined ? '' : `for ${made.people}`,
    lastDay: left ? sayDate(localDate(left.startedAt)) : '',
    left: left ? leftWords(left) : [],
  };
}

const thenWords: Readonly<Record<NonNullable<DeskNext['left']>['owed'][number]['then'], string>> = {
  pay: 'the floor offers to pay it back',
  comes: 'it is in this class',
  rests: 'not in this class',
};

function leftWords({ owed, notReached, note }: NonNullable<DeskNext['left']>) {
  return [
    ...owed.map(({ words, then }) => ({ words, then: thenWords[then], quote: false })),
    ...notReached.map(({ words, then }) => ({ words: `not reached: ${words}`, then: thenWords[then], quote: false })),
    ...(note.trim() === '' ? [] : [{ words: note.trim(), then: '', quote: true }]),
  ];
}
