import type { ExportAsked } from '@core/contract';

/** Where one thing is to be fetched as a file of Needlework. */
export const fileOf = (what: Exclude<ExportAsked['of'], 'everything' | 'plans'>, id: string): string =>
  `/api/files/${what}/${id}`;
