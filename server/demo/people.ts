import { dice } from '@core/dice';
import { CheckId, type Reading, checks, dateOf, dayOf, usualConditions } from '@core/measure';
import { type LadderNote, type Student, newStudent } from '@core/roster';
import type { Server } from '../compose';

/** Somebody of Saltmarsh Hall: made up, every one of them. */
interface Person extends Partial<Pick<Student, 'age' | 'experience' | 'aims' | 'notes'>> {
  readonly name: string;
  readonly has?: readonly [concern: Student['cautions'][number]['concern'], note?: string][];
  /** Has not agreed that measures are kept. */
  readonly noMeasures?: true;
  /** How much of the usual change of a check this person really shows; 0 for none. */
  readonly gains?: number;
}

interface DemoGroup {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly people: readonly Person[];
  /** What is looked at there, with the level most people have and how far people lie apart; months between looks. */
  readonly checks: readonly {
    readonly of: CheckId;
    readonly level: number;
    readonly apart: number;
    readonly every: number;
  }[];
  /** The exercises on whose ladders they stand. */
  readonly ladders: readonly string[];
  /** A word that is looked at each time, and how often it is as hoped. */
  readonly words: readonly { readonly of: CheckId; readonly hoped: number }[];
}

const dancers: readonly Person[] = [
  { name: 'Isla Fenwright', age: '18-39', experience: 'years', aims: 'A longer point for the slow airs.', gains: 2 },
  { name: 'Rowan Tidewell', age: '18-39', experience: 'years', aims: 'Quiet landings.' },
  {
    name: 'Pip Marrowby',
    age: '12-17',
    experience: 'years',
    aims: 'To dance the hornpipe in the front row.',
    has: [['growing-feet']],
  },
  { name: 'Odile Crake', age: '18-39', experience: 'years', has: [['sore-achilles', 'left, since the spring tour']] },
  { name: 'Juno Saltersgate', age: '18-39', experience: 'months', gains: 1.5 },
  { name: 'Bram Wickerly', age: '40-49', experience: 'years', aims: 'Knees that last the evening.' },
  { name: 'Tamsin Oarlock', age: '18-39', experience: 'years' },
  { name: 'Finn Mossgrove', age: '18-39', experience: 'years', noMeasures: true },
  { name: 'Wren Halyard', age: '12-17', experience: 'months', has: [['growing-feet', 'twelve; no pointe']] },
  { name: 'Asa Thistledown', age: '18-39', experience: 'years', gains: 1 },
  { name: 'Maren Quayle-Noor', age: '18-39', experience: 'years', has: [['very-mobile-joints']] },
  { name: 'Corin Blackmere', age: '18-39', experience: 'years' },
  { name: 'Edda Samphire', age: '40-49', experience: 'years', has: [['bunion-pain', 'both feet']] },
  { name: 'Lio Gannet', age: '18-39', experience: 'new' },
  { name: 'Nell Ropewalk', age: '18-39', experience: 'years', gains: 1.2 },
  {
    name: 'Yara Spindrift',
    age: '18-39',
    experience: 'years',
    has: [['recent-injury', 'right ankle turned in August']],
  },
];
const lunch: readonly Person[] = [
  { name: 'Hal Bollard', age: '50-59', experience: 'months', aims: 'A steady deck under him.', gains: 2 },
  {
    name: 'Greta Minnow',
    age: '60-69',
    experience: 'months',
    has: [['falls-or-faints', 'fell in the winter; stands by the wall']],
  },
  { name: 'Piers Lanternjack', age: '40-49', experience: 'new' },
  { name: 'Dora Keelson', age: '60-69', experience: 'years', has: [['sore-big-toe-joint', 'right, stiff']] },
  { name: 'Abel Shingle', age: '50-59', experience: 'months' },
  { name: 'Nia Causeway', age: '18-39', experience: 'new', has: [['pregnancy']] },
  { name: 'Oswin Drift', age: '70-79', experience: 'years', has: [['blood-thinners']], gains: 1 },
  { name: 'Lotte Brackish', age: '40-49', experience: 'months', has: [['morning-heel-pain', 'left']] },
  { name: 'Sten Harbourmaid', age: '50-59', experience: 'months' },
  { name: 'Una Pebble', age: '60-69', experience: 'new', noMeasures: true },
  { name: 'Cass Windlass', age: '18-39', experience: 'months', gains: 1.5 },
];
const seated: readonly Person[] = [
  { name: 'Edith Lowtide', age: '80-99', experience: 'years', has: [['falls-or-faints'], ['brittle-bones']] },
  { name: 'Amos Reedbank', age: '70-79', experience: 'months', has: [['numb-or-diabetic-feet', 'shoes stay on']] },
  { name: 'Vera Sandlark', age: '80-99', experience: 'years', has: [['joint-disease', 'hands and feet']] },
  { name: 'Jory Cobble', age: '70-79', experience: 'years', aims: 'To get to the jetty and back.', gains: 1 },
  { name: 'Mabel Estuary', age: '80-99', experience: 'months', has: [['sore-knees']] },
];

export const demoGroups: readonly DemoGroup[] = [
  {
    id: 'demo-troupe',
    name: 'The Harbour Reel',
    note: 'Step-dance troupe, Tuesdays and Fridays before rehearsal.',
    people: dancers,
    checks: [
      { of: 'big-toe-by-hand', level: 78, apart: 9, every: 2 },
      { of: 'big-toe-unaided', level: 52, apart: 11, every: 2 },
      { of: 'knee-to-wall', level: 10, apart: 2.2, every: 1 },
      { of: 'eyes-shut-stand', level: 9, apart: 0.4, every: 1 },
      { of: 'rises-to-loss-of-form', level: 11, apart: 0.2, every: 1 },
    ],
    ladders: ['single-leg-rise', 'eyes-shut-stand', 'band-turn-out'],
    words: [{ of: 'heels-hidden', hoped: 0.7 }],
  },
  {
    id: 'demo-lunch',
    name: 'Thursday lunch',
    note: 'Ferry crew and neighbours, a mixed room.',
    people: lunch,
    checks: [
      { of: 'one-leg-stand', level: 11, apart: 0.45, every: 1 },
      { of: 'knee-to-wall', level: 8, apart: 2.5, every: 2 },
      { of: 'big-toe-unaided', level: 38, apart: 11, every: 2 },
    ],
    ladders: ['one-leg-stand', 'two-foot-rise', 'band-turn-out'],
    words: [{ of: 'knee-in-line', hoped: 0.5 }],
  },
  {
    id: 'demo-seated',
    name: 'Chairs by the window',
    note: 'Seated, Monday mornings.',
    people: seated,
    checks: [
      { of: 'big-toe-unaided', level: 28, apart: 9, every: 1 },
      { of: 'rolling-weight', level: 30, apart: 6, every: 2 },
    ],
    ladders: ['big-toe-up', 'short-foot'],
    words: [{ of: 'toes-spread-without-fingers', hoped: 0.3 }],
  },
];

const months = 24;

/**
 * Two years of looks at Saltmarsh Hall: noise as large as each check's own, real change in some, none in the others. The
 * same day gives the same data.
 */
export function addDemoPeople(
  { library, people: { people, readings, noise, notes } }: Pick<Server, 'library' | 'people'>,
  nextId: () => string,
  nowMs: number,
): void {
  const die = dice(1849);
  const uniform = () => (die(1_000_000) + 0.5) / 1_000_000;
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const today = Math.floor(nowMs / 86_400_000);
  const taken: Reading[] = [];
  const written: LadderNote[] = [];
  const known = new Map(library.current().map(({ exercise }) => [exercise.id, exercise]));
  for (const [g, group] of demoGroups.entries()) {
    const { id, name, note } = group;
    people.saveGroup(id, { basedOn: null, group: { format: 1, id, name, note, archived: false } });
    for (const person of group.people) {
      const student = studentOf(person, nextId(), id, dateOf(today - months * 30));
      people.saveStudent(student.id, { basedOn: null, student });
      if (!student.consent) continue;
      const add = (of: CheckId, foot: Reading['foot'], day: number, value: Reading['value']) =>
        taken.push({
          id: nextId(),
          studentId: student.id,
          protocol: of,
          foot,
          date: dateOf(day),
          value,
          conditions: usualConditions,
          by: '',
          picked: false,
          stands: true,
          pain: null,
          note: '',
        });
      for (const { of, level, apart, every } of group.checks) {
        const { result } = checks[of];
        if (result.gives !== 'number') continue;
        const own = apart * normal();
        for (const foot of ['left', 'right'] as const) {
          const side = 0.3 * apart * normal();
          for (let month = 0; month < months; month += every) {
            // nobody looks in August, and now and then somebody is away
            const day = today - (months - month) * 30 + g + 2;
            if (dateOf(day).slice(5, 7) === '08' || uniform() < 0.08) continue;
            // most of what can be gained is gained in the first months
            const gained = (person.gains ?? 0) * 3 * (result.noise ?? 1) * (1 - Math.exp(-month / 8));
            // most of the noise is the day, some of it the trial
            const usual = result.noise ?? 1;
            const ofDay = 0.9 * usual * normal();
            const trials = Array.from({ length: result.trials }, () => {
              const scatter = ofDay + 0.5 * usual * normal();
              const value =
                result.scale === 'raw'
                  ? level + own + side + gained + scatter
                  : Math.exp(Math.log(1 + level) + own + side + gained + scatter) - 1;
              const { least, most } = result.refuse;
              const end = Math.min(result.cap ?? most, most);
              return Number((Math.round(Math.min(Math.max(value, least), end) / result.step) * result.step).toFixed(1));
            });
            add(of, foot, day, { kind: 'number', trials, known: true, cap: null });
          }
        }
      }
      for (const exerciseId of group.ladders) {
        const rungs = known.get(exerciseId)?.ladder?.rungs ?? [];
        const start = Math.floor(uniform() * Math.min(3, rungs.length));
        const rung = rungs[start];
        if (!rung || uniform() < 0.15) continue;
        const write = (day: number, what: LadderNote['what'], foot: LadderNote['foot'] = 'both') =>
          written.push({ id: nextId(), studentId: student.id, exerciseId, foot, date: dateOf(day), what, by: '' });
        const weeks = 4 + Math.floor(uniform() * 40);
        write(today - weeks * 7, { kind: 'placed', rungId: rung.id, why: 'begins', note: '' });
        // about half of the last weeks was something noted
        for (let week = 5; week > 0; week--) {
          const day = today - week * 7 + g;
          const seen = uniform();
          const value = rung.gate?.value ?? null;
          const conditions = { surface: 'floor', footwear: 'bare' } as const;
          if (seen < 0.3) write(day, { kind: 'clean', rungId: rung.id, value, conditions });
          else if (seen < 0.42) write(day, { kind: 'clean', rungId: rung.id, value, conditions }, 'left');
          else if (seen < 0.58) write(day, { kind: 'missed', rungId: rung.id }, 'right');
          else if (seen < 0.61) write(day, { kind: 'pain', rungId: rung.id, when: 'next-day' }, 'right');
          else if (seen < 0.9) write(day, { kind: 'present' });
        }
      }
      for (const { of, hoped } of group.words) {
        const { result } = checks[of];
        if (result.gives !== 'ordered') continue;
        const learns = uniform() < 0.4 ? Math.floor(months * uniform()) : months;
        const begins = uniform() < hoped;
        for (const foot of ['left', 'right'] as const)
          for (let month = 0; month < months; month += 2) {
            const right = (begins || month >= learns) !== uniform() < 0.1;
            const answer = (right ? result.answers.at(-1) : result.answers[0]) ?? '';
            add(of, foot, today - (months - month) * 30 + g + 2, { kind: 'word', answer, count: null });
          }
      }
    }
  }
  notes.addAll(written);
  readings.addAll(taken.filter(({ date }) => dayOf(date) <= today));
  for (const id of CheckId.options) noise.follow(id);
}

function studentOf(person: Person, id: string, groupId: string, since: string): Student {
  const { name, age = null, experience = null, aims = '', notes = '', has = [], noMeasures } = person;
  const by = age === '12-17' || age === 'under-12' ? 'parent' : 'self';
  return {
    ...newStudent(id, name, [groupId]),
    age,
    experience,
    aims,
    notes,
    cautions: has.map(([concern, note = '']) => ({ concern, note, cleared: null })),
    consent: noMeasures ? null : { date: since, by },
  };
}
