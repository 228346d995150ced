import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { type Loading as State, waiting } from '../../data/loading';
import { Loading } from './loading';

@Component({
  imports: [Loading],
  template: `
    <nw-loading [of]="state()" wait="Fetching …" failed="Nothing to show" [empty]="empty()" (again)="asked = asked + 1">
      <p>None yet</p>
      <a instead href="/">Back</a>
    </nw-loading>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Page {
  readonly state = signal<State<string>>(waiting);
  readonly empty = signal(false);
  asked = 0;
}

describe('what a page says while something is fetched', () => {
  async function shown(state: State<string>, empty = false) {
    const fixture = TestBed.createComponent(Page);
    fixture.componentInstance.state.set(state);
    fixture.componentInstance.empty.set(empty);
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    return { page, words: page.textContent?.replace(/\s+/g, ' ').trim(), fixture };
  }

  it('says that it is on its way, to a screen reader too', async () => {
    const { page, words } = await shown(waiting);
    expect(words).toBe('Fetching …');
    expect(page.querySelector('[role=status]')).not.toBeNull();
  });

  it('says why it failed, with a way to try again and a way out', async () => {
    const { page, words, fixture } = await shown({ status: 'failed', value: null, words: 'No answer.' });
    expect(words).toContain('Nothing to show');
    expect(words).toContain('No answer.');
    expect(page.querySelector('a')?.textContent).toBe('Back');
    page.querySelector('button')?.click();
    expect(fixture.componentInstance.asked).toBe(1);
  });

  it('says what an empty list means, and is silent over a full one', async () => {
    expect((await shown({ status: 'ready', value: '' }, true)).words).toBe('None yet');
    expect((await shown({ status: 'ready', value: 'something' })).words).toBe('');
  });

  it('keeps quiet while what is on the page is fetched once more', async () => {
    expect((await shown({ status: 'waiting', value: 'something' })).words).toBe('');
  });
});
