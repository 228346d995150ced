import type { Exercise } from '../exercise';
import * as ankleStretch from './ankle-stretch';
import * as arch from './arch';
import * as archWork from './arch-work';
import { say } from './author';
import * as band from './band';
import * as edge from './edge';
import * as hand from './hand';
import * as look from './look';
import * as loop from './loop';
import * as mobility from './mobility';
import * as release from './release';
import * as rise from './rise';
import * as solePressure from './sole-pressure';
import * as squatLunge from './squat-lunge';
import * as step from './step';
import * as strength from './strength';
import * as toeControl from './toe-control';
import * as toes from './toes';
import * as unsteady from './unsteady';
import { rungWords } from './rung-words';
import * as walk from './walk';

/** Which exercises prepare which, where a class has both. */
const preparations: Readonly<Record<string, readonly string[]>> = {
  'big-toe-own-range': ['big-toe-bend-by-hand'],
  'big-toe-up': ['big-toe-spring'],
  'toe-seesaw': ['big-toe-up', 'four-toes-up'],
  'toe-split-hold': ['big-toe-up', 'four-toes-up'],
  'toe-wave-back': ['toe-wave'],
  'band-four-part-point': ['four-part-point'],
  'waist-loop-bent-knee': ['waist-loop-up-down'],
  'waist-loop-odd-angles': ['waist-loop-up-down'],
  'roll-over-the-toes': ['top-of-foot-stretch'],
  'side-of-ankle-stretch': ['top-of-foot-stretch'],
  'calf-stretch-bent-knee': ['calf-stretch-straight-knee'],
  'carry-the-arch': ['paper-crinkle'],
  'rise-bend-heels-down': ['bend-heels-up-straighten'],
  'single-leg-rise': ['two-foot-rise'],
  'step-rise-tight-way': ['heel-drop-stretch'],
  'half-toe-walk': ['heel-to-ball-rock'],
  'outer-edge-walk': ['edge-to-edge'],
  'inner-edge-walk': ['edge-to-edge'],
  'edge-edge-flat-flat': ['outer-edge-stand'],
  'eyes-shut-stand': ['one-leg-stand'],
  'pillow-stand': ['one-leg-stand'],
  'breath-split-squat': ['toes-hanging-split-squat', 'big-toe-over-the-edge'],
  'rise-and-drop-to-landing': ['two-foot-rise'],
  'small-jumps-all-ways': ['small-jumps'],
};

/** The built-in exercises, in the order of a usual class. */
export const catalogue: readonly Exercise[] = [
  look,
  release,
  solePressure,
  hand,
  mobility,
  ankleStretch,
  toes,
  toeControl,
  arch,
  archWork,
  band,
  loop,
  strength,
  rise,
  edge,
  walk,
  step,
  unsteady,
  squatLunge,
]
  .flatMap((family) => Object.values(family))
  .map((exercise) => {
    const preparedBy = preparations[exercise.id];
    const said = worded(exercise);
    return preparedBy ? { ...said, preparedBy: [...preparedBy] } : said;
  });

/** The exercise with what is said on its rungs. */
function worded(exercise: Exercise): Exercise {
  const words = rungWords[exercise.id];
  if (!words || !exercise.ladder) return exercise;
  const rungs = exercise.ladder.rungs.map((rung) => {
    const said = Object.entries(words[rung.id] ?? {}).map(([kind, text]) => [kind, say(text)] as const);
    return said.length > 0 ? { ...rung, cues: { ...rung.cues, ...Object.fromEntries(said) } } : rung;
  });
  return { ...exercise, ladder: { ...exercise.ladder, rungs } };
}
