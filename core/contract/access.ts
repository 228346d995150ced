import * as z from 'zod';

/** The least and the most letters a password may have. */
export const passwordLetters = { least: 12, most: 128 } as const;

const typed = z.string().min(1).max(passwordLetters.most);

/** Who gets in, as a device that asks may know it. */
export const Access = z.strictObject({
  /** Whether a password is asked for. */
  password: z.boolean(),
  /** Whether this device is in: it gave the password, or none is asked for. */
  signedIn: z.boolean(),
  /** Until when this device is in if it is used, at the latest; null where it is not, or where no password is asked for. */
  until: z.iso.datetime().nullable(),
  /** Whether other devices reach this server at all. */
  others: z.boolean(),
  /** Whether nobody on the way can read along: by HTTPS, or within one machine. */
  encrypted: z.boolean(),
});
export type Access = z.infer<typeof Access>;

export const SignIn = z.strictObject({ password: typed });

/** Sets a password, or another one. */
export const SetPassword = z.strictObject({
  /** The one there is; null where there is none yet. */
  current: typed.nullable(),
  next: typed,
});

export const RemovePassword = z.strictObject({ current: typed });

export const StrengthAsked = z.strictObject({ password: z.string().max(passwordLetters.most) });

/** How hard a password is to guess. */
export const Strength = z.strictObject({
  /** From 0, guessed at once, to 4. */
  score: z.int().min(0).max(4),
  /** Why it is not taken; null where it is. */
  refused: z.string().nullable(),
});
export type Strength = z.infer<typeof Strength>;
