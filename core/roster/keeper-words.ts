import { type Gate, concernNames } from '../exercise';
import { checks } from '../measure';
import type { KeepReason, Kept } from './keeper';

const testWords = ({ test, value, check, occasions, words }: Gate): string => {
  const often = occasions === 1 ? 'once' : occasions === 2 ? 'twice' : `on ${occasions} days`;
  switch (test) {
    case 'clean-reps':
      return `${value ?? 0} clean reps ${often}`;
    case 'clean-hold-seconds':
      return `${value ?? 0} s clean ${often}`;
    case 'check':
      return check ? `${checks[check].short}${value === null ? '' : `: ${value}`} ${often}` : words;
    case 'teacher-saw-it':
      return `seen clean ${often}`;
  }
};
const shownOf = (shown: number, { occasions }: Gate) => `${Math.min(shown, occasions)} of ${occasions}`;

/** Why a level is kept or left, in one sentence. */
function reasonWords(reason: KeepReason): string {
  switch (reason.code) {
    case 'not-begun':
      return 'not on this ladder yet';
    case 'stop-sign':
      return `${reason.sign}: nothing moves until a clinician has said so`;
    case 'caution':
      return `${concernNames[reason.caution.concern]}: ${reason.caution.words}`;
    case 'doubtful':
      return `${checks[reason.check].short}, ${reason.foot}: the last reading is asked about; take it again first`;
    case 'missing':
      return reason.check
        ? `${checks[reason.check].short}, ${reason.foot}: not measured on this level yet`
        : `${reason.foot}: not looked at on this level yet`;
    case 'pain':
      return `pain ${reason.when === 'next-day' ? 'the next day' : 'while doing it'}, ${reason.foot}${reason.lowest ? ': leave it out, and ask a clinician if it stays' : ''}`;
    case 'short':
      return `three classes under the least dose, ${reason.foot}, without pain`;
    case 'break':
      return reason.weeks >= 8
        ? `${reason.weeks} weeks away: begin a level lower`
        : `${reason.weeks} weeks away: begin with the least dose`;
    case 'door':
      return `opens after ${reason.weeks} weeks of regular work; ${reason.done} so far`;
    case 'one-change':
      return `passed; one change a week, the last was on ${reason.date}`;
    case 'gate':
      return `${testWords(reason.gate)}: left ${shownOf(reason.shown.left, reason.gate)}, right ${shownOf(reason.shown.right, reason.gate)}`;
    case 'lower-foot':
      return `the ${reason.foot} foot climbs alone until both are level${reason.gate ? `: ${testWords(reason.gate)}, ${shownOf(reason.shown, reason.gate)}` : ''}`;
    case 'wish':
      return 'passed, and wants to live here';
    case 'no-gate':
      return 'no gate is said for this level: you decide';
    case 'top':
      return 'the highest level of this ladder';
    case 'passed':
      return `${testWords(reason.gate)}: both feet passed`;
  }
}

/** What a level says: "Up to three fingertips: 30 s clean twice: both feet passed." */
export function keptWords({ verdict, reason, to, feet, livesHere, left, right }: Kept): string {
  const why = reasonWords(reason);
  const which = feet.length === 1 ? `, ${feet[0] ?? ''} foot` : '';
  const lives = livesHere !== null && verdict === 'hold' ? `; lives here, ${livesHere} weeks` : '';
  switch (verdict) {
    case 'not-begun':
      return to ? `${why}; most begin with “${to.name}”` : why;
    case 'frozen':
      return why;
    case 'hold':
      return `${why}${lives}${overruledWords([left, right])}`;
    case 'up':
      return `ready for “${to?.name ?? ''}”${which}, at its least dose: ${reason.code === 'passed' && feet.length === 1 ? why.replace('both feet', 'it') : why}`;
    case 'down':
      return `back to “${to?.name ?? ''}”${which}: ${why}`;
  }
}

/** What the teacher said where they overruled, each once. */
function overruledWords(places: Kept['left'][]): string {
  const notes = new Set(
    places.flatMap((place) => (place?.why === 'overrule' && place.note !== '' ? [place.note] : [])),
  );
  return [...notes].map((note) => `; your word: “${note}”`).join('');
}
