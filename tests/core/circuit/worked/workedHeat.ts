import type { WorkedFamily } from './workedFamily';

/** Families that heat and cook. */
export const workedHeat: readonly WorkedFamily[] = [
  {
    family: 'range',
    what: '12 kW range, 35 ft of NM-B',
    byHand:
      '12 kW: column C, 8 kW; 8,000 / 240 = 33.3 A; 40 A. NM-B 8/3 40 A at 60 °C. 2 × 33.3 A × 35 ft × 0.78 Ω/kft = 1.82 V.',
    plate: { kw: 12, volts: 240, connection: 'receptacle' },
    run: { lengthFt: 35 },
    part: { site: { room: 'kitchen' } },
    sheet: {
      load: '33.3 A; Table 220.55; 220.55',
      breaker: '40 A 2P; 210.20(A); 210.18',
      conductor: '8 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.8 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '14-50; 422.33(A)',
      protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 210.8(D); 110.3(B)',
      landings:
        'load: BARE 10 load-ground, WH 8 load-neutral, BK 8 load-1, RD 8 load-2 | panel: BARE 10 bonded-bar, WH 8 device-neutral, WH 14 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
      found: 'note gfci.required 210.8(A), note gfci.required 210.8(D)',
    },
    differs: {
      '2017': {
        breaker: '40 A 2P; 210.20(A); 210.3?',
        conductor: '8 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
        protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
        landings:
          'load: BARE 10 load-ground, WH 8 load-neutral, BK 8 load-1, RD 8 load-2 | panel: BARE 10 bonded-bar, WH 8 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
        found: '',
      },
      '2020': {
        protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
        landings:
          'load: BARE 10 load-ground, WH 8 load-neutral, BK 8 load-1, RD 8 load-2 | panel: BARE 10 bonded-bar, WH 8 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
        found: '',
      },
      '2026': {
        load: '33.3 A; Table 120.55; 120.55',
        found: 'ask edition.unverified 90.4, note gfci.required 210.8(A), note gfci.required 210.8(D)',
      },
    },
  },
  {
    family: 'cooktop-oven',
    what: 'cooktop 6.6 kW and oven 4.2 kW, 40 ft of NM-B',
    byHand:
      '6.6 + 4.2 = 10.8 kW by Note 4 as one range: 8 kW, 33.3 A. Taps of 20 A need a 50 A branch: NM-B 6/3, 55 A at 60 °C. 2 × 33.3 A × 40 ft × 0.49 Ω/kft = 1.31 V.',
    plate: { kw: [6.6, 4.2], volts: 240 },
    run: { lengthFt: 40 },
    part: { site: { room: 'kitchen', lockable: true } },
    sheet: {
      load: '33.3 A; Table 220.55; 210.19(C) Ex. 1?; 220.55',
      breaker: '50 A 2P; 210.20(A); 210.18',
      conductor: '6 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.5 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '50 A; 422.31',
      protection: 'GFCI; 210.12; 210.8(D); 110.3(B)',
      landings:
        'load: BARE 10 load-ground, WH 6 load-neutral, BK 6 load-1, RD 6 load-2 | panel: BARE 10 bonded-bar, WH 6 device-neutral, WH 14 bonded-bar, BK 6 breaker-1, RD 6 breaker-2',
      found: 'note load.taps 210.19(C) Ex. 1?, note gfci.required 210.8(D)',
    },
    differs: {
      '2017': {
        load: '33.3 A; Table 220.55; 210.19(A)(3) Ex. 1?; 220.55',
        breaker: '50 A 2P; 210.20(A); 210.3?',
        conductor: '6 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
        protection: 'none; 210.12; 210.8(A)',
        landings:
          'load: BARE 10 load-ground, WH 6 load-neutral, BK 6 load-1, RD 6 load-2 | panel: BARE 10 bonded-bar, WH 6 bonded-bar, BK 6 breaker-1, RD 6 breaker-2',
        found: 'note load.taps 210.19(A)(3) Ex. 1?',
      },
      '2020': {
        load: '33.3 A; Table 220.55; 210.19(A)(3) Ex. 1?; 220.55',
        protection: 'none; 210.12; 210.8(A)',
        landings:
          'load: BARE 10 load-ground, WH 6 load-neutral, BK 6 load-1, RD 6 load-2 | panel: BARE 10 bonded-bar, WH 6 bonded-bar, BK 6 breaker-1, RD 6 breaker-2',
        found: 'note load.taps 210.19(A)(3) Ex. 1?',
      },
      '2026': {
        load: '33.3 A; Table 120.55; 210.19(C) Ex. 1; 120.55',
        found: 'note load.taps 210.19(C) Ex. 1, ask edition.unverified 90.4, note gfci.required 210.8(D)',
      },
    },
  },
  {
    family: 'dryer',
    what: '5 kW dryer, 30 ft of NM-B',
    byHand:
      '5,000 / 240 = 20.8 A; 30 A on NM-B 10/3, four wires to a 14-30. 2 × 20.8 A × 30 ft × 1.2 Ω/kft = 1.50 V.',
    plate: { kw: 5, volts: 240 },
    run: { lengthFt: 30 },
    part: { site: { room: 'laundry' } },
    sheet: {
      load: '20.8 A; 110.3(B)',
      breaker: '30 A 2P; 210.20(A); 210.18',
      conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.6 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '14-30; 422.33(A)',
      protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 210.8(D); 110.3(B)',
      landings:
        'load: BARE 10 load-ground, WH 10 load-neutral, BK 10 load-1, RD 10 load-2 | panel: BARE 10 bonded-bar, WH 10 device-neutral, WH 14 bonded-bar, BK 10 breaker-1, RD 10 breaker-2',
      found: 'note gfci.required 210.8(A), note gfci.required 210.8(D)',
    },
    differs: {
      '2017': {
        breaker: '30 A 2P; 210.20(A); 210.3?',
        conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
        protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
        landings:
          'load: BARE 10 load-ground, WH 10 load-neutral, BK 10 load-1, RD 10 load-2 | panel: BARE 10 bonded-bar, WH 10 bonded-bar, BK 10 breaker-1, RD 10 breaker-2',
        found: '',
      },
      '2020': {
        protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 110.3(B)',
        found: 'note gfci.required 210.8(A)',
      },
      '2026': {
        found: 'ask edition.unverified 90.4, note gfci.required 210.8(A), note gfci.required 210.8(D)',
      },
    },
  },
  {
    family: 'water-heater',
    what: '4.5 kW storage heater, 45 ft of NM-B',
    byHand:
      '4,500 / 240 = 18.75 A × 1.25 (422.13) = 23.4 A; 30 A on NM-B 10/2, its white re-identified. 2 × 18.75 A × 45 ft × 1.2 Ω/kft = 2.03 V.',
    plate: { kw: 4.5, volts: 240, storage: true },
    run: { lengthFt: 45 },
    part: { site: { lockable: true } },
    sheet: {
      load: '18.8 A; 110.3(B); 422.13',
      breaker: '30 A 2P; 210.20(A); 210.18',
      conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '10 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.8 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '30 A; 422.31',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: BARE 10 load-ground, BK 10 load-1, WH as RD 10 load-2 | panel: BARE 10 bonded-bar, BK 10 breaker-1, WH as RD 10 breaker-2',
      found: '',
    },
    differs: {
      '2017': {
        breaker: '30 A 2P; 210.20(A); 210.3?',
        conductor: '10 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4' },
    },
  },
  {
    family: 'kiln',
    what: '9.6 kW kiln, hardwired, 40 ft of EMT',
    byHand:
      '9,600 / 240 = 40 A × 1.25 = 50 A: 8 AWG 50 A at 75 °C. Fill 2 × 0.0366 + 0.0211 = 0.094 in²: 1/2 holds 0.122. 2 × 40 A × 40 ft × 0.78 Ω/kft = 2.50 V.',
    plate: { kw: 9.6, volts: 240, connection: 'hardwired' },
    run: { lengthFt: 40, method: 'emt' },
    part: { site: { lockable: true } },
    sheet: {
      load: '40 A; 110.3(B)',
      breaker: '50 A 2P; 210.20(A); 240.6(A)',
      conductor: '8 AWG; 210.19(A)(1); Table 310.16; 110.14(C)(1)',
      ground: '10 AWG; Table 250.122',
      raceway: '1/2 EMT; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '1.0 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '50 A; 422.31',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: GN 10 load-ground, BK 8 load-1, RD 8 load-2 | panel: GN 10 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
      found: '',
    },
    differs: {
      '2017': { conductor: '8 AWG; 210.19(A)(1); Table 310.15(B)(16); 110.14(C)(1)' },
      '2026': { found: 'ask edition.unverified 90.4' },
    },
  },
];
