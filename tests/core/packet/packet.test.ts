import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshJob } from '../../../src/core/job/freshJob';
import { PageFlow } from '../../../src/core/paper/pageFlow';
import type { JobEvaluation } from '../../../src/core/job/evaluateJob';
import { CHAPTER_NAME } from '../../../src/core/wording/packetWords';
import { packetChapters, packetPages } from '../../../src/core/packet/packetPages';
import type { PacketOrder } from '../../../src/core/packet/packetOrder';
import { chaptersOf } from '../../../src/core/paper/packetDocument';
import { CHAPTERS, READERS, type Reader } from '../../../src/core/paper/packetReaders';
import { PAPERS, printable, textRuns, textWidth, wrapped } from '../../../src/core/paper/pageScene';
import type { PacketPage, PageItem } from '../../../src/core/paper/pageSchema';
import { writePacket } from '../../../src/store/packet/packetPdf';
import { circuit } from '../../support/circuits';
import { pdfReader } from '../../support/pdf';

const { getDocument, OPS } = await pdfReader();

const EVALUATION = evaluateJob(demoJob);
const orderFor = (reader: Reader, paper: 'letter' | 'a4' = 'letter'): PacketOrder => ({
  reader,
  paper,
  date: '2026-10-14',
  chapters: chaptersOf([], reader),
  leftOff: null,
});
const order = orderFor('inspector');
const pagesOf = (evaluation: JobEvaluation, own: PacketOrder): readonly PacketPage[] =>
  packetPages(evaluation, packetChapters(evaluation, own.paper), own);
const textsOf = ({ items }: PacketPage): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));

/** How far down something reaches. */
function lowest(item: PageItem): number {
  switch (item.kind) {
    case 'text':
      return item.y;
    case 'line':
      return Math.max(...item.points.map(([, y]) => y));
    default:
      return item.y + item.high;
  }
}

describe('the pages of a packet', () => {
  test.each(READERS)(
    'for the %s: their chapters in order, nothing past the edge, numbered through',
    (reader) => {
      for (const paper of ['letter', 'a4'] as const) {
        const pages = pagesOf(EVALUATION, orderFor(reader, paper));
        const chapters = [...new Set(pages.map(({ chapter }) => chapter))];
        expect(chapters).toEqual(chaptersOf([], reader).filter((chapter) => chapters.includes(chapter)));
        const [wide, high] = PAPERS[paper];
        for (const [at, page] of pages.entries()) {
          expect(textsOf(page)).toContain(`page ${at + 1} of ${pages.length}`);
          for (const item of page.items) {
            expect(lowest(item), `${page.title}: ${item.kind}`).toBeLessThanOrEqual(high - 48);
            if (item.kind !== 'text') continue;
            const end = item.align === 'left' ? item.x + textWidth(item.text, item.face, item.size) : item.x;
            expect(end, `${page.title}: ${item.text}`).toBeLessThanOrEqual(wide - 40);
            expect(item.y).toBeLessThanOrEqual(high - 40);
          }
        }
      }
    },
  );

  test('contents lead to the page that bears their title', () => {
    const pages = pagesOf(EVALUATION, order);
    const [cover] = pages;
    const links = cover?.items.flatMap((item) => (item.kind === 'link' ? [item] : [])) ?? [];
    expect(links.length).toBeGreaterThan(12);
    for (const link of links) {
      const title = cover?.items.find((item) => item.kind === 'text' && Math.abs(item.y - 9 - link.y) < 0.01);
      const said = title?.kind === 'text' ? title.text : '';
      const { title: there, chapter } = pages[link.to - 1] ?? { title: '', chapter: 'cover' };
      // A chapter with a page for every circuit is told by its name, and leads to its first page.
      expect([there, CHAPTER_NAME[chapter]]).toContain(said);
      expect(pages.findIndex((page) => page.title === there)).toBe(link.to - 1);
    }
  });

  test('what is open, the figures, and what was read stand there as on the screen', () => {
    const all = pagesOf(EVALUATION, order).flatMap(textsOf);
    expect(all).toContain('50 A 2P × 6 AWG THWN-2');
    expect(all).toContain('114.6 V');
    expect(all.join(' ')).toContain('6 AWG NM-B carries 55 A');
  });

  test('an empty job has its cover, no circuit, and says what is not there', () => {
    const pages = pagesOf(evaluateJob(freshJob('a', 'Nothing yet')), order);
    expect(pages[0]?.title).toBe('Nothing yet');
    expect(pages.some(({ chapter }) => chapter === 'circuits')).toBe(false);
    const [cover] = pages.map(textsOf);
    expect(cover).toEqual(expect.arrayContaining(['Circuits', 'waits for the first circuit']));
    expect(cover).toEqual(expect.arrayContaining(['Bonding', 'no pool, spa or tub in the yard']));
    expect(cover).not.toContain('Wiring');
    expect(pages.flatMap(textsOf)).toContain('No question was answered yet.');
  });
});

describe('words on a page', () => {
  test('signs that no face has are a question mark, never nothing', () => {
    expect(printable('≤ 25 Ω, 3/4″ → 日本')).toBe('≤ 25 Ω, 3/4″ → ??');
    expect(textRuns('≤ 25', 'words', 10).map(({ font, text }) => [font, text])).toEqual([
      ['signs', '≤'],
      ['words', ' 25'],
    ]);
  });

  test('lines are no wider than they may be, and lose no word', () => {
    const text = 'Prove the tester live, prove the conductors dead, prove the tester live again.';
    const lines = wrapped(text, 'words', 9.5, 120);
    expect(lines.join(' ')).toBe(text);
    for (const line of lines) expect(textWidth(line, 'words', 9.5)).toBeLessThanOrEqual(120);
    expect(wrapped('', 'words', 9.5, 120)).toEqual([]);
  });

  test('a picture that does not fit begins the next page, whole', () => {
    const flow = new PageFlow('letter');
    flow.page('circuits', 'Run');
    for (let at = 0; at < 30; at += 1) flow.say(`Line ${at}`);
    const tops: number[] = [];
    flow.picture(300, ({ y, high }) => {
      tops.push(y + high);
      return [];
    });
    flow.say('After it');
    expect(flow.pages().map(({ title }) => title)).toEqual(['Run', 'Run, continued']);
    expect(tops[0]).toBeLessThan(500);
  });

  test('what does not fit goes on on another page under its title', () => {
    const flow = new PageFlow('letter');
    flow.page('open', 'Long');
    for (let at = 0; at < 100; at += 1) flow.say(`Line ${at}`);
    const pages = flow.pages();
    expect(pages.map(({ title }) => title)).toEqual(['Long', 'Long, continued', 'Long, continued']);
    expect(pages.flatMap(textsOf).filter((text) => text.startsWith('Line'))).toHaveLength(100);
  });
});

const font = (name: string): string => readFileSync(`src/store/packet/fonts/${name}.ttf`).toString('base64');
const fonts = {
  words: font('words'),
  strong: font('strong'),
  figures: font('figures'),
  signs: font('signs'),
};

function written(pages: readonly PacketPage[], photos: Readonly<Record<string, string>> = {}): Uint8Array {
  const steps = writePacket(pages, { fonts, photos }, { title: 'A job', paper: 'letter', date: order.date });
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return new Uint8Array(step.value);
}

describe('the PDF', () => {
  test('the same pages give the same bytes', () => {
    const pages = pagesOf(EVALUATION, order);
    expect(Buffer.from(written(pages)).equals(Buffer.from(written(pages)))).toBe(true);
  });

  test('every text of every page is read back from it, with signs that the faces lack', async () => {
    const named = evaluateJob({ ...demoJob, circuits: [circuit({ id: 'x', name: 'Oven ≤ 25 Ω, 1½ ft' })] });
    const [pool, ...waters] = demoJob.yard.waters;
    const foreign = evaluateJob({
      ...demoJob,
      yard: { ...demoJob.yard, waters: [{ ...pool!, name: 'プール' }, ...waters] },
      circuits: demoJob.circuits.slice(0, 1).map((each) => ({ ...each, name: `${each.name} 日本` })),
    });
    // The next electrician has every chapter but the days.
    const all: readonly (readonly [JobEvaluation, PacketOrder])[] = [
      [
        evaluateJob({ ...demoJob, circuits: demoJob.circuits.slice(0, 4) }),
        { ...orderFor('next-electrician'), chapters: CHAPTERS },
      ],
      [named, order],
      [foreign, { ...orderFor('next-trade'), chapters: CHAPTERS }],
    ];
    for (const [evaluation, own] of all) {
      const pages = pagesOf(evaluation, own);
      const pdf = await getDocument({ data: written(pages), useSystemFonts: false }).promise;
      expect(pdf.numPages).toBe(pages.length);
      const { info } = (await pdf.getMetadata()) as {
        readonly info: { readonly Title?: string; readonly Language?: string };
      };
      expect(info).toMatchObject({ Title: 'A job', Language: 'en-US' });
      for (const [at, page] of pages.entries()) {
        const content = await (await pdf.getPage(at + 1)).getTextContent();
        const read = content.items
          .map((item) => ('str' in item ? item.str : ''))
          .join('')
          .replace(/\s/g, '');
        for (const text of textsOf(page)) expect(read, page.title).toContain(text.replace(/\s/g, ''));
      }
      expect((await pdf.getOutline()).length).toBeGreaterThan(3);
    }
  });

  test('a photograph stands in it once, as large as its place allows; without one there is an empty frame', async () => {
    // One red pixel.
    const dot =
      'data:image/jpeg;base64,/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDAFA3PEY8MlBGQUZaVVBfeMiCeG5uePWvuZHI////////////////////////////////////////////////////2wBDAVVaWnhpeOuCguv/////////////////////////////////////////////////////////////////////////wAARCAABAAEDASIAAhEBAxEB/8QAFQABAQAAAAAAAAAAAAAAAAAAAAP/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/8QAFQEBAQAAAAAAAAAAAAAAAAAAAwT/xAAUEQEAAAAAAAAAAAAAAAAAAAAA/9oADAMBAAIRAxEAPwCQA1j/2Q==';
    const [first, ...rest] = demoJob.circuits;
    const circuits = [{ ...first!, photos: [{ id: 'trench', caption: 'open trench' }] }, ...rest];
    const own = { ...order, chapters: ['cover', 'photos'] as const };
    const pages = pagesOf(evaluateJob({ ...demoJob, circuits }), own);
    expect(pages.flatMap(textsOf)).toContain('EV charger, carport: open trench');
    const photo = pages.flatMap(({ items }) => items.filter(({ kind }) => kind === 'photo'));
    expect(photo).toEqual([expect.objectContaining({ id: 'trench' })]);
    const withIt = written(pages, { trench: dot });
    expect(Buffer.from(withIt).equals(Buffer.from(written(pages, { trench: dot })))).toBe(true);
    const images = async (data: Uint8Array): Promise<number> => {
      const page = await (await getDocument({ data, useSystemFonts: false }).promise).getPage(2);
      const { fnArray } = await page.getOperatorList();
      return fnArray.filter((each) => each === OPS.paintImageXObject).length;
    };
    expect(await images(withIt)).toBe(1);
    expect(await images(written(pages))).toBe(0);
  });
});
