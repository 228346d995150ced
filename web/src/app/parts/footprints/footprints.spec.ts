import { TestBed } from '@angular/core/testing';
import { foot, hanging, phase, standing, stands } from '@core/exercise/catalogue/author';
import { Foot } from './foot';
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

describe('what lies under a foot, and where a hand is', () => {
  it('is said: a ball under the middle, a block under the whole foot, a finger on the big toe', () => {
    const onBall = foot(hanging, { middle: ['press', 'ball'] });
    expect(contactWords(onBall)[0]?.places).toBe('middle of the sole on ball');
    const press = ['press', 'block'] as const;
    const onBlock = foot(standing, {
      contacts: { heel: press, innerBall: press, outerBall: press, bigToe: press, smallToes: press },
    });
    expect(contactWords(onBlock)).toEqual([{ contact: 'press', verb: 'press', places: 'the whole foot on block' }]);
    const toesOver = foot(onBlock, { contacts: { bigToe: ['hang', 'air'], smallToes: ['hang', 'air'] } });
    expect(contactWords(toesOver)[0]?.places).toBe('heel, inner ball, outer ball on block');
    const onBoth = foot(standing, { contacts: { innerBall: ['press', 'strap'] } });
    expect(contactWords(onBoth)[0]?.places).toBe('heel, outer ball; inner ball on strap');
    expect(footWords(foot(hanging, { hands: ['big toe'] })).at(-1)).toBe('a hand: big toe');
    expect(footWords(foot(hanging, { toes: 'on-tops' }))[1]).toBe('toes on their tops');
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
    expect((await shown('both')).feet).toEqual(['left works', 'right stands']);
  });

  it('show each foot its own state where the two take turns, and both the same where they do the same', async () => {
    const fixture = TestBed.createComponent(Footprints);
    fixture.componentRef.setInput('phase', phase('rise', 2, standing));
    fixture.componentRef.setInput('working', 'both');
    await fixture.whenStable();
    const feet = [...(fixture.nativeElement as HTMLElement).querySelectorAll('.foot')].map((f) =>
      f.textContent?.trim(),
    );
    expect(feet).toEqual(['left works', 'right works']);
  });

  it('say the same to someone who does not see them', async () => {
    expect((await shown('right')).meaning).toContain(
      'right works: heel, inner ball, outer ball, small toes press, big toe lift',
    );
  });
});

describe('a foot', () => {
  it('has the big toe to the middle: a left foot is the mirror of a right one, as a sole and as an ankle', async () => {
    const drawn = async (side: 'left' | 'right', picture: 'footprints' | 'ankle-side') => {
      const fixture = TestBed.createComponent(Foot);
      for (const [name, value] of Object.entries({ side, picture, state: standing }))
        fixture.componentRef.setInput(name, value);
      await fixture.whenStable();
      const svg = (fixture.nativeElement as HTMLElement).querySelector('svg');
      return [svg?.getAttribute('viewBox'), svg?.querySelector('g')?.getAttribute('transform') ?? ''];
    };
    expect(await drawn('right', 'footprints')).toEqual(['0 14 104 228', '']);
    expect(await drawn('left', 'footprints')).toEqual(['0 14 104 228', 'translate(104 0) scale(-1 1)']);
    expect(await drawn('left', 'ankle-side')).toEqual(['0 0 120 150', 'translate(120 0) scale(-1 1)']);
  });
});
