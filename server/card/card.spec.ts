import Papa from 'papaparse';
import request from 'supertest';
import { runningOrderColumns } from '@core/card';
import { FileServer } from '../testing/file-server';
import { readPdf } from '../testing/read-pdf';

// a paper is read by another program each time
jest.setTimeout(30_000);

const here = new FileServer();
afterAll(() => here.close());
const withDemo = here.withDemo();
const idOf = (title: string): string =>
  withDemo.server.classes.list({ limit: 50 }).classes.find((one) => one.title === title)?.id ?? '';
const workshop = idOf('Saturday workshop: the whole foot');
const pdf = async (path: string): Promise<ReturnType<typeof readPdf> & { readonly raw: Buffer }> => {
  const raw = await here.bytes(path);
  return { ...readPdf(raw), raw };
};
const times = (text: string, words: string): number => text.split(words).length - 1;

describe('a class card on paper, read by another package (unpdf)', () => {
  it('stands on one page of A4 with options, what is fetched when, and when the second foot begins', async () => {
    const { text, pages, width } = await pdf(`/api/classes/${workshop}/card.pdf`);
    expect(pages).toBe(1);
    expect(Math.round(width)).toBe(595);
    expect(text).toContain('Saturday workshop: the whole foot');
    expect(text).toMatch(/Put out: .*mat/);
    // the right foot leads
    expect(text).toMatch(/R then L, left from \d+:\d\d/);
    expect(text).toMatch(/easier: /);
    expect(text).toContain('stop and refer. Local rules come first.');
  });

  it('says under each foot in one word what it does, however narrow the picture', async () => {
    for (const size of ['usual', 'two', 'large']) {
      const { text } = await pdf(`/api/classes/${idOf('Thursday lunch: quiet ankles')}/card.pdf?size=${size}`);
      expect(text).toMatch(/works anchors/);
      // no hour is known, so the length is said once
      expect(text).not.toContain('· ends');
    }
  });

  it('says the time of day where it is known when the class starts', async () => {
    const { text } = await pdf(`/api/classes/${workshop}/card.pdf?starts=18:30`);
    expect(text).toContain('18:30:00');
    expect(text).toMatch(/ends 19:\d\d:\d\d/);
  });

  it('large, it goes on over several pages and says which is which', async () => {
    const { text, pages } = await pdf(`/api/classes/${workshop}/card.pdf?size=large`);
    expect(pages).toBeGreaterThan(2);
    for (let page = 1; page <= pages; page++) expect(text).toContain(`${page} of ${pages}`);
    // nothing is twice, and nothing is lost
    // what each foot does stands under its picture
    expect(times(text, 'works')).toBeGreaterThan(5);
    // the right foot leads: it works first, and stands on the right
    expect(text).toMatch(/(rests|stands) works/);
    const small = await pdf(`/api/classes/${workshop}/card.pdf`);
    expect(times(text, 'then L')).toBe(times(small.text, 'then L'));
    expect(times(text, ' from ')).toBe(times(small.text, ' from '));
  });

  it('two to a page, both are whole', async () => {
    const { text, pages, width } = await pdf(`/api/classes/${idOf('Five minutes before the reel')}/card.pdf?size=two`);
    expect(pages).toBe(1);
    expect(Math.round(width)).toBe(842);
    expect(times(text, 'Five minutes before the reel')).toBe(2);
    expect(times(text, 'stop and refer')).toBe(2);
  });

  it('brings its fonts along', async () => {
    const { raw } = await pdf(`/api/classes/${workshop}/card.pdf`);
    const words = raw.toString('latin1');
    expect(words).toContain('/FontFile');
    expect(words).not.toMatch(/\/BaseFont\s*\/Helvetica/);
  });

  it('an empty class has a card too, and a class that is none has none', async () => {
    here.server.classes.create({
      saveId: 'save-empty',
      plan: { ...here.server.classes.read(workshop).plan, id: 'class-empty', title: 'Nothing yet', blocks: [] },
    });
    expect((await pdf('/api/classes/class-empty/card.pdf')).text).toContain('Nothing yet');
    expect((await here.get('/api/classes/class-none/card.pdf')).status).toBe(404);
    expect((await here.get(`/api/classes/${workshop}/card.pdf?size=poster`)).status).toBe(422);
  });
});

describe('a running order as CSV, read by another package (papaparse)', () => {
  it('has a row for all that has a time, in the order in which it is taught', async () => {
    const { text, headers } = await request(here.app)
      .get(`/api/classes/${workshop}/order.csv`)
      .set('Host', '127.0.0.1:4310');
    expect(headers['content-type']).toContain('text/csv');
    const { data, errors, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(errors).toEqual([]);
    expect(meta.fields?.map((name) => name.replace(/^\uFEFF/, ''))).toEqual([...runningOrderColumns]);
    const starts = data.map((row) => Number(row['start s']));
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    const { plannedMs } = here.server.classes.summary(workshop);
    const last = data.at(-1);
    expect(Number(last?.['start s']) + Number(last?.['length s'])).toBeLessThanOrEqual(Math.round(plannedMs / 1000));
    expect(data.some((row) => row['second foot']?.startsWith('left from'))).toBe(true);
  });

  it('a note that a spreadsheet would take for a formula is none, and commas, quotes and lines stay', async () => {
    const { plan, version } = here.server.classes.read('class-empty');
    const note = '=1+1, "quoted"\nand a second line';
    const talk = { kind: 'talk' as const, id: 'item-talk', name: 'Shoes, off', seconds: 60, note };
    const model = here.server.classes.read(workshop).plan.blocks[0];
    if (!model) throw new Error('the workshop has a block');
    const blocks = [{ ...model, id: 'block-talk', items: [talk] }];
    here.server.classes.save('class-empty', { saveId: 'save-talk', basedOn: version, plan: { ...plan, blocks } });
    const { text } = await here.get('/api/classes/class-empty/order.csv');
    const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(data[0]).toMatchObject({ what: 'Shoes, off', note: `'${note}`, 'length s': '60' });
  });
});
