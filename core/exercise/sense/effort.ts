import type { Sense } from './note';

/** Loaded work says where the effort is, else a school that breathes by effort has nothing to follow. */
export const effort: Sense = ({ exercise, rung, done }) => {
  const { family, stage } = exercise;
  if (rung !== null || stage === 'passive' || (family !== 'band' && family !== 'strength')) return [];
  return done.phases.some((phase) => phase.effort !== undefined || phase.body !== undefined)
    ? []
    : [
        {
          code: 'effort-unsaid',
          words:
            'No phase says where the effort is, or where the body rises and sinks: a class that breathes by it hears nothing here.',
        },
      ];
};

/** Feet that take turns do different things: each phase says what the other one does. */
export const otherFoot: Sense = ({ rung, done }) =>
  done.sidePattern === 'alternate' && done.phases.some((phase) => phase.other === null)
    ? [
        {
          code: 'other-foot-unsaid',
          words: `${rung ? `“${rung.name}”: ` : ''}the feet take turns, and the picture shows both doing it. Say what the other foot does.`,
        },
      ]
    : [];
