import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { ExerciseUses } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { builtIn, named } from '../../../testing/built-in';
import { ExercisePage } from './exercise-page';
import { libraryAsked, libraryOf } from '../../../testing/sample-class';

describe('all about one exercise', () => {
  let fixture: ComponentFixture<ExercisePage>;
  let http: HttpTestingController;
  const page = () => fixture.nativeElement as HTMLElement;
  const region = (name: string) => page().querySelector(`section[aria-label="${name}"]`)?.textContent ?? '';

  async function open(
    id: string,
    uses: ExerciseUses = { classes: [], next: null, total: 0, taught: 0 },
    school = defaultSchool,
    library = builtIn,
  ) {
    TestBed.configureTestingModule({
      providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
    });
    fixture = TestBed.createComponent(ExercisePage);
    fixture.componentRef.setInput('id', id);
    fixture.detectChanges();
    http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school });
    libraryAsked(http).flush(libraryOf(library));
    await fixture.whenStable();
    http.match(`/api/exercises/${id}/classes`).forEach((r) => r.flush(uses));
    await fixture.whenStable();
  }

  it('names it in both wordings, and in the teacher’s first', async () => {
    await open('band-turn-in', undefined, { ...defaultSchool, words: 'anatomical' });
    expect(page().querySelector('h1')?.textContent).toBe('Resisted inversion');
    expect(page().querySelector('.also')?.textContent).toBe('Band: turn the foot in');
    expect(region('What it loads')).toContain('tibialis posterior');
  });

  it('shows every phase, and the order undone where it has a way back', async () => {
    await open('toe-wave');
    expect(page().querySelectorAll('.phases li')).toHaveLength(4);
    expect(region('What the feet do')).toContain('Backwards: foot down, toes down, foot up, toes up.');
  });

  it('says of one that is a name so far what is not written yet, and shows no empty lines', async () => {
    const wave = named('toe-wave');
    const nothing = { plain: '', anatomical: '' };
    const cues = { setup: nothing, action: nothing, breath: null, picture: nothing, correction: nothing };
    const bare = {
      ...wave,
      exercise: { ...wave.exercise, id: 'gangway', purpose: '', faults: [], cues, ladder: null },
    };
    await open('gangway', undefined, defaultSchool, [...builtIn, bare]);
    expect(region('What to say')).toContain('Nothing is written yet.');
    expect(region('What to say')).not.toContain('Action');
    expect(region('What to watch')).toContain('No fault is written yet.');
  });

  it('settles the exercise at the rung that is looked at: phases, dose and time change with it', async () => {
    await open('short-foot');
    expect(region('Time')).toContain('4 holds of 10 s, both feet');
    const rungs = [...page().querySelectorAll<HTMLButtonElement>('.ladder button')];
    expect(rungs.map((b) => b.getAttribute('aria-pressed'))).toEqual(['false', 'true', 'false', 'false']);
    rungs[3]?.click();
    await fixture.whenStable();
    expect(region('Time')).toContain('3 holds of 10 s, each foot');
    expect(page().querySelector('.facts')?.textContent).toContain('one foot, then the other');
  });

  it('says what to do for whom, what could stand in its place, and why', async () => {
    await open('small-jumps');
    expect(region('Take care')).toContain('pregnancy: leave it out.');
    expect(region('Take care')).toContain('Local rules come first');
    expect(region('Instead of it')).toContain('Small jumps: side, front, back, split, turn');
  });

  it('breathes as the school does, and not at all where breath is left alone', async () => {
    await open('step-rise-straight-knee', undefined, { ...defaultSchool, breath: 'out-on-effort' });
    expect(region('What the feet do')).toContain('breathe out');
    TestBed.resetTestingModule();
    await open('step-rise-straight-knee');
    expect(region('What the feet do')).not.toContain('breathe');
  });

  it('moves the classes that can move, and says why the others stay', async () => {
    const use = { items: 1, beforeMs: 60_000, afterMs: 72_000 };
    await open('two-foot-rise', {
      next: null,
      total: 3,
      taught: 2,
      classes: [
        { ...use, classId: 'one-1', title: 'Monday', upToDate: false, problem: null },
        { ...use, classId: 'two-2', title: 'Friday', upToDate: false, problem: 'It stands on a rung that is gone.' },
        { ...use, classId: 'three-3', title: 'Sunday', upToDate: true, problem: null },
      ],
    });
    const text = region('Classes that use it');
    expect(text).toContain('1:00 → 1:12');
    expect(text).toContain('keeps the earlier version: It stands on a rung that is gone.');
    expect(text).toContain('Taught 2 times');
    [...page().querySelectorAll('button')].find((b) => b.textContent?.includes('Move 1 to this version'))?.click();
    const sent = http.expectOne('/api/exercises/two-foot-rise/move');
    expect(sent.request.body).toEqual({ classIds: ['one-1'] });
    sent.flush({ moved: ['one-1'] });
  });

  it('marks what answers otherwise than the teacher', async () => {
    await open('sore-spot-wait');
    expect(region('Schools')).toContain('you answer otherwise');
    expect(named('sore-spot-wait').exercise.schools.rolling).toBe('stops');
  });
});
