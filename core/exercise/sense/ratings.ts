import type { Sense } from './note';

const unloaded = /^(none|no (band|loop|cloth|body weight))/i;
const byHand = /\bhand (lifts|leads|rolls|does)/i;

/** Ratings follow the load: without it, or where a hand does it, nothing works hard. */
export const ratings: Sense = ({ rung, done }) => {
  if (!rung) return [];
  const led = byHand.test(rung.axes['hand-help'] ?? '');
  const bare = unloaded.test(rung.axes.resistance ?? '') && rung.axes.lever !== 'own greatest distance';
  if (!led && !bare) return [];
  const hard = Object.values(done.regions).some((rating) => rating > 1);
  const effort = led && done.phases.some((phase) => phase.effort === true);
  if (!hard && !effort) return [];
  return [
    {
      code: 'rating-without-load',
      words: led
        ? `“${rung.name}”: the hand does it, and it is rated or breathed as work. One of three at most, and no effort.`
        : `“${rung.name}”: there is no load, and it is rated as with it. One of three at most.`,
    },
  ];
};
