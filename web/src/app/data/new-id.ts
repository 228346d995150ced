import { nanoid } from 'nanoid';

/** A fresh id from the browser's own randomness: 12 characters that fit an address. */
export const newId = (): string => nanoid(12);
