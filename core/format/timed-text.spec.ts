import { WebVTTParser } from 'webvtt-parser';
import { scriptOf } from '../cues';
import { catalogue } from '../exercise/catalogue';
import { Plan, type TalkItem, allItemsOf, itemsOf } from '../plan';
import { classOfCatalogue, findInCatalogue, revisionIn } from '../testing/catalogue-class';
import { buildTimeline } from '../timeline';
import { type InLibrary, draftOf } from './timed-text';
import { type TrackCue, trackOf, webVtt } from './webvtt';

const library: readonly InLibrary[] = catalogue.map((exercise) => ({ exercise, revision: revisionIn(exercise) }));
let made = 0;
const draft = (cues: readonly TrackCue[]): Plan =>
  draftOf(cues, library, { title: 'Draft', nextId: () => `draft-${made++}` });
const said = (startS: number, endS: number, words: string, name = ''): TrackCue => ({
  startMs: startS * 1000,
  endMs: endS * 1000,
  name,
  words,
});
const nameIn = (id: string): string => catalogue.find((one) => one.id === id)?.name.plain ?? '';
const lasts = (plan: Plan): number => buildTimeline({ plan, find: findInCatalogue }).totalMs;

describe('a class made of timed text', () => {
  it('has an exercise where the text names one, and what else is said as its note', () => {
    const plan = draft([
      said(0, 8, 'Good evening. Shoes off, please.'),
      said(60, 64, `Now: ${nameIn('two-foot-rise').toUpperCase()}!`),
      said(66, 70, 'Slowly down.'),
      said(180, 184, nameIn('toe-wave')),
      said(250, 300, 'And rest.'),
    ]);
    expect(Plan.parse(plan)).toEqual(plan);
    expect(allItemsOf(plan).map((item) => (item.kind === 'talk' ? 'talk' : item.exerciseId))).toEqual([
      'talk',
      'two-foot-rise',
      'toe-wave',
    ]);
    const [talk, rise] = allItemsOf(plan) as [TalkItem, ReturnType<typeof itemsOf>[number]];
    expect(talk).toMatchObject({ seconds: 60, note: 'Good evening. Shoes off, please.' });
    expect(rise.note).toContain('Slowly down.');
    // the slot is as long as the text: 5:00
    expect(plan.slotSeconds).toBe(300);
  });

  it('doses each exercise so that it lasts as nearly as it can as long as the text gives it', () => {
    const times = [60, 120, 240].map((seconds) => {
      const plan = draft([said(0, 4, nameIn('two-foot-rise')), said(seconds - 4, seconds, 'Rest.')]);
      return lasts({ ...plan, pace: plan.pace });
    });
    expect(times[0]).toBeLessThan(times[1] ?? 0);
    expect(times[1]).toBeLessThanOrEqual(times[2] ?? 0);
    expect(Math.abs((times[0] ?? 0) - 60_000)).toBeLessThan(20_000);
  });

  it('of its own cue track has the exercises of the class again, in their order and about as long', () => {
    const ids = ['walk-and-notice', 'toe-wave', 'two-foot-rise', 'one-leg-stand'] as const;
    const plan = classOfCatalogue(ids);
    const timeline = buildTimeline({ plan, find: findInCatalogue });
    const nameOf = (itemId: string) => nameIn(itemsOf(plan).find(({ id }) => id === itemId)?.exerciseId ?? '');
    const text = webVtt(trackOf(scriptOf({ plan, timeline }), nameOf), plan.title);
    const { cues, errors } = new WebVTTParser().parse(text, 'metadata');
    expect(errors).toEqual([]);
    const again = draft(cues.map((cue) => said(cue.startTime, cue.endTime, cue.text, cue.id)));
    expect(itemsOf(again).map(({ exerciseId }) => exerciseId)).toEqual(ids);
    expect(Math.abs(lasts(again) - timeline.totalMs) / timeline.totalMs).toBeLessThan(0.25);
  });

  it('where no exercise is named, it is talk as long as the text; without a word it is empty', () => {
    const plan = draft([said(0, 5, 'Once upon a time'), said(5, 90, 'there was a foot.')]);
    expect(allItemsOf(plan)).toMatchObject([{ kind: 'talk', seconds: 90, name: 'Once upon a time' }]);
    expect(draft([]).blocks).toEqual([]);
  });

  it('takes the longer of two names at one place', () => {
    const [short, long] = library
      .flatMap(({ exercise: a }) =>
        library.flatMap(({ exercise: b }) => (b.name.plain.startsWith(`${a.name.plain},`) ? [[a, b] as const] : [])),
      )
      .at(0) ?? [null, null];
    // the catalogue has a name that begins with another's
    expect(short && long).not.toBeNull();
    const plan = draft([said(0, 60, long?.name.plain ?? '')]);
    expect(itemsOf(plan)[0]?.exerciseId).toBe(long?.id);
  });
});
