/**
 * A cell that no spreadsheet takes for a formula: what it would run begins with an apostrophe. `cellText` takes that away
 * again, so that nothing is lost.
 * @see OWASP, CSV injection
 */
export const safeCell = (text: string): string => (/^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text);

/** What is meant by such a cell. */
export const cellText = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
