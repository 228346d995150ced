import { type Caution, type Concern, type Execution } from '../exercise';

/** What one concern does to the exercises of a library: how many, and some by name. */
export interface CautionEffect {
  readonly action: Caution['action'];
  readonly count: number;
  readonly examples: readonly string[];
}

export const actionWords: Readonly<Record<Caution['action'], string>> = {
  'leave-out': 'left out',
  'ask-clinician': 'only after asking a clinician',
  'hold-at-rung': 'held at the level where most begin',
  'change-support': 'with more to hold on to',
  'go-gently': 'gently',
};

/** What a concern does to classes: for each kind of answer how many exercises, what weighs most first. */
export function effectsOf(concern: Concern, executions: readonly Execution[]): CautionEffect[] {
  const actions: Caution['action'][] = ['leave-out', 'ask-clinician', 'hold-at-rung', 'change-support', 'go-gently'];
  return actions.flatMap((action) => {
    const names = executions
      .filter(({ cautions }) => cautions.some((caution) => caution.concern === concern && caution.action === action))
      .map(({ exercise }) => exercise.name.plain);
    return names.length === 0 ? [] : [{ action, count: names.length, examples: names.slice(0, 3) }];
  });
}
