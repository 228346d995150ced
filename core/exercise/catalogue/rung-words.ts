import type { CueKind } from '../exercise';

type RungWords = Partial<Record<CueKind, string>>;

const sit = 'Sit, both feet flat.';
const sitOne = 'Sit, one foot flat.';
const stand = 'Stand, feet under your hips.';
const standBoth = 'Stand, feet under your hips, weight on both.';
const freeHands = 'Feet parallel, hands free, something to hold in reach.';
const riseAndLower = 'Rise, and stay. Lower slowly when the height goes.';
const bentStays = 'Knee bent and it stays bent. Rise, lower slowly.';
const longStep = 'Long step, one foot in front';
const hipWidthFree = 'Feet hip width, hands free.';
const jumpsHeld = 'Feet hip width, soft knees, hands on a support.';
const allFive = 'Press all five toes long and keep them there.';
const bothKnees = 'Both knees forward and down to the floor, and back.';

/**
 * What is said on a rung that is set up or done otherwise than the exercise as written, by exercise and rung; what is
 * not named here is said as the exercise says it.
 */
export const rungWords: Readonly<Record<string, Readonly<Record<string, RungWords>>>> = {
  'ball-under-the-desk': {
    'hand-rolls': {
      setup: 'Sit, one ankle over the other knee, the ball in your hand.',
      action: 'Roll it slowly from the front of the foot to the heel, lane by lane.',
    },
    standing: { setup: 'Hand on the wall, ball under the front of one foot, a third of your weight on it.' },
  },
  'toe-spacer-wear': {
    moving: {
      setup: 'Clean dry feet, one soft spacer in each gap. Stand up slowly.',
      action: 'Go on with the toe and balance work. Take them out before they bother you.',
    },
  },
  'fingers-between-toes': {
    spacers: { setup: 'One ankle over the other knee, one soft spacer in each gap, hands free.' },
    'own-strength': {
      setup: 'One ankle over the other knee, hands off.',
      action: 'Spread the toes by themselves, hold the width, let go.',
    },
  },
  'ankle-circles': {
    'by-hand': {
      setup: 'Sit, one ankle over the other knee, a hand round the foot.',
      action: 'The hand leads the foot round, slowly. Then the other way.',
    },
    small: { action: 'Draw a small slow circle with the big toe. Then the same the other way.' },
    free: { setup: 'Sit, one leg long, hands off.' },
  },
  'knee-to-wall': {
    seated: {
      setup: 'Sit forward, one foot flat under the knee.',
      action: 'Push the knee forward over the toes, heel heavy. Come back.',
    },
    far: { setup: 'Face the wall, toes as far away as the heel allows, hands on the wall.' },
  },
  'deep-squat-sit': {
    'on-block': {
      setup: 'Feet a little wider than the hips, legs slightly turned out, the block behind you.',
      action: 'Sit down on the block, elbows inside the knees, and stay.',
    },
    held: { setup: 'Hold on in front, feet a little wider than the hips, legs slightly turned out.' },
  },
  'heel-drop-stretch': {
    wall: { setup: 'Hands on the wall, one foot back, heel on the floor.', action: 'Press that heel down, and wait.' },
    'low-edge': { setup: 'One foot flat on the block, the ball of the other on its edge, both hands on a support.' },
  },
  'pointed-heel-sit': {
    sitting: { setup: 'Kneel, tops of the feet on the mat.' },
    'knees-up': {
      setup: 'Sit on the heels, tops of the feet on the mat, hands on the floor behind you.',
      action: 'Lift the knees off the mat, lower them. Stay up on the last one.',
    },
  },
  'tucked-toes-heel-sit': {
    'hands-and-knees': {
      setup: 'Hands and knees on the mat, toes tucked under.',
      action: 'Move back a little until the soles speak. Stay. Come off before it is too much.',
    },
    leaning: { setup: 'Kneel, toes tucked under, seat on a cushion, hands on the floor in front.' },
    upright: { setup: 'Kneel, toes tucked under.' },
  },
  'deep-squat-knee-touch': {
    'one-free': { setup: 'Deep squat, hands off the floor.' },
    'both-hands': { action: bothKnees },
    'both-free': { setup: 'Deep squat, hands off the floor.', action: bothKnees },
  },
  'top-of-foot-stretch': {
    'standing-light': { setup: 'Hold the chair, one foot behind, tops of the toes on something soft.' },
    'standing-leaning': {
      setup: 'Hold the chair, one foot behind, tops of the toes on something soft.',
      action: 'Bend that knee and lean a little weight in, until the front of the ankle opens.',
    },
  },
  'big-toe-up': { 'hand-lifts': { action: 'The hand lifts the big toe, the toe thinks along. Lay it down long.' } },
  'four-toes-up': {
    'hand-lifts': { action: 'The hand lifts four toes, the big one presses. Lay them down wide.' },
  },
  'lay-down-one-by-one': {
    'fingers-spread': {
      setup: 'Sit, one foot flat, look at your toes.',
      action: 'Fingers spread the toes. Up, wide, and down one after the other, little toe first.',
    },
    'one-foot': { setup: 'Sit, one foot flat, look at your toes.' },
    standing: { setup: 'Stand, feet under your hips, look at your toes.' },
  },
  'spread-and-narrow': { standing: { setup: stand } },
  'toe-split-hold': { standing: { setup: standBoth } },
  'toe-seesaw': { standing: { setup: standBoth } },
  'big-toe-own-range': {
    'by-hand': { action: 'The hand lifts the big toe, the toe goes along. Stay, then let it down.' },
    standing: { setup: 'Stand, weight on both feet. Remember how far the hand took the big toe.' },
  },
  'steered-big-toe': {
    loop: {
      setup: 'Sit, one foot flat, a light loop drawing the big toe to its line.',
      action: 'Lift along the line of the loop, lower along it.',
    },
    free: { setup: 'Sit, one foot flat, nothing steering.', action: 'Lift straight, lower straight.' },
  },
  'all-toes-up': {
    seated: { setup: 'Sit, both feet flat, heels under the knees.' },
    free: { setup: 'Stand with your feet under your hips, hands free.' },
  },
  'ground-the-toes': {
    notice: { action: 'Notice the toes you stand on. Change nothing.' },
    'big-toe': { action: 'Press the big toe long and keep it there.' },
    'all-five': { action: allFive },
    free: { setup: 'Beside the chair, hands free, one foot just off the floor.', action: allFive },
  },
  'toe-lifts-in-squat': {
    'on-block': { setup: 'Feet a little wider than the hips. Sit down on the block, elbows inside the knees.' },
    held: { setup: 'Hold on in front, feet a little wider than the hips. Sit down between your heels.' },
  },
  'short-foot': {
    seated: { setup: 'Sit, both feet flat, toes wide and long.' },
    'one-foot': { setup: 'Fingers on the chair, weight on one foot, toes wide and long.' },
  },
  'splay-and-twist': {
    seated: { setup: 'Sit, feet shoulder width, hands on the knees, toes wide.' },
    split: {
      setup: 'One foot a step in front, toes wide.',
      action: 'Turn the front leg outward against a foot that stays. Inner ball down. Hold.',
    },
  },
  'cloth-drag': {
    seated: { setup: 'Sit, ball of one foot on the cloth, toes long.' },
    'one-foot': { setup: 'Fingers on the chair, most of the weight on the foot on the cloth, toes long.' },
  },
  'paper-crinkle': {
    unseen: { action: 'Look straight ahead. Spread, grip, let go.' },
    standing: {
      setup: 'Stand, a sheet of paper under the front of one foot.',
      action: 'Look straight ahead. Spread, grip, let go.',
    },
  },
  'pressure-tour': {
    seated: { setup: sit },
    'one-foot': {
      setup: 'Fingertips on the chair, weight on one foot.',
      action: 'Inner edge, outer edge, heel: lend weight to each in turn, and name it.',
    },
  },
  'three-points-on-one-leg': {
    'both-feet': { action: 'Three points down on both feet, toes long, and stay.' },
    free: { setup: 'Beside the chair, hands free, feet under your hips.' },
  },
  'band-turn-out': {
    'no-band': {
      setup: 'Legs long and uncrossed, hands free to show the way.',
      action: 'Turn the sole of one foot away from the other. Slow return.',
    },
  },
  'band-turn-in': {
    'no-band': { setup: 'Ankles crossed, legs long.', action: 'Turn one sole to face the middle. Slow return.' },
  },
  'waist-loop-turn-in': {
    'no-loop': {
      setup: 'Seated, foot propped on the other leg.',
      action: 'Turn the sole to the middle. Slow return.',
    },
    raised: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the outer side of the leg.' },
    firmer: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the outer side of the leg.' },
  },
  'waist-loop-turn-out': {
    'no-loop': {
      setup: 'Seated, foot propped on the other leg.',
      action: 'Turn the sole away from the middle. Slow return.',
    },
    raised: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the inner side of the leg.' },
    firmer: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the inner side of the leg.' },
  },
  'waist-loop-up-down': {
    'no-loop': {
      setup: 'Seated, foot propped on the other leg, knee nearly long.',
      action: 'Push the foot down. Bring it up slowly.',
    },
    raised: { setup: 'Seated, loop round waist and ball of the foot, foot held up, knee nearly long.' },
    firmer: { setup: 'Seated, loop round waist and ball of the foot, foot held up, knee nearly long.' },
  },
  'waist-loop-bent-knee': {
    'no-loop': { setup: 'Seated, knee bent, heel far away on the floor.' },
    far: { setup: 'Seated, knee bent, heel far away on the floor, loop round waist and ball of the foot.' },
    near: { setup: 'Seated, heel drawn near the seat, loop round waist and ball of the foot.' },
    'near-raised': { setup: 'Seated, heel near the seat and held up, loop round waist and ball of the foot.' },
  },
  'two-foot-rise': {
    seated: {
      setup: 'Sit, both feet flat under the knees.',
      action: 'Heels up as high as they go, stay, and lower slowly.',
    },
    free: { setup: freeHands },
  },
  'rise-and-stay': {
    'both-hands': { setup: 'Behind the chair, both hands on it, feet parallel.', action: riseAndLower },
    free: { setup: freeHands, action: riseAndLower },
  },
  'single-leg-rise': {
    seated: { setup: 'Sit, one foot flat under its knee.' },
    'two-feet': { setup: 'Behind the chair, fingertips on it, feet parallel.' },
  },
  'step-rise-straight-knee': {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Rise to full height, knees straight. Lower slowly.',
    },
    'floor-one': {
      setup: 'Hands on the wall, one foot off the floor.',
      action: 'Rise to full height, knee straight. Lower slowly.',
    },
  },
  'step-rise-bent-knee': {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Knees bent and they stay bent. Rise, lower slowly.',
    },
    'floor-one': { setup: 'Hands on the wall, one foot off the floor.', action: bentStays },
  },
  'incline-rise': {
    flat: { setup: 'Hand on the wall, feet parallel.', action: 'Rise slowly, lower more slowly.' },
    'slope-one': { setup: 'On the slope, toes uphill, hand on the wall, one foot off.' },
  },
  'three-point-rise': {
    'stick-slow': { setup: 'Wide stance, one hand on the stick.' },
    'stick-narrow': { setup: 'Feet hip width, one hand on the stick.' },
    free: { setup: hipWidthFree },
    'free-month': {
      setup: hipWidthFree,
      action: 'Ankles up out of the arch, inner balls down, toes soft. Small rise, lower, a little quicker.',
    },
  },
  'split-rise': {
    'arms-out': { setup: `${longStep}, arms out to the sides.` },
    'arms-crossed': { setup: `${longStep}, arms crossed or hands behind the head.` },
    'both-knees': {
      setup: `${longStep}, arms crossed.`,
      action: 'Rise on the back foot, bend both knees, come up tall, lower slowly.',
    },
  },
  'push-off': {
    held: { setup: 'Split stance, a hand on the chair, weight on the front foot.' },
    bent: { action: 'Bend, then push the back foot off through ball and big toe until it hovers. Set it back.' },
  },
  'heel-to-ball-rock': {
    seated: { setup: sit, action: 'Toes up, heels heavy. Through the middle, and heels up onto the balls.' },
    free: { setup: 'Feet parallel, space behind you, hands free.' },
  },
  'edge-to-edge': {
    seated: {
      setup: sit,
      action: 'Tilt both soles to their outer edges, through the middle, to the inner edges.',
    },
    free: { setup: hipWidthFree },
  },
  'outer-edge-stand': {
    seated: { setup: sitOne, action: 'Lift the inner side of the foot, onto its outer edge. Hold.' },
    free: { setup: 'Feet hip width, hands free, something to hold in reach.' },
  },
  'lead-foot-tilt': {
    held: { setup: 'Short split on the mat, a hand on the chair, weight a little forward on the front ball.' },
    lunge: { setup: 'Lunge on the mat, leaning forward over the front ball.' },
  },
  'heel-walk': {
    seated: { setup: 'Sit forward, both feet flat.', action: 'Toes up, and step on the spot on your heels.' },
    bent: { setup: 'One lane each, space ahead, knees softly bent.' },
  },
  'barre-foot-brush': {
    facing: { setup: 'Face the barre, standing leg long, legs turned out only as far as the hips give.' },
    'off-barre': { setup: 'Standing leg long, legs turned out only as far as the hips give, hands free.' },
  },
  'flick-step': { held: { setup: 'A hand on the chair, soft knees.' } },
  'one-leg-stand': {
    'five-fingers': { setup: 'Beside the chair, five fingertips on its back.' },
    'three-fingers': { setup: 'Beside the chair, three fingertips on its back.' },
    'one-finger': { setup: 'Beside the chair, one fingertip on its back.' },
    free: { setup: 'Beside the chair, hands free.' },
  },
  'eyes-shut-stand': {
    fingertips: { setup: 'Beside the support, fingertips on it.' },
    'one-finger': { setup: 'Beside the support, one fingertip on it.' },
    free: { setup: 'Support in reach, hands free.' },
    crossed: { setup: 'Support in reach, arms crossed.' },
  },
  'pillow-stand': {
    free: { setup: 'Cushion beside the chair, barefoot, hands free.' },
    'eyes-shut': { action: 'Step up, settle, lift the other foot, then shut your eyes.' },
  },
  'unstable-stand': {
    'held-two': { action: 'Hands on the chair, step on one foot at a time, and let the ankles answer.' },
    'squat-two': { action: 'Small squats on it, and let the ankles answer.' },
    'held-one': { action: 'Hands on the chair, one foot in the middle, and let the ankle answer.' },
  },
  'half-ball-step': {
    held: {
      setup: 'Half-ball firm and on a mat, a partner’s hand to hold, barefoot.',
      action: 'Step on, settle, step off.',
    },
    'on-off': { action: 'Step on, settle, step off into a small lunge.' },
    over: { action: 'Step on, settle, step over and down into a small lunge. Come back over.' },
  },
  'small-jumps': {
    bounce: {
      setup: jumpsHeld,
      action: 'Bounce through soft knees and ankles; the toes never leave the floor.',
    },
    held: { setup: jumpsHeld },
  },
  'small-jumps-all-ways': {
    held: {
      setup: 'Hands on the chair or barre, soft knees, a line on the floor.',
      action: 'Small jumps, side to side.',
    },
    side: { action: 'Small jumps over the line: side, back, front, back.' },
    split: { action: 'Small jumps that land with one foot in front, then with the other.' },
    turn: { action: 'Small jumps over the line, each with a quarter turn.' },
  },
  'stepping-lunge': {
    held: { setup: 'A hand on the chair, feet under your hips, space on the other side.' },
    reach: { action: 'Step out, bend over the foot, reach up or touch it, push home. Side, front, round and back.' },
  },
  'step-and-land': {
    small: { setup: 'A small step of space in front, hands free.' },
    long: { setup: 'A long step of space in front, hands free.' },
  },
  'barefoot-squat': {
    'to-chair': {
      setup: 'In front of the chair, feet hip width, three points on each.',
      action: 'Sit down to the chair, keep the points, get up again.',
    },
    'chair-behind': {
      setup: 'Chair behind you, feet hip width, three points on each.',
      action: 'Fold half way at hips, knees and ankles; keep the points. Come up.',
    },
  },
};
