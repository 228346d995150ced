import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { FootState } from '@core/exercise';
import { FootEditor } from './foot-editor';
import { standingFoot } from './new-exercise';

describe('the footprint as an editor', () => {
  let fixture: ComponentFixture<FootEditor>;
  let last: FootState;
  const page = () => fixture.nativeElement as HTMLElement;
  const spot = (words: string) =>
    [...page().querySelectorAll<SVGElement>('ellipse')].find((e) => e.getAttribute('aria-label')?.includes(words))!;

  beforeEach(async () => {
    fixture = TestBed.createComponent(FootEditor);
    last = standingFoot('works');
    fixture.componentInstance.changed.subscribe((state) => {
      last = state;
      fixture.componentRef.setInput('state', state);
    });
    fixture.componentRef.setInput('side', 'right');
    fixture.componentRef.setInput('label', 'working foot');
    fixture.componentRef.setInput('picture', 'footprints');
    fixture.componentRef.setInput('state', last);
    await fixture.whenStable();
  });

  it('takes the next contact at each tap: press, rest, lift, hang, and press again', async () => {
    const seen = [];
    for (let i = 0; i < 4; i++) {
      spot('heel').dispatchEvent(new MouseEvent('click'));
      await fixture.whenStable();
      seen.push(`${last.contacts.heel.contact} ${last.contacts.heel.meets}`);
    }
    expect(seen).toEqual(['rest floor', 'lift air', 'hang air', 'press floor']);
  });

  it('works with the keyboard, and says what a place does', async () => {
    expect(spot('big toe').getAttribute('aria-label')).toBe('working foot, big toe rests on floor; change');
    spot('big toe').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await fixture.whenStable();
    expect(last.contacts.bigToe).toEqual({ contact: 'lift', meets: 'air' });
  });

  it('keeps what a lifted place meets when that is not the floor', async () => {
    fixture.componentRef.setInput('state', {
      ...last,
      contacts: { ...last.contacts, bigToe: { contact: 'rest', meets: 'hand' } },
    });
    await fixture.whenStable();
    spot('big toe').dispatchEvent(new MouseEvent('click'));
    expect(last.contacts.bigToe).toEqual({ contact: 'lift', meets: 'hand' });
  });
});
