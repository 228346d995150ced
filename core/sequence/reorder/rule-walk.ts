import type { Entry, OrderRule, State } from '../rule';
import { type Machine, Numbers, type Price, type Step, nothing } from './machine';
import type { Course } from './units';

/** One rule over a class of these units: its states as numbers, each judged once for each unit. */
export class RuleWalk implements Machine {
  private readonly states = new Numbers<State>();
  private readonly steps = new Map<number, readonly [next: number, found: number]>();
  readonly start: number;
  /** How often it is breached before the block. */
  private readonly already: number;

  constructor(
    private readonly rule: OrderRule,
    private readonly course: Course,
    private readonly mattering: ReadonlySet<Entry>,
  ) {
    const [begin, already] = this.judged(rule.begin, course.before.entries);
    this.already = already;
    this.start = this.numberOf(begin);
  }

  step(from: number, unit: number): Step {
    const [next, found] = this.known(from, unit, this.course.units[unit]?.entries ?? []);
    return [next, this.priceOf(found)];
  }

  /** How often it is breached behind the block, and was before it. */
  end(from: number): Price {
    return this.priceOf(this.already + this.known(from, this.course.units.length, this.course.behind.entries)[1]);
  }

  private priceOf(found: number): Price {
    if (found === 0) return nothing;
    return this.rule.severity === 'hard' ? { ms: 0, soft: 0, hard: found } : { ms: 0, soft: found, hard: 0 };
  }

  private known(from: number, at: number, entries: readonly Entry[]): readonly [next: number, found: number] {
    const key = from * (this.course.units.length + 1) + at;
    const known = this.steps.get(key);
    if (known) return known;
    const [state, found] = this.judged(this.states.list[from] ?? null, entries);
    const made = [this.numberOf(state), found] as const;
    this.steps.set(key, made);
    return made;
  }

  private numberOf(state: State): number {
    const { decides } = this.rule;
    return decides && !this.course.hasAccepted(this.rule)
      ? this.states.of(state, decides(state, this.course.setting))
      : this.states.of(state);
  }

  private judged(from: State, entries: readonly Entry[]): readonly [State, number] {
    let state = from;
    let found = 0;
    for (const entry of entries) {
      if (!this.mattering.has(entry)) continue;
      const judged = this.rule.judge(state, entry, this.course.setting);
      state = judged.state;
      if (judged.breach && !this.course.isAccepted(this.rule, judged.breach)) found += 1;
    }
    return [state, found];
  }
}
