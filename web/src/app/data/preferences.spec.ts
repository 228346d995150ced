import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { defaultSchool } from '@core/exercise';
import { defaultLoadRules } from '@core/load';
import { defaultPace } from '@core/plan';
import { MemoryStore } from '../../testing/memory-store';
import { BrowserStore } from './browser-store';
import { Preferences } from './preferences';

const theirs = { ...defaultSchool, words: 'anatomical' as const };
const pace = { ...defaultPace(), moveBandSeconds: 20 };

describe('how this teacher teaches', () => {
  let preferences: Preferences;
  let http: HttpTestingController;
  let store: MemoryStore;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const saved = () => http.expectOne({ method: 'PUT', url: '/api/preferences' });

  beforeEach(() => {
    store = new MemoryStore();
    TestBed.configureTestingModule({
      providers: [provideHttpClient(), provideHttpClientTesting(), { provide: BrowserStore, useValue: store }],
    });
    preferences = TestBed.inject(Preferences);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('starts where Needlework starts, until the answers are here', () => {
    expect([preferences.school(), preferences.state()]).toEqual([defaultSchool, 'fetching']);
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    expect([preferences.school(), preferences.state()]).toEqual([theirs, 'saved']);
  });

  it('has the pace that Needlework starts with where a server knows of none', () => {
    http.expectOne('/api/preferences').flush({ school: theirs });
    expect(preferences.pace()).toEqual(defaultPace());
  });

  it('takes no answer before the others are known: they would be lost', () => {
    preferences.answer({ breath: 'out-on-effort' });
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    expect(preferences.school()).toEqual(theirs);
  });

  it('is kept here and sent with every answer, the others unchanged', async () => {
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    preferences.answer({ breath: 'out-on-effort' });
    expect([preferences.school().breath, preferences.state()]).toEqual(['out-on-effort', 'saving']);
    await soon();
    expect(store.shelf.size).toBe(1);
    const request = saved();
    expect(request.request.body).toEqual({
      school: { ...theirs, breath: 'out-on-effort' },
      pace,
      words: [],
      weekly: {},
      load: defaultLoadRules,
    });
    request.flush(null);
    expect(preferences.state()).toBe('saved');
  });

  it('keeps the pace beside the answers, each when the other changes', async () => {
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    preferences.setPace({ talkNewSeconds: 8 });
    expect(preferences.pace()).toEqual({ ...pace, talkNewSeconds: 8 });
    await soon();
    const request = saved();
    expect(request.request.body).toEqual({
      school: theirs,
      pace: { ...pace, talkNewSeconds: 8 },
      words: [],
      weekly: {},
      load: defaultLoadRules,
    });
    request.flush(null);
  });

  it('keeps what change a week is expected of a check, and goes back to Needlework’s', async () => {
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    preferences.setWeekly('knee-to-wall', 0.3);
    await soon();
    const request = saved();
    expect(request.request.body).toMatchObject({ weekly: { 'knee-to-wall': 0.3 } });
    request.flush(null);
    preferences.setWeekly('one-leg-stand', 0.1);
    await soon();
    saved().flush(null);
    preferences.setWeekly('knee-to-wall', null);
    await soon();
    const last = saved();
    expect(last.request.body).toMatchObject({ weekly: { 'one-leg-stand': 0.1 } });
    expect(preferences.weekly()).toEqual({ 'one-leg-stand': 0.1 });
    last.flush(null);
  });

  it('says that it is not saved while the server is away, and tries again when asked', async () => {
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    preferences.answer({ breath: 'out-on-effort' });
    await soon();
    saved().error(new ProgressEvent('offline'));
    expect(preferences.state()).toBe('not-saved');
    preferences.again();
    saved().flush(null);
    expect(preferences.state()).toBe('saved');
  });

  it('says that it was not read, and reads again when asked', () => {
    http.expectOne('/api/preferences').error(new ProgressEvent('offline'));
    expect(preferences.state()).toBe('not-read');
    preferences.again();
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    expect(preferences.school()).toEqual(theirs);
  });

  it('begins with the answers that an earlier page could not send, and never with older ones over them', async () => {
    http.expectOne('/api/preferences').flush({ school: theirs, pace });
    preferences.answer({ breath: 'out-on-effort' });
    await soon();
    saved().error(new ProgressEvent('offline'));
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [provideHttpClient(), provideHttpClientTesting(), { provide: BrowserStore, useValue: store }],
    });
    preferences = TestBed.inject(Preferences);
    http = TestBed.inject(HttpTestingController);
    preferences.answer({ words: 'plain' });
    await soon();
    http.expectOne({ method: 'GET', url: '/api/preferences' }).flush({ school: defaultSchool, pace });
    saved().flush(null);
    await soon();
    expect(preferences.school()).toMatchObject({ breath: 'out-on-effort', words: 'plain' });
    expect(saved().request.body).toMatchObject({ school: { breath: 'out-on-effort', words: 'plain' } });
  });

  it('takes over what another tab has answered when this one is looked at again', () => {
    http.expectOne('/api/preferences').flush({ school: defaultSchool, pace });
    return soon().then(() => {
      window.dispatchEvent(new Event('focus'));
      http.expectOne('/api/preferences').flush({ school: theirs, pace });
      expect(preferences.school()).toEqual(theirs);
    });
  });
});
