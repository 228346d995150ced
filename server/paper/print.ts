import { readFileSync } from 'node:fs';

/** Where the fonts lie: static files, since the package that writes the paper reads no variable ones. */
export const fontFile = (name: string): Buffer => readFileSync(require.resolve(name));
const atkinson = (name: string) =>
  `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${name}.woff`;
export const faces = {
  plain: atkinson('latin-400-normal'),
  bold: atkinson('latin-700-normal'),
  italic: atkinson('latin-400-italic'),
  plainFurther: atkinson('latin-ext-400-normal'),
  boldFurther: atkinson('latin-ext-700-normal'),
  italicFurther: atkinson('latin-ext-400-italic'),
} as const;
export type Face = 'plain' | 'bold' | 'italic';
export type Doc = PDFKit.PDFDocument;

/** Ink on white paper; grey prints on any printer. */
export const ink = {
  text: '#20242c',
  quiet: '#555b66',
  line: '#b8b4aa',
  pale: '#e9e6df',
  foot: '#3a4252',
  idle: '#9aa0aa',
};

/** Letters that the main files of a font have: Western European; the further ones have the rest of Latin. */
const isBasic = (letter: string): boolean => {
  const code = letter.codePointAt(0) ?? 0;
  return code < 0x100 || '–—‘’“”„…•€™−←↑→↓×÷Œœıʻʼˆˊˋˌ˜'.includes(letter);
};
const isFurther = (letter: string): boolean => {
  const code = letter.codePointAt(0) ?? 0;
  return (code >= 0x100 && code < 0x250) || (code >= 0x1e00 && code < 0x1f00);
};

/** Text as it can be printed, in runs of one font file each. What no file has becomes a dot in the middle of the line. */
export function runsOf(text: string): { readonly further: boolean; readonly text: string }[] {
  const runs: { further: boolean; text: string }[] = [];
  for (const letter of text.normalize('NFC').replace(/\p{Cc}/gu, ' ')) {
    const further = isFurther(letter);
    const shown = further || isBasic(letter) ? letter : '·';
    const last = runs.at(-1);
    if (last?.further === further) last.text += shown;
    else runs.push({ further, text: shown });
  }
  return runs;
}

export interface Block {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly size: number;
  readonly face?: Face;
  readonly colour?: string;
}

/** Writes a paragraph. @returns the height it takes */
export function write(doc: Doc, text: string, { x, y, width, size, face = 'plain', colour = ink.text }: Block): number {
  if (text === '') return 0;
  const height = heightOf(doc, text, width, size, face);
  doc.fillColor(colour).fontSize(size);
  runsOf(text).forEach((run, i, all) => {
    doc.font(run.further ? `${face}Further` : face);
    const options = { width, lineGap: 0, continued: i < all.length - 1 };
    if (i === 0) doc.text(run.text, x, y, options);
    else doc.text(run.text, options);
  });
  return height;
}

export function heightOf(doc: Doc, text: string, width: number, size: number, face: Face = 'plain'): number {
  if (text === '') return 0;
  const shown = runsOf(text)
    .map((run) => (run.further ? run.text.normalize('NFD').replace(/[^\0-\xff]/g, 'o') : run.text))
    .join('');
  return doc.font(face).fontSize(size).heightOfString(shown, { width, lineGap: 0 });
}

/** How wide a line is, points. */
export function widthOf(doc: Doc, text: string, size: number, face: Face = 'plain'): number {
  return doc.font(face).fontSize(size).widthOfString(text);
}

export function centred(doc: Doc, text: string, { x, y, width, size, face = 'plain', colour = ink.text }: Block): void {
  doc.font(face).fontSize(size).fillColor(colour).text(text, x, y, { width, align: 'center', lineBreak: false });
}

/** Text cut to one line of a width. */
export function oneLine(doc: Doc, text: string, width: number, size: number): string {
  doc.font('plain').fontSize(size);
  const shown = runsOf(text)
    .map((run) => run.text)
    .join('');
  if (doc.widthOfString(shown) <= width) return text;
  let cut = text;
  while (cut.length > 1 && doc.widthOfString(`${cut}…`) > width) cut = cut.slice(0, -1);
  return `${cut.trimEnd()}…`;
}
