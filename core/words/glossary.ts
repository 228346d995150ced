import { type Spoken, meantBy, spoken } from './spoken';

/** One word with one meaning; for places, movements and muscles a plain word and its anatomical name. */
export interface Term {
  readonly word: string;
  /** The anatomical name; null where there is only one word. */
  readonly anatomical: string | null;
  readonly meaning: string;
  readonly about: 'the foot' | 'the class' | 'the exercise' | 'teaching' | 'measuring' | 'the application';
}

const foot = (word: string, anatomical: string | null, meaning: string): Term => ({
  word,
  anatomical,
  meaning,
  about: 'the foot',
});
const term =
  (about: Term['about']) =>
  (word: string, meaning: string): Term => ({ word, anatomical: null, meaning, about });
const inClass = term('the class');
const inExercise = term('the exercise');
const teaching = term('teaching');
const measuring = term('measuring');
const here = term('the application');

/** All the words of Needlework: the page in the application and the one in the documents are made from this list. */
export const glossary: readonly Term[] = [
  foot('heel', 'calcaneus', 'The back contact of the sole.'),
  foot('inner ball', 'first metatarsal head', 'The root of the big toe where it meets the floor.'),
  foot('outer ball', 'fifth metatarsal head', 'The root of the little toe where it meets the floor.'),
  foot(
    'ball of the foot',
    'metatarsal heads',
    'All the toe roots together. A ball that is rolled on is called firm ball or soft ball.',
  ),
  foot('big toe', 'hallux', 'Its joint at the root is the big-toe joint.'),
  foot('big-toe joint', 'first metatarsophalangeal joint (1st MTP)', 'Where the big toe bends up in a step.'),
  foot('small toes', 'lesser digits, second to fifth', 'The four others.'),
  foot('arch', 'medial longitudinal arch', 'The lifted middle of the inner side.'),
  foot('sole', 'plantar side', 'What faces the floor.'),
  foot('top of the foot', 'dorsum', 'What faces up.'),
  foot(
    'inner edge, inner pressure',
    'medial border',
    'The side of the sole towards the other foot. Weight there: the ankle has turned out.',
  ),
  foot(
    'outer edge, outer pressure',
    'lateral border',
    'The side away from the other foot. Weight there: the ankle has turned in.',
  ),
  foot(
    'turn in',
    'inversion',
    'The sole faces the middle; standing, the weight goes to the outer edge. People say that the foot rolls out.',
  ),
  foot(
    'turn out (of the ankle)',
    'eversion',
    'The sole faces away; standing, the weight goes to the inner edge. People say that the foot rolls in.',
  ),
  foot(
    'legs turned out',
    'external hip rotation',
    'The whole leg rotates from the hip; it says nothing about the ankle.',
  ),
  foot('foot up', 'dorsiflexion', 'The ankle bends, the toes come nearer the shin.'),
  foot('foot down, point', 'plantarflexion', 'The ankle stretches, the foot points.'),
  foot('toes curl', 'toe flexion', 'Toes bend towards the sole.'),
  foot('toes lift', 'toe extension', 'Toes bend towards the shin.'),
  foot('toes wide', 'toe abduction', 'Toes spread apart.'),
  foot('toes narrow', 'toe adduction', 'Toes come side by side.'),
  foot('rise', 'heel raise', 'Up onto the ball of the foot.'),
  foot('calf', 'gastrocnemius', 'The big calf muscle; it crosses the knee and works with the knee straight.'),
  foot(
    'deep calf',
    'soleus',
    'Below the knee; with the knee bent it works most alone. Both end in the Achilles tendon.',
  ),
  foot('inner ankle', 'tibialis posterior', 'Turns the foot in and carries the arch.'),
  foot('outer ankle', 'peroneal muscles', 'Turns the foot out and catches an ankle about to give way.'),
  foot('shin', 'tibialis anterior', 'Draws the foot up.'),
  foot('toe benders', 'toe flexors', 'Curl the toes; the long one of the big toe helps to point.'),
  foot('toe lifters', 'toe extensors', 'Lift the toes.'),
  foot('small muscles of the arch', 'foot intrinsics', 'Muscles that begin and end in the foot.'),
  foot('tissue of the sole', 'plantar fascia and fat pad', 'What a ball is rolled over.'),
  foot('three points', 'foot tripod', 'Heel, inner ball and outer ball.'),
  inClass('cue script', 'The words of a class, each where it is said, against the time there is for it.'),
  inClass(
    'idea',
    'The one thing a class is about, as it is said to the class; followed where it is tied to what feet do.',
  ),
  inClass('tie', 'What a sentence is about in what a foot does: a place that presses, toes that lie long.'),
  inClass('thread of the idea', 'Which exercises carry it, which ask the opposite on purpose, where it breaks.'),
  inClass('eight', 'Eight counts of music: counts close where they fill whole ones.'),
  inClass('count-in', 'Counts before the first phrase, at its tempo; they take their time of the class.'),
  inClass('piece of music', 'By its title, tempo and length; Needlework neither has nor plays it.'),
  inClass('formation', 'How people stand: in rows, or in a circle.'),
  inClass('turn-round', 'The whole class faces another way than before.'),
  inClass('standpoint', 'Neighbouring exercises that are seen from one place, the class facing one way.'),
  inClass(
    'handling',
    'What somebody has to do with a band: put it on, slide it, turn its pull, take it to the other foot.',
  ),
  inClass(
    'catch up',
    'Doses that are to come give way, so that a late class ends in its slot; shown before it is done.',
  ),
  inClass('at the door', 'Half a minute before class: who is really there, and how long, and the class made to fit.'),
  inClass('standby', 'An exercise kept at hand for a class on the floor: a shake-out, the walk that looks again.'),
  inClass('rehearsal', 'A class taught to nobody, at any speed; nothing of it enters the log.'),
  inClass(
    'surprise',
    'What happens in a rehearsal that nobody planned: a cramp, a torn band, ten minutes less. A room is made of them from a number; the same number is the same room.',
  ),
  inClass(
    'sensation',
    'What somebody feels, from a closed list; each has an answer, and a stop is for that student alone.',
  ),
  inClass('class', 'One lesson with a slot; what a plan describes.'),
  inClass('slot', 'The time there is.'),
  inClass('reserve', 'Share of the slot the teacher keeps free.'),
  inClass('plan', 'Blocks and items, pace and school preferences of a class.'),
  inClass('block', 'Neighbouring items under one name, taught exercise by exercise or foot by foot.'),
  inClass('item', 'One exercise in a class, with its dose, sides, level and talk.'),
  inClass('visit', 'One go at an item: both feet in turn, or one foot when taught foot by foot.'),
  inExercise('exercise', 'What is done; built in or an instructor’s own.'),
  inExercise('revision', 'One immutable state of an exercise; plans pin it.'),
  inExercise('execution', 'An exercise with rung and school settled.'),
  inExercise(
    'rung, ladder, axis',
    'A level; the levels of one exercise; what differs between them (support, base, arms, eyes, surface, lever, resistance, hand help, speed, amount, knee, weeks).',
  ),
  inExercise('gate', 'What lets a student leave a rung; both feet must pass.'),
  inExercise(
    'door',
    'Weeks of regular work that open a level for people new to it, beside the gate of the level before.',
  ),
  inExercise('sense', 'What a foot teacher would stumble over in an exercise: said in words, never forbidden.'),
  inExercise('dose', 'How much: one or more parts.'),
  inExercise('part', 'One piece of a dose, counted in one way, with its sets and the rest between them.'),
  inExercise('set, round', 'The whole part once; a round is a set as it is said.'),
  inExercise(
    'rep, hold, pass, stop, length, phrase',
    'One unit of a part: a movement done once; a position held; one slow roll over the foot; a spot stayed on; one way across the room; so many beats.',
  ),
  inExercise('rest (a pause)', 'Time inside a dose with no work: between holds, between sets.'),
  inExercise('rests (of a place or foot)', 'Lies on what it meets without pressing.'),
  inExercise(
    'multiplier, station',
    'N per what (toes, gaps, spots, ways, contact points, pulls); one of the things multiplied.',
  ),
  inExercise('tempo', 'Seconds of each phase of a rep.'),
  inExercise('phase', 'One step of a rep with the state of both feet.'),
  inExercise(
    'contact',
    'What a place of the foot does: presses, rests, lifts, hangs; and what it meets: floor, ball, block, hand, air.',
  ),
  inExercise('place', 'One of five on the sole: heel, inner ball, outer ball, big toe, small toes.'),
  inExercise('stage', 'How much an exercise asks of tissue and control: passive, active, loaded, integrated.'),
  inExercise(
    'situation',
    'Something the body is in that wants care: one leg carries, a ball under the foot, a jump that comes down, moving ground.',
  ),
  inExercise(
    'caution',
    'Who should do what about an exercise: ask first, change it, leave it out. Follows from situations.',
  ),
  inExercise(
    'kind of dose',
    'How a part is counted: reps, holds, passes, stops, lengths, time, counts, breaths, by feel.',
  ),
  inExercise('role', 'What a foot does: works, stands, anchors, rests.'),
  teaching('lead', 'The foot that starts.'),
  teaching(
    'weaker first, a few more, extra set, one foot only',
    'How the sides share an item; all but the first are unequal on purpose.',
  ),
  teaching('pace', 'What happens around the work and how long it takes: set-up, talk, changing foot, getting there.'),
  teaching('set-up, second set-up', 'From naming the exercise to the first rep; the same for the other foot.'),
  teaching('transition', 'Leaving one item for the next: position, kit, floor, facing, band.'),
  teaching('talk before, talk over', 'Talk that costs time; talk that runs beside the work.'),
  teaching(
    'talk or a pause',
    'Talk of its own among the items: opening, shoes off, closing. It ends when the teacher taps.',
  ),
  teaching('worn beside the work', 'Put on, kept on the feet through the exercises that follow, and taken off.'),
  teaching('compare', 'Standing on both feet between the two sides.'),
  teaching(
    're-check',
    'A look, walk or drill that looks again: at a drill, which it follows wherever that goes, or at the class.',
  ),
  teaching('new, seen once, known', 'How well this group has met the exercise.'),
  measuring(
    'reading',
    'One look at one foot, with its date, its trials and its conditions. It is never changed: a wrong one is taken out.',
  ),
  measuring('protocol', 'How a check is taken: steps, feet, trials and how they combine, unit, limits, noise.'),
  measuring(
    'protocol of one’s own',
    'A check that the teacher made; what its readings mean is closed once there is one. Put away, it is not offered.',
  ),
  measuring('change in a week', 'What a teacher expects of a check; it decides the next date, and no verdict.'),
  measuring(
    'answer, what helped',
    'Better, same or worse at a look again, one a class or student and date; counted for the drill that was looked at.',
  ),
  measuring('weaker foot', 'The one that lasts less long by more than noise; a choice for the teacher, and no fault.'),
  measuring('trial', 'One try of a reading; a reading has as many as its protocol says.'),
  measuring('noise', 'One standard error: how far readings of the same foot lie apart by chance alone.'),
  measuring(
    'verdict',
    'What a reading says against the student’s own earlier ones: change, perhaps, or no more than noise.',
  ),
  measuring('stretch (of readings)', 'The readings since the last change: what the next one is compared with.'),
  measuring('ceiling, floor (of a check)', 'The end of what a check can show; beyond it another one is taken.'),
  measuring('practice', 'A first reading that only teaches the knack; nothing is compared with it.'),
  measuring('picked', 'Chosen for a low value, which comes nearer the middle by itself; nothing is compared with it.'),
  measuring(
    'place (on a ladder)',
    'The level on which a foot stands, since a date; it follows from what was written down.',
  ),
  measuring(
    'occasion',
    'A date on which a gate was met; those belong together that have no miss and no long gap between.',
  ),
  measuring('stop sign', 'Ends it for a student and refers; nothing moves until a clinician’s dated word.'),
  measuring('overrule', 'The teacher’s own word on a level; it is obeyed and not argued again.'),
  measuring('pull (of a band)', 'How long a band was and what a spring scale said.'),
  measuring('look', 'Taking readings of a group or one student: one check, side by side.'),
  measuring('consent', 'That measures may be kept, with its date; without it no reading is taken.'),
  measuring('to mind', 'What a student has, and what that does to classes: a caution’s concern.'),
  here('timeline, event, lane', 'The plan in time; one piece of it; body of each foot, or voice.'),
  here('likely', 'The range in which four classes of five end.'),
  here('thread, stitch', 'The timeline as a picture; one rep on it.'),
  here('weave', 'Which regions work when.'),
  here('footprints', 'Both soles from above, left on the left.'),
  inExercise('school', 'A teacher’s answers where schools of foot work differ.'),
  here(
    'letter, outbox, addressee',
    'Something on its way to the server; where all are kept until it has them; the class, run or exercise it is for: letters to one go in order.',
  ),
  here(
    'format',
    'The number of the form in which a document is stored; older ones are brought to today’s before they are read.',
  ),
  here('cursor', 'Where the next page of a list begins.'),
  here('clash', 'Two pages saved the same class; both sides are kept.'),
  inExercise('sayable', 'A dose a teacher would say aloud.'),
  inExercise('variant', 'One way in which a school does an exercise differently: other phases, other words.'),
  inExercise('assisted, full', 'The lowest rung with help of hand, chair or band; the highest without.'),
  inExercise('check', 'Something looked at or measured on each foot, with a date; a gate may ask for one.'),
  inExercise('swap', 'Another exercise, or another piece of kit, in the place of this one, with what changes.'),
  inExercise('original', 'A built-in exercise as it came; a changed one can be returned to it.'),
  inClass(
    'hand-over, room',
    'What a visit needs to find; the room as the last one left it: position, facing, kit in use and kit that is out, mats, band and its foot.',
  ),
  inClass('arrival', 'Getting to a visit and setting it up: a function of the room and of what the visit needs.'),
  inClass('pass', 'One foot’s way through a ring; a two-foot item may be done in each.'),
  inExercise(
    'pair',
    'Two halves of one job: turn in and turn out, straight knee and bent knee. They get the same dose.',
  ),
  here('bend', 'Which way fit takes a class: shorter raises nothing, longer cuts nothing.'),
  here('spoken', 'What people say for something that is called otherwise here.'),
  inClass(
    'window',
    'The work and the rests inside it of an item’s main option; easier and harder options fill the same. What is left over is rest.',
  ),
  inClass(
    'ring',
    'Neighbouring one-foot items of a block taught foot by foot: all on one foot, compare, all on the other.',
  ),
  inClass('stretch', 'What the class does next in one go: an item, one foot of it, or a pause to compare the feet.'),
  inClass(
    'landing (of a class)',
    'The seconds before and after the target in which a class counts as fitting its slot.',
  ),
  inClass('rounding', 'The part of a second that is added so that a stretch ends on a whole one.'),
  inClass('put out', 'Kit that lies ready before the class: the most of each piece that any item, options too, needs.'),
  teaching('brief', 'Who comes, how long, with what and for what: what a class is composed from.'),
  teaching('proposal', 'A class that comes of a brief, with its reasons: to be looked at, changed and opened.'),
  teaching('course', 'Weeks of classes for one group, towards levels: its days, its phases, its ladders.'),
  teaching(
    'phase (of a course)',
    'A stretch of its weeks with a purpose: mobilise, strengthen, unstable ground, small jumps.',
  ),
  teaching(
    'door (of a phase)',
    'What a phase waits for: weeks with work, classes that were taught, levels that were reached. A missed week moves it.',
  ),
  teaching('class of a course', 'A class by the date that its weekday gives it, wherever it is moved.'),
  teaching('climb', 'The way of a group up one ladder in a course: one step up a week over all of them.'),
  teaching(
    'sheet',
    'Homework for some weeks: exercises, how many sets on a day, how often; given out, and handed back.',
  ),
  teaching(
    'rhythm, trade',
    'How often something is done at home; more sets on fewer days against fewer on more, with what both come to.',
  ),
  teaching('load', 'What is asked of each foot: rises, landings, and regions by rating times minutes.'),
  teaching('whole week', 'One whose classes are all held and known: others are compared with it.'),
  teaching(
    'steep',
    'A week that asks more than the rules let it grow from the last whole one; the rules are the instructor’s.',
  ),
  teaching(
    'changed by hand',
    'A class that somebody edited after its course made it: the course never writes over it.',
  ),
  teaching(
    'learned times',
    'What taught classes say of the teacher’s figures: proved on classes left out, offered, never taken.',
  ),
  teaching('finding', 'Something the review noticed about a class, with its reason.'),
  teaching(
    'rule',
    'One thing the review looks for: about the order of items alone, or about the whole class and its times.',
  ),
  teaching('entry', 'An item as a rule sees it: with its exercise settled and the time of its own work.'),
  teaching('breach', 'A rule objected to: the items it names, and what it costs.'),
  teaching(
    'mend',
    'One step that makes a finding go. It was run and judged again before it is offered; its cost in time is the timeline’s.',
  ),
  teaching(
    'owed',
    'What one side, way, toe or point still has to get to be equal: left out of a dose, or cut short on the floor.',
  ),
  teaching(
    'run',
    'One teaching of a class on the floor: the plan as it was begun and everything that happened, in order.',
  ),
  teaching('bout', 'One go on the floor: an item on both feet, one side of it, or the pause to compare.'),
  teaching('status', 'Where a run stands: ready, set-up, work, over.'),
  teaching('moment', 'What shows at an instant on the floor: side, count, phase, what is said, what follows.'),
  teaching('bridge', 'The sentence between two neighbours whose contacts are opposite.'),
  teaching('accepted', 'A finding the teacher has seen and wants so; it stays quiet.'),
  teaching('fit', 'Choosing sayable doses so that the class lands in its slot.'),
  teaching('lock, priority', 'An item that fit must not touch; which items go first when time is short.'),
];

/** What a word of the house means. @throws RangeError for one that the glossary does not have */
export function meaningOf(word: string): string {
  const term = glossary.find((one) => one.word === word);
  if (!term) throw new RangeError(`a word of the glossary, not “${word}”`);
  return term.meaning;
}

/**
 * Terms in which every word asked for is found, in plain or anatomical name or in the meaning; also by what people say for
 * them elsewhere.
 */
export function findTerms(asked: string, own: readonly Spoken[] = []): Term[] {
  const ways = meantBy(asked, own).map((way) =>
    way
      .toLowerCase()
      .split(/\s+/)
      .filter((word) => word !== ''),
  );
  return glossary.filter(({ word, anatomical, meaning }) => {
    const text = `${word} ${anatomical ?? ''} ${meaning}`.toLowerCase();
    return ways.some((words) => words.every((w) => text.includes(w)));
  });
}

/** What people say that holds these words, theirs first. */
export function findSpoken(asked: string, own: readonly Spoken[] = []): Spoken[] {
  const words = asked.toLowerCase().trim();
  return [...own, ...spoken].filter(
    ({ word, means }) => words === '' || `${word} ${means}`.toLowerCase().includes(words),
  );
}

/** The list as a Markdown page. */
export function glossaryPage(): string {
  const groups = [...new Set(glossary.map((t) => t.about))];
  const rows = (about: Term['about']) =>
    glossary
      .filter((t) => t.about === about)
      .map((t) => `- **${t.word}**${t.anatomical === null ? '' : ` (${t.anatomical})`}: ${t.meaning}`)
      .join('\n');
  return [
    '# Words',
    'One word means one thing in code, interface and documents. This page is made from `core/words/glossary.ts` by `npm run glossary`.',
    ...groups.map((about) => `## About ${about}\n\n${rows(about)}`),
    '',
  ]
    .join('\n\n')
    .trimEnd()
    .concat('\n');
}
