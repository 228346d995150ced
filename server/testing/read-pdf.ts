import { execFileSync } from 'node:child_process';

interface ReadPdf {
  readonly text: string;
  readonly pages: number;
  /** Points. */
  readonly width: number;
}

/** Read with a module of its own: the package is one that only modules can load, and these tests are none. */
const reader = `
import { extractText, getDocumentProxy } from 'unpdf';
const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const doc = await getDocumentProxy(new Uint8Array(Buffer.concat(chunks)));
const { text, totalPages } = await extractText(doc, { mergePages: true });
const { view } = await doc.getPage(1);
process.stdout.write(JSON.stringify({ text, pages: totalPages, width: view[2] - view[0] }));
`;

/** A PDF as another package reads it: its words in their order, white space as single spaces. */
export function readPdf(file: Buffer): ReadPdf {
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', reader], { input: file, encoding: 'utf8' });
  const read = JSON.parse(out) as ReadPdf;
  return { ...read, text: read.text.replace(/\s+/g, ' ') };
}
