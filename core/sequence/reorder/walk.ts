import { Both, type Price, type Step, together } from './machine';
import { PlaceWalk } from './place-walk';
import { RuleWalk } from './rule-walk';
import type { Course } from './units';

/**
 * A class gone through unit by unit, in any order of them. Where it stands (the room, what each rule remembers) is a
 * number, and what one more unit brings from there is worked out once.
 */
export class Walk {
  private readonly places: PlaceWalk;
  private readonly all: Both;

  constructor(course: Course) {
    const { units, among } = course;
    const rules = course.rules.flatMap((rule) => {
      const mattering = new Set(among.filter((entry) => rule.matters?.(entry, among) ?? true));
      return mattering.size === 0 || rule.severity === 'note' ? [] : [new RuleWalk(rule, course, mattering)];
    });
    this.places = new PlaceWalk(course);
    this.all = new Both(this.places, together(rules, units.length), units.length);
  }

  get start(): number {
    return this.all.start;
  }

  /** Where the class stands behind one more unit, and what that brings. */
  step(from: number, unit: number): Step {
    return this.all.step(from, unit);
  }

  /** What comes behind the block (closing the ring, and the rest of the class), and what was found before it. */
  end(from: number): Price {
    return this.all.end(from);
  }

  /** The least time that a unit can take, whatever is before it, ms. */
  leastMs(unit: number): number {
    return this.places.leastMs(unit);
  }

  /** What is still to come at the least for a ring that is open, ms. */
  owedMs(state: number): number {
    return this.places.owedMs(this.all.firstOf(state));
  }
}
