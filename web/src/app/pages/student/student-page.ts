import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { LadderNotes } from '../../data/ladder-notes';
import { OwnProtocols } from '../../data/own-protocols';
import { Readings } from '../../data/readings';
import { StudentFile } from '../../data/student-file';
import { WhoSees } from '../../data/who-sees';
import { initialsIn } from '@core/roster';
import { Loading } from '../../parts/loading/loading';
import { OthersSee } from '../../parts/others-see/others-see';
import { TopBar } from '../../parts/top/top-bar';
import { AskedAfter } from './asked-after';
import { AtHome } from './at-home';
import { FirstClass } from './first-class';
import { Levels } from './levels';
import { Measured } from './measured';
import { Who } from './who';

const states = {
  saved: '',
  saving: 'Saving …',
  away: 'Kept in this browser; sent when the server answers.',
  refused: '',
};

/** One student: who it is, what to mind, and what was measured. */
@Component({
  selector: 'nw-student-page',
  imports: [AskedAfter, AtHome, FirstClass, Levels, Loading, OthersSee, Measured, RouterLink, TopBar, Who],
  providers: [Readings, LadderNotes, StudentFile],
  template: `
    <nw-top-bar />
    <main>
      <nw-loading
        [of]="file.page()"
        wait="Fetching this student …"
        failed="This student cannot be shown"
        (again)="file.open(id())"
      />
      @if (file.student(); as student) {
        <header>
          <h1>
            @if (sees.others()) {
              {{ initials() }}
            } @else {
              <input
                #name
                aria-label="Name"
                maxlength="80"
                [value]="student.name"
                (change)="file.change({ name: name.value.trim() || student.name })"
              />
            }
          </h1>
          <span class="state" role="status">{{ state() }}</span>
          <nw-others-see />
        </header>
        @if (file.refused(); as why) {
          <p class="refused" role="alert">
            {{ why }}
            <button type="button" (click)="file.takeTheirs()">Show what it says now</button>
          </p>
        }
        @if (student.archived) {
          <p class="gone">
            Comes no more. <button type="button" (click)="file.change({ archived: false })">Comes again</button>
          </p>
        }
        <div class="columns">
          @if (sees.others()) {
            <p class="hidden">What is known of this person is not shown while others can see this screen.</p>
          } @else {
            <div>
              <nw-who [student]="student" />
              <nw-first-class [student]="student" />
            </div>
          }
          <section aria-labelledby="measured-title">
            <div class="head">
              <h2 id="measured-title">What was measured</h2>
              @if (student.consent) {
                <a [routerLink]="['/people', student.id, 'look']">Take a reading</a>
              }
              <a [routerLink]="['/people', student.id, 'back']">Looking back</a>
            </div>
            <nw-measured [student]="student" />
            <nw-levels [student]="student" />
            @if (!sees.others()) {
              <nw-at-home [studentId]="student.id" />
            }
            @if (!sees.others()) {
              <nw-asked-after [student]="student" />
            }
          </section>
        </div>
      }
    </main>
  `,
  styleUrl: './student-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StudentPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly file = inject(StudentFile);
  protected readonly sees = inject(WhoSees);
  private readonly own = inject(OwnProtocols);
  protected readonly state = computed(() => states[this.file.state()]);
  protected readonly initials = computed(() => {
    const student = this.file.student();
    return student ? (initialsIn([student]).get(student.id) ?? '') : '';
  });

  ngOnInit(): void {
    this.own.load();
    this.file.open(this.id());
  }
}
