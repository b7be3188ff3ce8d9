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
      passed: { by: 'Fallow County building office (made up)', at: '2026-03-12T10:00' },
      failed: '',
    },
    { id: 'rough-in', booked: '2026-03-23T09:00', passed: null, failed: '' },
  ],
  moved: [],
  done: [],
};
