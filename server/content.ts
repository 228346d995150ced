import { createHash } from 'node:crypto';
import canonicalize from 'canonicalize';

/** JSON in one form only (RFC 8785), so that the same content has the same address. */
export const canonicalJson = (value: unknown): string => canonicalize(value) ?? '';

/** Content address: the first 32 hex digits of SHA-256 over the canonical JSON. */
export const contentOf = (value: unknown): string => addressOf(canonicalJson(value));

/** The same of what is in that one form already. */
export const addressOf = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 32);
