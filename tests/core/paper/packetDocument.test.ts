import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  chapterOrder,
  chaptersOf,
  isChosen,
  packetDocument,
  withChapter,
  withOrder,
  type Packets,
} from '../../../src/core/paper/packetDocument';
import { CHAPTERS, isFor, READERS } from '../../../src/core/paper/packetReaders';

const reader = fc.constantFrom(...READERS);
const chapter = fc.constantFrom(...CHAPTERS);
const edit = fc.oneof(
  fc.tuple(reader, chapter).map(
    ([who, what]) =>
      (packets: Packets) =>
        withChapter(packets, who, what),
  ),
  fc.tuple(reader, chapter, fc.integer({ min: -3, max: 20 })).map(
    ([who, what, to]) =>
      (packets: Packets) =>
        withOrder(packets, who, what, to),
  ),
);

describe('what goes into a packet', () => {
  test('until it is chosen: the usual chapters in the usual order', () => {
    for (const each of READERS) {
      expect(chapterOrder([], each)).toEqual(CHAPTERS);
      expect(chaptersOf([], each)).toEqual(CHAPTERS.filter((one) => isFor(one, each)));
    }
    expect(chaptersOf([], 'next-trade')).toEqual([
      'cover',
      'panel',
      'bonding',
      'wiring',
      'checks',
      'cautions',
    ]);
  });

  test('after any edits every chapter stands once, the cover first and in, and the document is valid', () => {
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 12 }), (edits) => {
        const packets = edits.reduce<Packets>((acc, change) => change(acc), []);
        expect(packetDocument.schema.safeParse(packets).success).toBe(true);
        for (const each of READERS) {
          const order = chapterOrder(packets, each);
          expect(order.toSorted()).toEqual([...CHAPTERS].toSorted());
          expect(order[0]).toBe('cover');
          expect(isChosen(packets, each, 'cover')).toBe(true);
          expect(chaptersOf(packets, each)).toEqual(order.filter((one) => isChosen(packets, each, one)));
        }
      }),
    );
  });

  test('put in and left out for one reader alone; twice is as it was', () => {
    const once = withChapter([], 'owner', 'wiring');
    expect(chaptersOf(once, 'owner')).toContain('wiring');
    expect(chaptersOf(once, 'inspector')).toEqual(chaptersOf([], 'inspector'));
    expect(chaptersOf(withChapter(once, 'owner', 'wiring'), 'owner')).toEqual(chaptersOf([], 'owner'));
  });

  test('a chapter is moved to its place, never before the cover', () => {
    const moved = withOrder([], 'inspector', 'panel', 0);
    expect(chapterOrder(moved, 'inspector').slice(0, 3)).toEqual(['cover', 'panel', 'open']);
    expect(chapterOrder(withOrder(moved, 'inspector', 'panel', 99), 'inspector').at(-1)).toBe('panel');
    expect(withOrder([], 'inspector', 'cover', 4)).toEqual([]);
  });

  test('a chapter that an older document does not name stands where it usually does', () => {
    const old: Packets = [{ id: 'owner', order: ['cover', 'checks', 'panel'], chosen: ['checks'] }];
    const order = chapterOrder(old, 'owner');
    expect(order.indexOf('checks')).toBeLessThan(order.indexOf('panel'));
    expect(order.indexOf('bonding')).toBe(order.indexOf('panel') + 1);
    expect(order.indexOf('open')).toBe(1);
  });
});
