import { nanoid } from 'nanoid';

/** Ids from the system's own randomness, as text that fits an address. */
export const newId = (): string => nanoid(12);
