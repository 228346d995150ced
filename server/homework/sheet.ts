import { openConcerns } from '@core/roster';
import { type Sheet, sheetOf } from '@core/homework';
import type { Library } from '../exercises/store';
import type { PreferenceStore } from '../preferences/store';
import type { HomeworkStore } from './store';

/** What a stored sheet says on paper, in the words and with the times of this teacher. */
export function storedSheet(
  id: string,
  homework: HomeworkStore,
  library: Library,
  preferences: PreferenceStore,
): Sheet {
  const { homework: sheet, students, classes, who } = homework.page(id);
  const { school, pace } = preferences.read();
  const [student] = students;
  const { for: of } = sheet;
  return sheetOf({
    homework: sheet,
    school,
    pace,
    classes,
    who: of.kind === 'student' ? who : of.words === '' ? who : of.words,
    concerns: of.kind === 'level' ? of.concerns : student ? openConcerns(student) : [],
    find: library.finder(sheet.items.map(({ revision }) => revision)),
  });
}
