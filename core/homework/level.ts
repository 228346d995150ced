import { deepEqual } from 'fast-equals';
import type { Dose } from '../dose';
import type { Exercise, School } from '../exercise';
import { changeLevel, newItem } from '../plan';
import type { HomeItem } from './homework';
import { oneSet } from './settled';

/** One set of what a level usually asks, as the teacher's school gives doses. */
export function usualDose(exercise: Exercise, revision: string, rungId: string | null, school: School): Dose {
  const item = newItem('usual', exercise, revision, school);
  const change = rungId === null || rungId === item.rungId ? null : changeLevel(item, exercise, rungId, school);
  return oneSet(change?.dose ?? item.dose);
}

/**
 * An exercise on another level, as it goes to one in a class: a dose that nobody had touched becomes the usual one there;
 * one that somebody gave stays, held to the most of the level.
 */
export function onLevel(item: HomeItem, exercise: Exercise, rungId: string, school: School): HomeItem {
  if (deepEqual(item.dose, usualDose(exercise, item.revision, item.rungId, school)))
    return { ...item, rungId, dose: usualDose(exercise, item.revision, rungId, school) };
  const inClass = { ...newItem(item.id, exercise, item.revision, school), rungId: item.rungId, dose: item.dose };
  const change = changeLevel(inClass, exercise, rungId, school);
  return change ? { ...item, rungId, dose: oneSet(change.dose ?? item.dose) } : item;
}
