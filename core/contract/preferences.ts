import * as z from 'zod';
import { School } from '../exercise';

/** What the teacher prefers everywhere; a new class begins with it. */
export const Preferences = z.strictObject({ school: School });
export type Preferences = z.infer<typeof Preferences>;
