import fc from 'fast-check';
import * as z from 'zod';

/** A JSON Schema, as far as it is read here. */
interface Form {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly oneOf?: readonly Form[];
  readonly anyOf?: readonly Form[];
  readonly properties?: Readonly<Record<string, Form>>;
  readonly propertyNames?: Form;
  readonly additionalProperties?: Form | boolean;
  readonly items?: Form;
  readonly prefixItems?: readonly Form[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly pattern?: string;
  readonly format?: string;
  readonly minimum?: number;
  readonly exclusiveMinimum?: number;
  readonly maximum?: number;
}

const instant = fc.integer({ min: 1_500_000_000, max: 1_900_000_000 }).map((s) => new Date(s * 1000).toISOString());
/** A text may be of any length its form allows; a dozen letters more than the least are enough. */
const more = 12;

function text({ format, pattern, minLength = 0, maxLength = Infinity }: Form): fc.Arbitrary<unknown> {
  if (format === 'date-time') return instant;
  if (format === 'date') return instant.map((at) => at.slice(0, 10));
  if (pattern !== undefined) return fc.stringMatching(new RegExp(pattern));
  const letters = fc.string({ unit: 'grapheme', minLength, maxLength: Math.min(maxLength, minLength + more) });
  return letters.map((words) => words.slice(0, maxLength));
}

function number({ type, minimum = -1000, exclusiveMinimum, maximum = 1000 }: Form): fc.Arbitrary<unknown> {
  const [min, max] = [Math.max(exclusiveMinimum ?? minimum, -1e6), Math.min(maximum, 1e6)];
  if (type === 'integer') return fc.integer({ min: Math.ceil(min), max: Math.floor(max) });
  const least = exclusiveMinimum === undefined ? min : min + (max - min) / 1e6;
  // JSON knows no minus nought
  return fc.double({ min: least, max, noNaN: true }).map((n) => n + 0);
}

function record({ propertyNames, additionalProperties }: Form): fc.Arbitrary<unknown> {
  const values = typeof additionalProperties === 'object' ? anything(additionalProperties) : fc.nat();
  const keys = propertyNames ? anything(propertyNames) : fc.string();
  return fc
    .array(fc.tuple(keys, values), { maxLength: 3 })
    .map((pairs) => Object.fromEntries(pairs.map(([key, value]) => [String(key), value])));
}

function anything(form: Form): fc.Arbitrary<unknown> {
  if ('const' in form) return fc.constant(form.const);
  if (form.enum) return fc.constantFrom(...form.enum);
  const choices = form.oneOf ?? form.anyOf;
  if (choices) return fc.oneof(...choices.map(anything));
  switch (form.type) {
    case 'object':
      if (!form.properties) return record(form);
      return fc.record(Object.fromEntries(Object.entries(form.properties).map(([key, of]) => [key, anything(of)])));
    case 'array': {
      if (form.prefixItems) return fc.tuple(...form.prefixItems.map(anything));
      const { minItems = 0, maxItems = Infinity } = form;
      return fc.array(anything(form.items ?? {}), { minLength: minItems, maxLength: Math.min(maxItems, minItems + 3) });
    }
    case 'string':
      return text(form);
    case 'number':
    case 'integer':
      return number(form);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      throw new Error(`Nothing is known of how to make ${JSON.stringify(form).slice(0, 80)}`);
  }
}

/**
 * Any value of a schema, read off its own form, so that a field that is added is in the tests at once. What it refuses
 * besides its form (an id used twice) is left out; one that refuses nearly all needs values of its own.
 */
export function anyOf<T>(schema: z.ZodType<T>): fc.Arbitrary<T> {
  const form = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Form;
  return anything(form)
    .map((value) => schema.safeParse(value))
    .filter((read) => read.success)
    .map(({ data }) => data);
}
