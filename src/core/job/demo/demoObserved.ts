import type { Observed } from '../observedDocument';

/** What was found in the demo house besides the work. */
export const DEMO_OBSERVED: readonly Observed[] = [
  {
    id: 'grounds-one-lug',
    condition: 'two-grounds',
    where: 'Panel in the basement, ground bar',
    note: 'Two grounds of the kitchen circuits under one screw; the bar is marked for one.',
    danger: false,
    told: 'Owner',
    toldOn: '2026-03-09',
    photos: [],
  },
  {
    id: 'attic-splice',
    condition: 'open-splice',
    where: 'Attic above the hall',
    note: 'Taped splice of an old lighting cable, no box.',
    danger: true,
    told: '',
    toldOn: null,
    photos: [],
  },
];
