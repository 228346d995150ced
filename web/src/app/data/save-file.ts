/** A name that every system takes for a file. */
export const fileName = (title: string, ending: string): string =>
  `${
    title
      .replace(/[^\p{L}\p{N} -]+/gu, '')
      .trim()
      .replace(/\s+/g, '-')
      .slice(0, 60) || 'class'
  }.${ending}`;

/** Hands something that the page made over as a file. */
export function saveFile(file: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
