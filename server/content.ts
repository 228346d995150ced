import { createHash } from 'node:crypto';
import canonicalize from 'canonicalize';

/** JSON in one form only (RFC 8785), so that the same content has the same address. */
export const canonicalJson = (value: unknown): string => canonicalize(value) ?? '';

/** Content address: the first 32 hex digits of SHA-256 over the canonical JSON. */
export const contentOf = (value: unknown): string =>
  createHash('sha256').update(canonicalJson(value)).digest('hex').slice(0, 32);
