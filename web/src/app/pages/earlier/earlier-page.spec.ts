import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router, provideRouter } from '@angular/router';
import type { ClassRevision } from '@core/contract';
import { reps } from '@core/dose';
import { MemoryStore } from '../../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { Toasts } from '../../data/toasts';
import { EarlierPage } from './earlier-page';

const state = (number: number, savedAt: string, more: Partial<ClassRevision> = {}): ClassRevision => ({
  number,
  version: number,
  kind: 'saved',
  title: 'Quiet ankles',
  savedAt,
  differs: [],
  ...more,
});
const read = (title: string, dose = reps(3)) => ({
  plan: { ...samplePlan(dose), title },
  version: 4,
  updatedAt: '2025-11-24T12:00:00.000Z',
  revisions: [...sampleRevisions],
});

describe('earlier states of a class', () => {
  async function open(oldest: Partial<ClassRevision> = { version: 1 }, store = new MemoryStore()) {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
      ],
    });
    const fixture = TestBed.createComponent(EarlierPage);
    fixture.componentRef.setInput('id', 'class-1');
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/classes/class-1').flush(read('Quiet ankles'));
    http.expectOne('/api/classes/class-1/revisions').flush({
      revisions: [
        state(9, '2025-11-24T12:00:00.000Z', { differs: ['press: 5 reps, now 3 reps'] }),
        state(8, '2025-11-24T11:59:00.000Z', { kind: 'clash', differs: ['a', 'b', 'c', 'd', 'e'] }),
        state(7, '2025-11-22T12:00:00.000Z', oldest),
      ],
      next: null,
    });
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    const look = async (at: number, answer = read('Long ago', reps(5))) => {
      page.querySelectorAll<HTMLButtonElement>('.state')[at]?.click();
      http.expectOne(({ url }) => url.startsWith('/api/classes/class-1/revisions/')).flush(answer);
      await fixture.whenStable();
    };
    return { page, http, fixture, look, words: () => page.textContent.replace(/\s+/g, ' ') };
  }
  const button = (page: HTMLElement, words: string) =>
    [...page.querySelectorAll('button')].find((found) => found.textContent.includes(words));

  it('stand by day, newest first, each with what changed in it', async () => {
    const { page, words } = await open();
    expect(page.querySelectorAll('.list h2')).toHaveLength(2);
    const states = [...page.querySelectorAll('.state .what')].map((s) => s.textContent.replace(/\s+/g, ' ').trim());
    expect(states[0]).toContain('as it is now');
    expect(states[1]).toMatch(/set aside: changed in two places.*a.*b.*c.*and 2 more/);
    expect(states[2]).toBe('the class was made');
    expect(words()).toContain('Choose a state');
  });

  it('the oldest is not called the first where the first has been thinned out', async () => {
    const { page } = await open({ version: 3 });
    expect(page.querySelectorAll('.state .what')[2]?.textContent.trim()).toBe('the oldest that is kept');
  });

  it('one that is looked at says what bringing it back would change', async () => {
    const { page, look, words } = await open();
    await look(2);
    expect(words()).toContain('press: 3 reps, now 5 reps');
    expect(words()).toContain('“Quiet ankles” is now “Long ago”');
    expect([...page.querySelectorAll('.order b')].map((b) => b.textContent)).toEqual(['press', 'rise']);
    await look(0, read('Quiet ankles'));
    expect(words()).toContain('This is how the class is now.');
    expect(button(page, 'Bring this state back')).toBeUndefined();
  });

  it('is brought back as a save on top of the newest, so that nothing is lost by it', async () => {
    const { page, http, look } = await open();
    const navigate = jest.spyOn(TestBed.inject(Router), 'navigate').mockResolvedValue(true);
    await look(2);
    button(page, 'Bring this state back')?.click();
    await new Promise((done) => setTimeout(done));
    const sent = http.expectOne({ method: 'PUT', url: '/api/classes/class-1' });
    expect(sent.request.body).toMatchObject({ basedOn: 4, plan: { id: 'class-1', title: 'Long ago' } });
    sent.flush({ id: 'class-1', version: 5, updatedAt: '2025-11-24T12:30:00.000Z' });
    await new Promise((done) => setTimeout(done));
    expect(navigate).toHaveBeenCalledWith(['/class', 'class-1']);
  });

  it.each([
    ['keeps', 'The disk is full. This is kept in this browser and done when the server takes it.'],
    ['keeps nothing', 'The disk is full. This lies only on this page: leave it open until the server takes it.'],
  ])('cannot be brought back now: a browser that %s says why, and where it lies', async (browser, said) => {
    const store = new MemoryStore();
    store.keepsNothing = browser === 'keeps nothing';
    const { page, http, look } = await open({}, store);
    const refused = jest.spyOn(TestBed.inject(Toasts), 'refused').mockReturnValue();
    await look(2);
    button(page, 'Bring this state back')?.click();
    await new Promise((done) => setTimeout(done));
    const full = { type: 'urn:needlework:problem:disk-fault', title: 'The disk is full', status: 503, detail: '' };
    http
      .expectOne({ method: 'PUT' })
      .flush({ ...full, code: 'disk-fault' }, { status: 503, statusText: 'Service Unavailable' });
    await new Promise((done) => setTimeout(done));
    expect(refused).toHaveBeenCalledWith(said);
  });

  it('or becomes a class of its own', async () => {
    const { page, http, look } = await open();
    await look(2);
    button(page, 'Make it a class of its own')?.click();
    await new Promise((done) => setTimeout(done));
    const body = http.expectOne({ method: 'POST', url: '/api/classes' }).request.body as { plan: { id: string } };
    expect(body.plan).toEqual({ ...read('Long ago, as it was', reps(5)).plan, id: body.plan.id });
    expect(body.plan.id).not.toBe('class-1');
  });
});
