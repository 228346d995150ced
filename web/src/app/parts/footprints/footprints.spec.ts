import { TestBed } from '@angular/core/testing';
import { foot, hanging, phase, standing, stands } from '@core/exercise/catalogue/author';
import { Footprints } from './footprints';
import { contactWords, footWords } from './contact-words';

const bigToeUp = foot(standing, {
  contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
  midfoot: 'lifted',
});

describe('a foot in words', () => {
  it('gathers the places by what they do', () => {
    expect(contactWords(bigToeUp).map((c) => `${c.verb}: ${c.places}`)).toEqual([
      'press: heel, inner ball, outer ball, small toes',
      'lift: big toe',
    ]);
  });

  it('says what a place meets unless it is the floor', () => {
    const banded = foot(hanging, { contacts: { outerBall: ['press', 'band'] } });
    expect(contactWords(banded)[0]?.places).toBe('outer ball on band');
    expect(contactWords(hanging)).toEqual([{ contact: 'hang', verb: 'hang', places: 'the whole foot' }]);
  });

  it('says turn in and turn out with where the sole looks', () => {
    expect(footWords(foot(hanging, { ankle: 'turned-out' }))[0]).toBe('turned out, sole away');
    expect(footWords(foot(hanging, { ankle: 'turned-in' }))[0]).toBe('turned in, sole to the middle');
  });
});

describe('the footprints', () => {
  async function shown(working: 'left' | 'right' | 'both') {
    const fixture = TestBed.createComponent(Footprints);
    fixture.componentRef.setInput('phase', phase('lift', 2, bigToeUp, { other: stands }));
    fixture.componentRef.setInput('working', working);
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    return {
      feet: [...element.querySelectorAll('.foot')].map((f) => f.textContent?.trim()),
      meaning: element.querySelector('[role=img]')?.getAttribute('aria-label'),
    };
  }

  it('stand left on the left, and say what each foot does', async () => {
    expect((await shown('right')).feet).toEqual(['left stands', 'right works']);
    expect((await shown('left')).feet).toEqual(['left works', 'right stands']);
    expect((await shown('both')).feet).toEqual(['left works', 'right works']);
  });

  it('say the same to someone who does not see them', async () => {
    expect((await shown('right')).meaning).toContain(
      'right works: heel, inner ball, outer ball, small toes press, big toe lift',
    );
  });
});
