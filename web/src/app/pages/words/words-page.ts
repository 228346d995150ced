import { ChangeDetectionStrategy, Component, computed, signal } from '@angular/core';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { type Term, checkWording, findTerms } from '@core/words';
import { TopBar } from '../../parts/top/top-bar';

/** The glossary, and a place to read one's own cues for muddles. */
@Component({
  selector: 'nw-words-page',
  imports: [MatFormField, MatInput, MatLabel, TopBar],
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
          } @empty {
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
    </main>
  `,
  styleUrl: './words-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WordsPage {
  protected readonly asked = signal('');
  protected readonly text = signal('');
  protected readonly groups = computed(() => {
    const terms = findTerms(this.asked());
    const abouts: Term['about'][] = ['the foot', 'the exercise', 'the class', 'teaching', 'the application'];
    return abouts
      .map((about) => ({ about, terms: terms.filter((t) => t.about === about) }))
      .filter((group) => group.terms.length > 0);
  });
  protected readonly notes = computed(() => checkWording(this.text()));
}
