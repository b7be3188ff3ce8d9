import type { FamilyId } from '../../core/appliances/registry';

/** A mark of 24 by 24: its body, its lines, what is solid, and where current goes. */
export interface FamilyMarkPaths {
  readonly body: string;
  readonly lines?: string;
  readonly solid?: string;
  readonly copper?: string;
}

/** The mark of every family, drawn for its size: what tells it apart by outline comes first. */
export const familyMarks: Readonly<Record<FamilyId, FamilyMarkPaths>> = {
  ev: {
    body: 'M4 3h7v11h-7z',
    lines: 'M7.5 14v4q0 3 4.5 3t4.5-3v-5M3 1v22',
    solid: 'M14 7h5v6h-5z',
    copper: 'M6 6.5h3',
  },
  'hot-tub': {
    body: 'M3 8h15v13h-15z',
    lines: 'M6 9l1 4h3l1 3h3l1-6M18 21h4v-4h-4',
    solid: 'M2 5.5h17v2.5h-17z',
  },
  'pool-pump': {
    body: 'M14 21v-11q0-4 4-4t4 4v11zM2 13h8v6h-8z',
    lines: 'M4 14.5v3M6 14.5v3M8 14.5v3M10 16h4M14 14h8',
    solid: 'M1 21h22v1.8h-22z',
  },
  'pool-heater': {
    body: 'M3 6h15v15h-15z',
    lines: 'M6 9v8M9 9v8M12 9v8M15 9v8M18 15h4M18 18h4M6 6q4.5-5 9 0',
  },
  range: {
    body: 'M4 8h16v14h-16z',
    lines: 'M4 11.5h16M7 14h10v5h-10z',
    solid: 'M4 3h2v5h-2z',
    copper: 'M8 6h4M14 6h4',
  },
  'cooktop-oven': {
    body: 'M2 12h9v10h-9zM12.5 2h9.5v20h-9.5z',
    lines: 'M14.5 9h5.5v6h-5.5zM12.5 18h9.5M12.5 6h9.5',
    solid: 'M1.5 10h10v2h-10z',
    copper: 'M3 8h3M7.5 8h3',
  },
  dryer: {
    body: 'M3 5h15v17h-15zM10.5 9.5a4.5 4.5 0 1 0 .01 0z',
    lines: 'M3 8h15M18 19h3.5v-17',
  },
  'water-heater': {
    body: 'M6 22v-13q0-4 6-4t6 4v13z',
    lines: 'M9 6v-5M15 6v-5M18 11h3v9',
    copper: 'M10 10h4v3h-4zM10 16h4v3h-4z',
  },
  'mini-split': {
    body: 'M2 8h17v12h-17zM9 10a4 4 0 1 0 .01 0z',
    lines: 'M15.5 8v12M5 20v2.5M16 20v2.5M19 17h3.5v-15M5 14h8M9 10v8',
  },
  'room-ac': {
    body: 'M2 8h20v9h-20z',
    lines: 'M4 10.5h11M4 12.5h11M4 14.5h11M18 8v9M18 2v6M18 17v6',
  },
  welder: {
    body: 'M2 7h11v11h-11zM5 18.5a2 2 0 1 0 .01 0zM10 18.5a2 2 0 1 0 .01 0z',
    lines: 'M4 10h7M4 13h4M13 13q4 0 4 4t3-1M2 7v-3h4',
    copper: 'M20 16l2.5-8',
  },
  motor: {
    body: 'M5 13h14q3 0 3 3.5t-3 3.5h-14q-3 0-3-3.5t3-3.5zM3 6h7v6h-7zM16 4a4 4 0 1 0 .01 0z',
    lines: 'M6 20v3M18 20v3M10 7l6-3M10 11l6 1',
  },
  kiln: {
    body: 'M4 7h13v12h-13z',
    lines: 'M6.5 19v3.5M14.5 19v3.5',
    solid: 'M3 4h15v3h-15zM18 10h3.5v6h-3.5z',
    copper: 'M6.5 10h8M6.5 13h8M6.5 16h8',
  },
  'well-pump': {
    body: 'M8 4h7v19h-7z',
    lines: 'M1 9h7M15 9h8M11.5 14v-2h11',
    solid: 'M6.5 1.5h10v2.5h-10zM10 16h3v5.5h-3z',
  },
  rv: {
    body: 'M4 9h11v8h-11z',
    lines: 'M9.5 17v6M12 13q7 0 6 5t5 4',
    solid: 'M2.5 8.5v-2.5l14-3v5.5zM9.5 10.5a2.4 2.4 0 1 0 .01 0z',
  },
  receptacle: {
    body: 'M5 4h14v16h-14z',
    lines: 'M9.5 8v3.5M14.5 8v3.5M12 14v2.5',
  },
  feeder: {
    body: 'M5 2h14v16h-14z',
    lines: 'M12 18v5.5',
    solid:
      'M10 4h4v2.5h-4zM7.5 9h3.5v1.6h-3.5zM13 9h3.5v1.6h-3.5zM7.5 12h3.5v1.6h-3.5zM13 12h3.5v1.6h-3.5zM7.5 15h3.5v1.6h-3.5z',
  },
  mix: {
    body: 'M3 4h18v16h-18z',
    lines: 'M12 4v16',
    copper: 'M6 8h3M6 12h3M6 16h3M15 10h3M15 14h3',
  },
  load: {
    body: 'M5 4h14v16h-14z',
    copper: 'M9 8v8M12 8v8M15 8v8',
  },
};
