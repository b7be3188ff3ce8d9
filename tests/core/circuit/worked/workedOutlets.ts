import type { WorkedFamily } from './workedFamily';

/** Chargers, outlets, feeders and plain loads. */
export const workedOutlets: readonly WorkedFamily[] = [
  {
    family: 'ev',
    what: '48 A charger, hardwired, 62 ft of NM-B indoors',
    byHand:
      '48 A × 1.25 = 60 A. NM-B is held to 60 °C: 6 AWG 55 A, 4 AWG 70 A. Ground of the table 10 AWG; NM-B 4/3 has 8 AWG. 2 × 48 A × 62 ft × 0.31 Ω/kft = 1.85 V.',
    plate: { outputAmps: 48, volts: 240, connection: 'hardwired' },
    run: { lengthFt: 62 },
    part: {},
    sheet: {
      load: '48 A; 625.42',
      breaker: '60 A 2P; 210.20(A); 240.6(A)',
      conductor: '4 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.8 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: 'none; 625.43',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: BARE 8 load-ground, BK 4 load-1, RD 4 load-2, WH 4 capped | panel: BARE 8 bonded-bar, BK 4 breaker-1, RD 4 breaker-2, WH 4 capped',
      found: '',
    },
    differs: {
      '2017': {
        conductor: '4 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4' },
    },
  },
  {
    family: 'rv',
    what: '50 A trailer outlet, 80 ft of PVC in the ground',
    byHand:
      '50 A outlet: 8 AWG 50 A at 75 °C. Fill 3 × 0.0366 + 0.0211 = 0.131 in²: 1/2 holds 0.114, 3/4 0.203. 2 × 50 A × 80 ft × 0.78 Ω/kft = 6.24 V.',
    plate: { amps: 50, poles: 2 },
    run: { lengthFt: 80, method: 'pvc40', place: 'underground' },
    part: {},
    sheet: {
      load: '50 A; 551.71?',
      breaker: '50 A 2P; 210.20(A); 110.3(B)',
      conductor: '8 AWG; 210.19(A)(1); Table 310.16; 110.14(C)(1)',
      ground: '10 AWG; Table 250.122',
      raceway: '3/4 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1; 300.17',
      drop: '2.6 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '14-50',
      protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 110.3(B)',
      landings:
        'load: GN 10 load-ground, WH 8 load-neutral, BK 8 load-1, RD 8 load-2 | panel: GN 10 bonded-bar, WH 8 device-neutral, WH 14 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
      found: 'note gfci.required 210.8(A)',
    },
    differs: {
      '2017': {
        conductor: '8 AWG; 210.19(A)(1); Table 310.15(B)(16); 110.14(C)(1)',
        protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
        landings:
          'load: GN 10 load-ground, WH 8 load-neutral, BK 8 load-1, RD 8 load-2 | panel: GN 10 bonded-bar, WH 8 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
        found: '',
      },
      '2026': { found: 'ask edition.unverified 90.4, note gfci.required 210.8(A)' },
    },
  },
  {
    family: 'receptacle',
    what: 'two 20 A receptacles in an attached garage, 40 ft of NM-B',
    byHand: '20 A at 120 V: NM-B 12/2. 80 % of it over 40 ft: 2 × 16 A × 40 ft × 2.0 Ω/kft = 2.56 V.',
    plate: { amps: 20, count: 2, place: 'garage' },
    run: { lengthFt: 40 },
    part: { site: { building: 'attached-garage' } },
    sheet: {
      load: '20 A; 210.23',
      breaker: '20 A 1P; 210.20(A); 110.3(B)',
      conductor: '12 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '12 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '2.1 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '5-20',
      protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 110.3(B)',
      landings:
        'load: BARE 12 load-ground, WH 12 load-neutral, BK 12 load-1 | panel: BARE 12 bonded-bar, WH 12 bonded-bar, BK 12 breaker-1',
      found: 'note gfci.required 210.8(A)',
    },
    differs: {
      '2017': {
        conductor: '12 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4, note gfci.required 210.8(A)' },
    },
  },
  {
    family: 'feeder',
    what: '14,400 VA, 9,600 VA continuous, 40 ft of EMT to a subpanel',
    byHand:
      '9,600 / 240 = 40 A × 1.25 + 20 A = 70 A: 6 AWG 65 A, 4 AWG 85 A at 75 °C. Ground 8 AWG. Fill 3 × 0.0824 + 0.0366 = 0.284 in²: 1 in holds 0.346, a size up for stiff wire. 2 × 60 A × 40 ft × 0.31 Ω/kft = 1.49 V.',
    plate: {
      loadVA: 14400,
      continuousVA: 9600,
      volts: 240,
      neutral: true,
      building: 'same',
      wires: 4,
      surge: true,
    },
    run: { lengthFt: 40, method: 'emt' },
    part: {},
    sheet: {
      load: '60 A; 215.2(A)(1)',
      breaker: '70 A 2P; 215.3; 240.6(A)',
      conductor: '4 AWG; 215.2(A)(1); Table 310.16; 110.14(C)(1)',
      ground: '8 AWG; Table 250.122',
      raceway: '1-1/4 EMT; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1; 300.17',
      drop: '0.6 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: 'none',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: GN 8 load-ground, WH 4 load-neutral, BK 4 load-1, RD 4 load-2 | panel: GN 8 bonded-bar, WH 4 bonded-bar, BK 4 breaker-1, RD 4 breaker-2',
      found: '',
    },
    differs: {
      '2017': { conductor: '4 AWG; 215.2(A)(1); Table 310.15(B)(16); 110.14(C)(1)' },
      '2026': { found: 'ask edition.unverified 90.4' },
    },
  },
  {
    family: 'mix',
    what: 'heater 15 A on both legs and lights 8 A on one, 40 ft of NM-B',
    byHand:
      'Heavier leg: 15 A × 1.25 + 8 A = 26.8 A; 30 A on NM-B 10/3. 2 × 23 A × 40 ft × 1.2 Ω/kft = 2.21 V.',
    plate: {
      loads: [
        { what: 'Heater', amps: 15, leg: 'both', continuous: true },
        { what: 'Lights', amps: 8, leg: 'A', continuous: false },
      ],
      volts: 240,
      neutral: true,
    },
    run: { lengthFt: 40 },
    part: {},
    sheet: {
      load: '26.8 A; 210.19(A)(1)',
      breaker: '30 A 2P; 210.20(A); 240.6(A)',
      conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.9 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: 'ask; 110.3(B)',
      protection: 'ask; 210.12; 210.8(A)',
      landings:
        'load: BARE 10 load-ground, WH 10 load-neutral, BK 10 load-1, RD 10 load-2 | panel: BARE 10 bonded-bar, WH 10 bonded-bar, BK 10 breaker-1, RD 10 breaker-2',
      found: 'ask disconnect.ask 110.3(B), ask gfci.ask 210.8(A)',
    },
    differs: {
      '2017': {
        conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4, ask disconnect.ask 110.3(B), ask gfci.ask 210.8(A)' },
    },
  },
  {
    family: 'load',
    what: '24 A continuous, 40 ft of NM-B',
    byHand: '24 A × 1.25 = 30 A: NM-B 10/2, 30 A at 60 °C. 2 × 24 A × 40 ft × 1.2 Ω/kft = 2.30 V.',
    plate: { amps: 24, continuousAmps: 24, volts: 240, neutral: false },
    run: { lengthFt: 40 },
    part: {},
    sheet: {
      load: '24 A; 110.3(B)',
      breaker: '30 A 2P; 210.20(A); 240.6(A)',
      conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '1.0 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: 'ask; 110.3(B)',
      protection: 'ask; 210.12; 210.8(A)',
      landings:
        'load: BARE 10 load-ground, BK 10 load-1, WH as RD 10 load-2 | panel: BARE 10 bonded-bar, BK 10 breaker-1, WH as RD 10 breaker-2',
      found: 'ask disconnect.ask 110.3(B), ask gfci.ask 210.8(A)',
    },
    differs: {
      '2017': {
        conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4, ask disconnect.ask 110.3(B), ask gfci.ask 210.8(A)' },
    },
  },
];
