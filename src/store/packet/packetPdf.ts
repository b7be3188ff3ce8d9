import { jsPDF } from 'jspdf';
import { INK_COLOR, isContinued, PAPERS, textRuns } from '../../core/paper/pageScene';
import type { PacketPage, PageItem, Paper } from '../../core/paper/pageSchema';

/** The fonts of a packet as base64 of their files. */
export type PacketFonts = Readonly<Record<'words' | 'strong' | 'figures' | 'signs', string>>;

/** What pages bear besides their words and lines: fonts, and photographs as data URLs by their ids. */
export interface PacketAssets {
  readonly fonts: PacketFonts;
  readonly photos: Readonly<Record<string, string>>;
}

/** What a packet is called, and the moment that it bears: the same for the same job, so that its bytes are the same. */
export interface PacketFacts {
  readonly title: string;
  readonly paper: Paper;
  readonly date: string;
}

/** Nothing of chance in a file: its id is made of its title and its date. */
const idOf = ({ title, date }: PacketFacts): string => {
  let hash = 0;
  for (const sign of `${title} ${date}`) hash = (Math.imul(hash, 31) + (sign.codePointAt(0) ?? 0)) >>> 0;
  return hash.toString(16).toUpperCase().padStart(32, '0');
};

function drawText(doc: jsPDF, item: Extract<PageItem, { kind: 'text' }>): void {
  const runs = textRuns(item.text, item.face, item.size);
  const wide = runs.reduce((sum, run) => sum + run.wide, 0);
  let x = item.x - wide * { left: 0, middle: 0.5, right: 1 }[item.align];
  doc.setFontSize(item.size);
  doc.setTextColor(INK_COLOR[item.ink]);
  for (const run of runs) {
    doc.setFont(run.font, 'normal');
    doc.text(run.text, x, item.y);
    x += run.wide;
  }
}

function drawLine(doc: jsPDF, { points, ink, width }: Extract<PageItem, { kind: 'line' }>): void {
  const [first, ...rest] = points;
  if (first === undefined) return;
  doc.setDrawColor(INK_COLOR[ink]);
  doc.setLineWidth(width);
  doc.setLineJoin('round');
  doc.moveTo(first[0], first[1]);
  for (const [x, y] of rest) doc.lineTo(x, y);
  doc.stroke();
}

/** What a picture is; undefined where it is damaged: a packet goes on without it. */
function propertiesOf(doc: jsPDF, picture: string) {
  try {
    const own = doc.getImageProperties(picture);
    return own.width > 0 && own.height > 0 ? own : undefined;
  } catch {
    return undefined;
  }
}

/** A photograph within its box, as large as it fits; a frame where it is not there. */
function drawPhoto(
  doc: jsPDF,
  { x, y, wide, high, id }: Extract<PageItem, { kind: 'photo' }>,
  photos: PacketAssets['photos'],
): void {
  const picture = photos[id];
  const own = picture === undefined ? undefined : propertiesOf(doc, picture);
  if (picture === undefined || own === undefined) {
    doc.setDrawColor(INK_COLOR.rule);
    doc.rect(x, y, wide, high, 'S');
    return;
  }
  const scale = Math.min(wide / own.width, high / own.height);
  const size = [own.width * scale, own.height * scale] as const;
  // Its own id names it in the file, so that the same pages give the same bytes.
  doc.addImage(picture, own.fileType, x, y, size[0], size[1], id, 'NONE');
}

function draw(doc: jsPDF, item: PageItem, photos: PacketAssets['photos']): void {
  switch (item.kind) {
    case 'text':
      drawText(doc, item);
      return;
    case 'line':
      drawLine(doc, item);
      return;
    case 'box':
      if (item.fill !== null) doc.setFillColor(INK_COLOR[item.fill]);
      if (item.edge !== null) doc.setDrawColor(INK_COLOR[item.edge]);
      doc.rect(
        item.x,
        item.y,
        item.wide,
        item.high,
        item.fill === null ? 'S' : item.edge === null ? 'F' : 'FD',
      );
      return;
    case 'photo':
      drawPhoto(doc, item, photos);
      return;
    case 'link':
      doc.link(item.x, item.y, item.wide, item.high, { pageNumber: item.to });
      return;
  }
}

/** Pages written one after the other; each is told by its number. */
export function* writePacket(
  pages: readonly PacketPage[],
  { fonts, photos }: PacketAssets,
  facts: PacketFacts,
): Generator<number, ArrayBuffer> {
  const doc = new jsPDF({
    unit: 'pt',
    format: [...PAPERS[facts.paper]],
    compress: true,
    putOnlyUsedFonts: true,
  });
  doc.setCreationDate(new Date(`${facts.date}T00:00:00Z`));
  doc.setFileId(idOf(facts));
  doc.setDocumentProperties({ title: facts.title, creator: 'Pasture' });
  doc.setLanguage('en-US');
  for (const [name, bytes] of Object.entries(fonts)) {
    doc.addFileToVFS(`${name}.ttf`, bytes);
    doc.addFont(`${name}.ttf`, name, 'normal');
  }
  for (const [at, page] of pages.entries()) {
    if (at > 0) doc.addPage([...PAPERS[facts.paper]]);
    for (const item of page.items) draw(doc, item, photos);
    if (!isContinued(page)) doc.outline.add(null, page.title, { pageNumber: at + 1 });
    yield (at + 1) / pages.length;
  }
  return doc.output('arraybuffer');
}
