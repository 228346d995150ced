import MiniSearch from 'minisearch';
import { searchTextOf } from '@core/library';
import { type Spoken, meantBy } from '@core/words';
import type { ExerciseRevision } from '@core/contract';

/** Finds exercises by any of their words; the beginnings of words count, and a slip of the finger. */
export class SearchIndex {
  private readonly index = new MiniSearch({
    fields: ['name', 'words', 'purpose', 'faults', 'rest'],
    searchOptions: {
      boost: { name: 4, words: 3, purpose: 1.5 },
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: 'AND',
    },
  });

  constructor(library: readonly ExerciseRevision[]) {
    this.index.addAll(library.map(({ exercise }) => searchTextOf(exercise)));
  }

  /**
   * Ids in the order of how well they answer; null when nothing is asked. What people say elsewhere is understood, the
   * teacher's own words too.
   */
  find(asked: string, own: readonly Spoken[] = []): ReadonlyMap<string, number> | null {
    if (asked.trim() === '') return null;
    const found = meantBy(asked, own).flatMap((way) => this.index.search(way).map(({ id }) => String(id)));
    return new Map([...new Set(found)].map((id, i) => [id, i]));
  }
}
