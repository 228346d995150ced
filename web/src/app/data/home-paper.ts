/** Where a sheet is as paper. */
export const paperOf = (id: string, size: 'a4' | 'phone'): string => `/api/homework/${id}/sheet.pdf?size=${size}`;
