/** Signs that end it for a student at once and refer, even without pain (common practice; local rules come first). */
export const stopSigns = [
  'a pop or kick felt at the back of the heel',
  'no strength to push off',
  'calf pain with swelling, heat or at rest',
  'numbness or tingling that stays',
  'pain at one point on a bone',
  'faint or dizzy',
  'swelling, heat or a change of colour',
] as const;
