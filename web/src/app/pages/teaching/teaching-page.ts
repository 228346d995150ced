import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { type SchoolQuestion, defaultSchool, schoolAnswers, schoolWords } from '@core/exercise';
import { type PaceKey } from '@core/plan';
import { PaceList } from '../../parts/pace/pace-list';
import { TopBar } from '../../parts/top/top-bar';
import { Preferences } from '../../data/preferences';
import { LearnedTimes } from './learned-times';

const groups: readonly { readonly name: string; readonly questions: readonly SchoolQuestion[] }[] = [
  { name: 'The foot', questions: ['archWork', 'toesOnRise', 'weightLine', 'knees', 'rollingIn', 'arch'] },
  { name: 'The class', questions: ['release', 'sides', 'dose', 'harderBalance', 'band', 'footwear'] },
  { name: 'Release and comfort', questions: ['rolling', 'tightSpot', 'comfort'] },
  { name: 'Speaking', questions: ['words', 'breath'] },
];

/** The questions on which schools of foot work differ, and this teacher's answers. */
@Component({
  selector: 'nw-teaching-page',
  imports: [LearnedTimes, MatButton, PaceList, RouterLink, TopBar],
  template: `
    <nw-top-bar />
    <main>
      <header>
        <h1>How I teach</h1>
        <p>
          Good teachers differ here, and nobody is declared right. Your answers choose the wording, the phases, the
          breath and the first dose of new items; exercises of another school are marked. A class keeps the answers it
          was made with.
        </p>
        <p class="state" role="status">
          @switch (preferences.state()) {
            @case ('saved') {
              Saved
            }
            @case ('saving') {
              Saving …
            }
            @case ('fetching') {
              Fetching your answers …
            }
            @case ('not-read') {
              The server does not answer, so your answers are not known. Nothing is changed until they are.
              <button matButton type="button" (click)="preferences.again()">Try again</button>
            }
            @case ('not-saved') {
              The server does not answer; this is not saved yet. It is kept here and sent when the server is back.
              <button matButton type="button" (click)="preferences.again()">Try again</button>
            }
          }
        </p>
      </header>
      @for (group of groups(); track group.name) {
        <section>
          <h2>{{ group.name }}</h2>
          @for (q of group.questions; track q.id) {
            <fieldset>
              <legend>{{ q.question }}</legend>
              <div class="answers">
                @for (a of q.answers; track a.id) {
                  <label [class.on]="a.chosen">
                    <input
                      type="radio"
                      [name]="q.id"
                      [checked]="a.chosen"
                      [disabled]="preferences.state() === 'fetching' || preferences.state() === 'not-read'"
                      (change)="answer(q.id, a.id)"
                    />
                    {{ a.words }}
                    @if (a.usual && !a.chosen) {
                      <small>where Needlework starts</small>
                    }
                  </label>
                }
              </div>
            </fieldset>
          }
        </section>
      }
      <section class="pace" aria-labelledby="pace">
        <h2 id="pace">My pace</h2>
        <p>
          What happens around the work, and how long it takes with you. New classes begin with these figures; a class
          keeps those it was made with.
        </p>
        <nw-learned-times />
        <nw-pace-list [pace]="preferences.pace()" (changed)="setPace($event.key, $event.value)" />
      </section>
      <p class="also">
        For who has them: <a routerLink="/bands">bands on a spring scale</a> ·
        <a routerLink="/devices">a balance mat and an angle gauge</a>
      </p>
      <p class="also"><a routerLink="/safe">Copies of everything, files in and out</a></p>
    </main>
  `,
  styleUrl: './teaching-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TeachingPage {
  protected readonly preferences = inject(Preferences);
  protected answer(question: SchoolQuestion, answer: string): void {
    this.preferences.answer({ [question]: answer });
  }

  protected setPace(key: PaceKey, value: number): void {
    this.preferences.setPace({ [key]: value });
  }

  protected readonly groups = computed(() => {
    const school = this.preferences.school();
    return groups.map(({ name, questions }) => ({
      name,
      questions: questions.map((id) => ({
        id,
        question: schoolWords[id].question,
        answers: schoolAnswers[id].map((answer) => ({
          id: answer,
          words: schoolWords[id].answers[answer] ?? answer,
          chosen: school[id] === answer,
          usual: defaultSchool[id] === answer,
        })),
      })),
    }));
  });
}
