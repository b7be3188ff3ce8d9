import type { Days } from '../../timing/daysDocument';

/** Two people from the day on which the lines in the ground are marked; the permit is there. */
export const DEMO_DAYS: Days = {
  from: '2026-03-16',
  hours: [7.5, 16],
  workdays: [1, 2, 3, 4, 5],
  people: 2,
  gates: [
    {
      id: 'permit',
      booked: null,
      until: null,
      passed: { by: 'Fallow County building office (made up)', at: '2026-03-12T10:00' },
      failed: '',
      photos: [],
    },
    {
      id: 'trench',
      booked: '2026-03-23T09:00',
      until: '2026-03-23T12:00',
      passed: null,
      failed: '',
      photos: [],
    },
    {
      id: 'rough-in',
      booked: '2026-03-23T09:00',
      until: '2026-03-23T12:00',
      passed: null,
      failed: '',
      photos: [],
    },
  ],
  moved: [],
  done: [],
  closed: [
    {
      id: 'painter',
      kind: 'trade',
      date: '2026-03-26',
      hours: [8, 16],
      place: 'house',
      note: 'patch and paint',
    },
    { id: 'rain', kind: 'rain', date: '2026-03-18', hours: [13, 16], place: null, note: '' },
  ],
  daylight: [7.25, 19.25],
  words: [],
};
