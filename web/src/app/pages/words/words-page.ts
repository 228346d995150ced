import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatButton } from '@angular/material/button';
import { type Term, checkWording, findSpoken, findTerms } from '@core/words';
import { type PreferenceState, Preferences } from '../../data/preferences';
import { TopBar } from '../../parts/top/top-bar';

const states: Readonly<Record<PreferenceState, string>> = {
  saved: '',
  saving: 'Saving …',
  fetching: '',
  'not-read': 'The server does not answer: words can be added when it does.',
  'not-saved': 'Not saved yet. It is kept here and sent when the server is back.',
};

/** The glossary, what people say elsewhere, and a place to read one's own cues for muddles. */
@Component({
  selector: 'nw-words-page',
  imports: [MatButton, MatFormField, MatInput, MatLabel, TopBar],
  template: `
    <nw-top-bar />
    <main>
      <header>
        <h1>Words</h1>
        <p>One word means one thing here. Plain words come first; the anatomical name stands beside them.</p>
      </header>
      <div class="columns">
        <section aria-label="Glossary">
          <mat-form-field subscriptSizing="dynamic" class="find">
            <mat-label>Find a word</mat-label>
            <input matInput type="search" #field [value]="asked()" (input)="asked.set(field.value)" />
          </mat-form-field>
          @for (group of groups(); track group.about) {
            <h2>{{ group.about }}</h2>
            <dl>
              @for (term of group.terms; track term.word) {
                <div>
                  <dt>
                    {{ term.word }}
                    @if (term.anatomical) {
                      <small>{{ term.anatomical }}</small>
                    }
                  </dt>
                  <dd>{{ term.meaning }}</dd>
                </div>
              }
            </dl>
          }
          @if (said().length > 0 || asked() === '') {
            <h2>what people say elsewhere</h2>
            <form class="own" (submit)="add(word, means); $event.preventDefault()">
              <mat-form-field subscriptSizing="dynamic">
                <mat-label>A word of mine</mat-label>
                <input matInput #word maxlength="40" autocomplete="off" />
              </mat-form-field>
              <mat-form-field subscriptSizing="dynamic">
                <mat-label>What it is called here</mat-label>
                <input matInput #means maxlength="120" autocomplete="off" />
              </mat-form-field>
              <button matButton="outlined" type="submit">Add it</button>
            </form>
            <p class="state" role="status">{{ state() }}</p>
            <dl>
              @for (spoken of said(); track spoken.word) {
                <div>
                  <dt>
                    {{ spoken.word }}
                    @if (spoken.own) {
                      <small>yours</small>
                    }
                  </dt>
                  <dd>
                    {{ spoken.means }}
                    @if (spoken.own) {
                      <button
                        matButton
                        type="button"
                        [attr.aria-label]="'Take out “' + spoken.word + '”'"
                        (click)="preferences.removeWord(spoken.word)"
                      >
                        Take it out
                      </button>
                    }
                  </dd>
                </div>
              }
            </dl>
          }
          @if (groups().length === 0 && said().length === 0) {
            <p class="none">No word like that. Try a shorter one, or the anatomical name.</p>
          }
        </section>
        <aside aria-label="Read my cue">
          <h2>Read my cue</h2>
          <p>
            Write what you say. It points out muddled directions, words that mean two things, and promises nobody can
            keep. It only suggests.
          </p>
          <mat-form-field subscriptSizing="dynamic" class="cue">
            <mat-label>A cue of yours</mat-label>
            <textarea matInput rows="4" maxlength="600" #cue (input)="text.set(cue.value)"></textarea>
          </mat-form-field>
          <ul aria-live="polite">
            @for (note of notes(); track note.start + note.code) {
              <li>
                <q>{{ note.found }}</q> {{ note.why }}
                @if (note.instead.length > 0) {
                  <span class="instead">Perhaps: {{ note.instead.join(' · ') }}</span>
                }
              </li>
            } @empty {
              @if (text().trim() !== '') {
                <li class="clear">Nothing muddled in it.</li>
              }
            }
          </ul>
        </aside>
      </div>
      <p class="made">
        <a href="/notices.txt" target="_blank" rel="noopener">What Needlework is made with, and its licences</a>
      </p>
    </main>
  `,
  styleUrl: './words-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WordsPage {
  protected readonly preferences = inject(Preferences);
  protected readonly asked = signal('');
  protected readonly text = signal('');
  protected readonly groups = computed(() => {
    const terms = findTerms(this.asked(), this.preferences.words());
    const abouts: Term['about'][] = [
      'the foot',
      'the exercise',
      'the class',
      'teaching',
      'measuring',
      'the application',
    ];
    return abouts
      .map((about) => ({ about, terms: terms.filter((t) => t.about === about) }))
      .filter((group) => group.terms.length > 0);
  });
  /** Names from elsewhere, the teacher's own first; search understands them. */
  protected readonly said = computed(() => {
    const own = this.preferences.words();
    return findSpoken(this.asked(), own).map((found) => ({ ...found, own: own.includes(found) }));
  });
  private readonly refused = signal('');
  protected readonly state = computed(() => this.refused() || states[this.preferences.state()]);

  protected add(word: HTMLInputElement, means: HTMLInputElement): void {
    const [said, meant] = [word.value.trim(), means.value.trim()];
    if (said === '' || meant === '') {
      this.refused.set('A word and what it is called here: both are needed.');
      (said === '' ? word : means).focus();
      return;
    }
    this.refused.set('');
    this.preferences.addWord({ word: said, means: meant });
    word.value = means.value = '';
    word.focus();
  }

  protected readonly notes = computed(() => checkWording(this.text()));
}
