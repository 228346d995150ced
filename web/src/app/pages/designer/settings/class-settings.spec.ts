import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA } from '@angular/material/dialog';
import { MatSnackBar } from '@angular/material/snack-bar';
import { defaultSchool } from '@core/exercise';
import { defaultPace } from '@core/plan';
import { samplePlan, sampleRevisions } from '../../../../testing/sample-class';
import { PlanStore } from '../plan-store';
import { ClassSettings } from './class-settings';

describe('the settings of a class', () => {
  async function open(school = defaultSchool, pace = defaultPace()) {
    TestBed.configureTestingModule({
      providers: [
        PlanStore,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: MatSnackBar, useValue: { open: jest.fn() } },
        { provide: MAT_DIALOG_DATA, useFactory: () => TestBed.inject(PlanStore) },
      ],
    });
    const store = TestBed.inject(PlanStore);
    store.open({ ...samplePlan(), school }, sampleRevisions);
    const fixture = TestBed.createComponent(ClassSettings);
    TestBed.inject(HttpTestingController).expectOne('/api/preferences').flush({ school: defaultSchool, pace });
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    return { store, fixture, page };
  }

  it('say where this class answers otherwise than its teacher does, and take it back in one step', async () => {
    const { store, fixture, page } = await open({ ...defaultSchool, rolling: 'stops' });
    expect(page.textContent).toContain('how is the sole rolled – stops on tender spots');
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('my usual way'))?.click();
    await fixture.whenStable();
    expect(store.plan()?.school).toEqual(defaultSchool);
    expect(page.textContent).toContain('As you teach everywhere.');
    store.undo();
    expect(store.plan()?.school.rolling).toBe('stops');
  });

  it('change one answer for this class alone', async () => {
    const { store, page } = await open();
    const select = [...page.querySelectorAll<HTMLSelectElement>('.schools select')].find((s) =>
      [...s.options].some((o) => o.value === 'toes-grip'),
    )!;
    select.value = 'toes-grip';
    select.dispatchEvent(new Event('change'));
    expect(store.plan()?.school).toEqual({ ...defaultSchool, archWork: 'toes-grip' });
  });

  it('say how many figures of the pace are not the teacher’s usual ones, and take those in one step', async () => {
    const { store, fixture, page } = await open(defaultSchool, { ...defaultPace(), moveBandSeconds: 20 });
    expect(page.textContent).toContain('One figure is otherwise than under How I teach.');
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('my usual pace'))?.click();
    await fixture.whenStable();
    expect(store.plan()?.pace.moveBandSeconds).toBe(20);
    expect(page.textContent).toContain('These are your figures');
  });

  it('say whether kit lies ready or is fetched', async () => {
    const { store, page } = await open();
    const fetched = [...page.querySelectorAll<HTMLButtonElement>('mat-button-toggle button')];
    fetched.find((b) => b.textContent?.trim() === 'fetched when needed')?.click();
    expect(store.plan()?.brief.kitOut).toBe('when-needed');
  });

  it('put the idea otherwise and leave what it is about; without an idea nothing is followed', async () => {
    const { store, page } = await open();
    const brief = store.plan()!.brief;
    store.do({ type: 'edit-class', change: { brief: { ...brief, ideaTie: { kind: 'listed', id: 'long-toes' } } } });
    const field = [...page.querySelectorAll<HTMLInputElement>('input')].find((one) =>
      one.closest('mat-form-field')?.textContent?.includes('Its one idea'),
    )!;
    const say = (words: string) => {
      field.value = words;
      field.dispatchEvent(new Event('change'));
    };
    say('Toes like piano keys.');
    expect(store.plan()!.brief).toMatchObject({ idea: 'Toes like piano keys.', ideaTie: { id: 'long-toes' } });
    say(' ');
    expect(store.plan()!.brief).toMatchObject({ idea: '', ideaTie: null });
  });

  it('say where the teacher stands, for the review', async () => {
    const { store, page } = await open();
    [...page.querySelectorAll<HTMLButtonElement>('mat-button-toggle button')]
      .find((b) => b.textContent?.trim() === 'in front')
      ?.click();
    expect(store.plan()?.brief.teacherAt).toBe('front');
  });
});
