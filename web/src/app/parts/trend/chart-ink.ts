/** A colour of the page by its name, as it is now: a chart takes no variables. @example inkOf('woad') */
export function inkOf(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--nw-${name}`).trim();
}
