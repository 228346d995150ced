import { type Doc, faces, fontFile } from './print';

/**
 * A PDF with the fonts of the pages in it.
 * @param size of a page, points
 * @param draw on its first page, and on what others it adds
 */
export async function pdfOf(
  title: string,
  size: { readonly width: number; readonly height: number; readonly margin: number },
  draw: (doc: Doc) => void,
): Promise<Buffer> {
  // read by who prints: a third of a second of the start
  const { default: PDFDocument } = await import('pdfkit');
  const doc = new PDFDocument({
    size: [size.width, size.height],
    margin: size.margin,
    autoFirstPage: false,
    // the package's own default is a font that is not embedded
    font: fontFile(faces.plain) as unknown as string,
    lang: 'en',
    displayTitle: true,
    info: { Title: title, Creator: 'Needlework' },
  });
  for (const [name, file] of Object.entries(faces)) doc.registerFont(name, fontFile(file));
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => {
      resolve(Buffer.concat(chunks));
    });
    doc.on('error', reject);
  });
  doc.addPage();
  draw(doc);
  doc.end();
  return done;
}

export function rule(doc: Doc, x: number, y: number, width: number, weight: number, colour: string): void {
  doc
    .moveTo(x, y)
    .lineTo(x + width, y)
    .lineWidth(weight)
    .strokeColor(colour)
    .stroke();
}
