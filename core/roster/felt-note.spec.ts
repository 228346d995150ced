import { Sensation, sensationAnswers } from '../run';
import { LadderNote } from './ladder-note';
import { feltNote } from './felt-note';

const where = { exerciseId: 'short-foot', rungId: 'standing', foot: 'left' as const };

describe('what stands in a student’s own file of what they felt', () => {
  it('a sign that refers at once freezes every ladder, whatever foot it was (local rules come first)', () => {
    for (const sensation of Sensation.options.filter((s) => sensationAnswers[s].follows === 'stop-and-refer')) {
      const note = feltNote(sensation, where)!;
      expect([note.exerciseId, note.foot, note.what.kind]).toEqual([null, 'both', 'stop']);
    }
    expect(feltNote('pop-at-the-heel', where)!.what).toEqual({
      kind: 'stop',
      sign: 'a pop or kick felt at the back of the heel',
    });
    expect(feltNote('faint', where)!.what).toEqual({ kind: 'stop', sign: 'faint or dizzy' });
  });

  it('pain stands on the level and the foot where it was: that foot goes back alone', () => {
    const pain = { exerciseId: 'short-foot', foot: 'left', what: { kind: 'pain', rungId: 'standing', when: 'during' } };
    expect(feltNote('joint-pain', where)).toEqual(pain);
    expect(feltNote('pain-next-day', where)).toEqual({ ...pain, what: { ...pain.what, when: 'next-day' } });
    expect(feltNote('sharp-pain', { ...where, rungId: null })).toBeNull();
    expect(feltNote('sharp-pain', { ...where, exerciseId: null })).toBeNull();
  });

  it('what goes on, and numbness that may pass, is no matter of a ladder', () => {
    for (const sensation of ['burn', 'cramp', 'stretch', 'wobble', 'click', 'sore-next-day', 'numbness'] as const)
      expect(feltNote(sensation, where)).toBeNull();
  });

  it('is a note as the server takes it', () => {
    for (const sensation of Sensation.options) {
      const note = feltNote(sensation, where);
      if (note)
        expect(
          LadderNote.safeParse({ id: 'note-1', studentId: 'student-1', date: '2026-11-24', by: '', ...note }).error,
        ).toBeUndefined();
    }
  });
});
