/** Names in a line; where they are more than so many, the rest is a number: "A, B and 3 more". */
export const shortList = (names: readonly string[], most: number): string =>
  names.length <= most
    ? names.join(', ')
    : `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`;
