import * as z from 'zod';
import { ClashAnswer } from './classes';

const ProblemCode = z.enum([
  'not-valid',
  'malformed',
  'too-large',
  'not-found',
  'no-such-date',
  'not-readable',
  'clash',
  'id-in-use',
  'unknown-revision',
  'save-id-reused',
  'event-number-reused',
  'run-id-reused',
  'protocol-in-use',
  'check-unknown',
  'too-much',
  'exercise-changed',
  'not-built-in',
  'student-changed',
  'reading-id-reused',
  'reading-refused',
  'host-not-allowed',
  'origin-not-allowed',
  'server-fault',
  'disk-fault',
  'data-gone',
  'a-moment',
  'file-refused',
  'locked',
  'wrong-password',
  'too-often',
  'password-refused',
]);

/** Errors over HTTP are problem details (RFC 9457) with a code and, where it helps, the fields at fault. */
export const Problem = z.strictObject({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  code: ProblemCode,
  fields: z.array(z.strictObject({ path: z.string(), words: z.string() })).optional(),
  clash: ClashAnswer.optional(),
});
export type Problem = z.infer<typeof Problem>;
