import { byFeel, reps } from './dose';
import { DosePart } from './dose';
import { PlaceContact } from './exercise';
import { issuePath, issueWords } from './issue-words';
import { Pace, Plan, defaultPace, newPlan } from './plan';

const plan = newPlan('plan-1', 'Quiet ankles', 1200);
const first = (result: { error?: { issues: Parameters<typeof issueWords>[0][] } | undefined }) => {
  const [issue] = result.error?.issues ?? [];
  return issue ? `${issuePath(issue)} ${issueWords(issue)}` : 'accepted';
};

describe('why something was refused, in words a person can act on', () => {
  it.each([
    ['a title of nothing', { ...plan, title: ' ' }, 'title must not be empty.'],
    ['a title without end', { ...plan, title: 'x'.repeat(200) }, 'title is longer than 120 characters.'],
    ['a slot of half a minute', { ...plan, slotSeconds: 30 }, 'slotSeconds must be at least 60.'],
    ['a slot of a day', { ...plan, slotSeconds: 86_400 }, 'slotSeconds must be at most 14400.'],
    ['half a second', { ...plan, slotSeconds: 90.5 }, 'slotSeconds must be a whole number.'],
    ['a word for a number', { ...plan, slotSeconds: 'long' }, 'slotSeconds must be a number.'],
    ['a third foot', { ...plan, lead: 'middle' }, 'lead must be one of: left, right.'],
    ['a field nobody knows', { ...plan, colour: 'blue' }, ' has fields that are not known here: colour.'],
    ['a plan as it should be', plan, 'accepted'],
  ])('%s', (_, value, words) => {
    expect(first(Plan.safeParse(value))).toBe(words);
  });

  it('bounds out of order, and a foot that presses on air', () => {
    expect(first(DosePart.safeParse(byFeel(50, 20, 60)))).toBe(
      'usualSeconds lies outside its own bounds: at least ≤ usually ≤ at most.',
    );
    expect(first(PlaceContact.safeParse({ contact: 'press', meets: 'air' }))).toBe(' cannot press or rest on air.');
    expect(first(DosePart.safeParse(reps(8)))).toBe('accepted');
  });

  it('a pace that runs backwards', () => {
    expect(first(Pace.safeParse({ ...defaultPace(), fetchKitSeconds: -5 }))).toBe(
      'fetchKitSeconds must be at least 0.',
    );
  });
});
