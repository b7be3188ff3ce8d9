import { directory } from '../../panel/directory';
import { found, planned, slotsOf, type InstalledBreaker } from '../../panel/spaces';
import { printNumber as n } from '../../units/number';
import type { Column, PictureBox } from '../../paper/pageFlow';
import type { Ink, PageItem } from '../../paper/pageSchema';
import type { Making } from './making';

const DIRECTORY: readonly Column[] = [
  { at: 0, face: 'figures' },
  { at: 0.16, face: 'figures' },
  { at: 0.34 },
  { at: 0.8 },
];
const ROW_HIGH = 9;
const FACE_WIDE = 150;
const FATE_INK: Readonly<Record<InstalledBreaker['fate'], Ink>> = {
  stays: 'ink',
  moved: 'copper',
  new: 'pasture',
};
const FATE: Readonly<Record<InstalledBreaker['fate'], string>> = { stays: '', moved: 'moved', new: 'new' };

/** The face of a panel: a box for each breaker where it stands, odd spaces at the left. */
function face(
  installed: readonly InstalledBreaker[],
  spaces: number,
  name: string,
  { x, y }: Pick<PictureBox, 'x' | 'y'>,
): readonly PageItem[] {
  const half = FACE_WIDE / 2;
  const high = (spaces / 2) * ROW_HIGH;
  const text = (at: readonly [number, number], words: string, ink: Ink, size = 6.5): PageItem => ({
    kind: 'text',
    x: at[0],
    y: at[1],
    text: words,
    face: 'figures',
    size,
    ink,
    align: 'left',
  });
  return [
    text([x, y + 8], name, 'quiet', 8),
    { kind: 'box', x, y: y + 12, wide: FACE_WIDE, high, fill: null, edge: 'ink' },
    ...installed.flatMap((each): readonly PageItem[] => {
      const slots = slotsOf(each);
      const first = Math.min(...slots);
      const left = x + (first % 2 === 1 ? 1 : half + 1);
      const halfHigh = each.place.half === null ? 1 : 0.5;
      const rows = (each.place.half === null ? slots.length : 1) * ROW_HIGH * halfHigh;
      const top =
        y + 12 + Math.floor((first - 1) / 2) * ROW_HIGH + (each.place.half === 'b' ? ROW_HIGH / 2 : 0);
      return [
        {
          kind: 'box',
          x: left,
          y: top + 0.5,
          wide: half - 2,
          high: rows - 1,
          fill: each.fate === 'stays' ? null : 'wash',
          edge: FATE_INK[each.fate],
        },
        ...(each.place.half === null
          ? [text([left + 3, top + rows / 2 + 2.3], `${first} ${n(each.amps)} A`, FATE_INK[each.fate])]
          : []),
      ];
    }),
  ];
}

/** The lines of a directory. */
function lines({ flow }: Making, name: string, installed: readonly InstalledBreaker[]): void {
  flow.head(name);
  for (const { installed: each, spaces, text } of directory(installed))
    flow.row(
      DIRECTORY,
      [
        spaces,
        `${n(each.amps)} A${each.poles === 2 ? ' 2P' : ''}`,
        text === '' ? '____________' : text,
        FATE[each.fate],
      ],
      { fact: { name: `${name}: ${spaces}`, value: `${text} ${n(each.amps)} A` } },
    );
}

/** Every panel as it will be and as it was found, drawn and as its directory. */
export function panelChapter(making: Making): void {
  const { flow, evaluation } = making;
  for (const { panel, wanted } of evaluation.panels) {
    const [was, will] = [found(panel), planned(panel, wanted)];
    flow.page('panel', `${panel.name}: directory`, panel.id);
    flow.picture((panel.spaces / 2) * ROW_HIGH + 16, ({ x, y }) => [
      ...face(will, panel.spaces, 'as it will be', { x, y }),
      ...face(was, panel.spaces, 'as found', { x: x + FACE_WIDE + 60, y }),
    ]);
    lines(making, 'As it will be', will);
    lines(making, 'As found', was);
  }
}
