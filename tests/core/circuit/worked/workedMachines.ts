import type { WorkedFamily } from './workedFamily';

/** Families with motors, compressors and welders. */
export const workedMachines: readonly WorkedFamily[] = [
  {
    family: 'mini-split',
    what: 'MCA 19, MOCP 30, 50 ft of PVC outdoors at 38 °C, permit of June 2025',
    byHand:
      'MCA 19 A: 14 AWG 20 A at 75 °C, 25 A × 0.91 = 22.8 A. Breaker at MOCP 30 A by 240.4(G). Ground 10 AWG by the breaker, held to 14 AWG. Running 19 / 1.25 = 15.2 A: 2 × 15.2 A × 50 ft × (3.1 × 0.9 + 0.058 × 0.436) Ω/kft = 4.28 V.',
    plate: { mca: 19, mocp: 30, volts: 240 },
    run: { method: 'pvc40', place: 'outdoor', ambientC: 38, lengthFt: 50 },
    part: { site: { disconnectFt: 6, disconnectInSight: true, serviceOutletFt: 10 } },
    sheet: {
      load: '19 A; 440.4(B)',
      breaker: '30 A 2P; 440.4(B)',
      conductor:
        '14 AWG; 440.4(B); Table 310.16; Table 310.15(B)(1)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      ground: '14 AWG; Table 250.122; 250.122(A)',
      raceway: '1/2 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '1.8 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '30 A; 440.14; 440.12?',
      protection: 'none; 210.12; 210.8(F)',
      landings:
        'load: GN 14 load-ground, BK 14 load-1, RD 14 load-2 | load-side: GN 14 ground-bar, BK 14 out-1, RD 14 out-2 | line-side: GN 14 ground-bar, BK 14 line-1, RD 14 line-2 | panel: GN 14 bonded-bar, BK 14 breaker-1, RD 14 breaker-2',
      found: 'note conductor.below-breaker 240.4(G), check gfci.hvac-exempt 210.8(F)',
    },
    differs: {
      '2017': {
        conductor:
          '14 AWG; 440.4(B); Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1); 240.4(G)',
        protection: 'none; 210.12; 210.8(A)',
        found: 'note conductor.below-breaker 240.4(G)',
      },
      '2020': {
        conductor:
          '14 AWG; 440.4(B); Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
        protection: 'GFCI; 210.12; 210.8(F); 110.3(B)',
        landings:
          'load: GN 14 load-ground, BK 14 load-1, RD 14 load-2 | load-side: GN 14 ground-bar, BK 14 out-1, RD 14 out-2 | line-side: GN 14 ground-bar, BK 14 line-1, RD 14 line-2 | panel: GN 14 bonded-bar, WH 14 bonded-bar, BK 14 breaker-1, RD 14 breaker-2',
        found: 'note conductor.below-breaker 240.4(G), note gfci.required 210.8(F)',
      },
      '2026': {
        protection: 'ask; 210.12; 210.8(F); 110.3(B)',
        landings:
          'load: GN 14 load-ground, BK 14 load-1, RD 14 load-2 | load-side: GN 14 ground-bar, BK 14 out-1, RD 14 out-2 | line-side: GN 14 ground-bar, BK 14 line-1, RD 14 line-2 | panel: GN 14 bonded-bar, WH 14 bonded-bar, BK 14 breaker-1, RD 14 breaker-2',
        found: 'ask edition.unverified 90.4, note conductor.below-breaker 240.4(G), ask gfci.ask 210.8(F)',
      },
    },
  },
  {
    family: 'room-ac',
    what: '9 A room air conditioner on its own circuit, 30 ft of NM-B',
    byHand:
      '9 A × 1.25 = 11.3 A; 15 A on NM-B 14/2 with a 6-15. 2 × 9 A × 30 ft × (3.1 × 0.9 + 0.058 × 0.436) Ω/kft = 1.52 V.',
    plate: { amps: 9, volts: 240 },
    run: { lengthFt: 30 },
    part: {},
    sheet: {
      load: '9 A; 110.3(B); 440.62',
      breaker: '15 A 2P; 210.20(A); 210.18',
      conductor: '14 AWG; 210.19(A)(1); 334.80; Table 310.16; 110.14(C)(1); manufacturers, typical?',
      ground: '14 AWG; Table 250.122; manufacturers, typical?',
      raceway: 'none',
      drop: '0.6 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '6-15; 440.63',
      protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
      landings:
        'load: BARE 14 load-ground, BK 14 load-1, WH as RD 14 load-2 | panel: BARE 14 bonded-bar, BK 14 breaker-1, WH as RD 14 breaker-2',
      found: '',
    },
    differs: {
      '2017': {
        breaker: '15 A 2P; 210.20(A); 210.3?',
        conductor: '14 AWG; 210.19(A)(1); 334.80; Table 310.15(B)(16); 110.14(C)(1); manufacturers, typical?',
      },
      '2026': { found: 'ask edition.unverified 90.4' },
    },
  },
  {
    family: 'welder',
    what: '50 A arc welder at 40 % duty, 40 ft of EMT in an attached garage',
    byHand:
      '50 A outlet for general use: 8 AWG 50 A at 75 °C. Fill 2 × 0.0366 + 0.0211 = 0.094 in² of 0.304 in². 2 × 50 A × 40 ft × 0.78 Ω/kft = 3.12 V.',
    plate: { inputAmps: 50, dutyPct: 40, volts: 240, type: 'arc' },
    run: { lengthFt: 40, method: 'emt', place: 'garage' },
    part: { site: { building: 'attached-garage' } },
    sheet: {
      load: '50 A; 110.3(B); Table 630.11(A)',
      breaker: '50 A 2P; 210.20(A); 110.3(B)',
      conductor: '8 AWG; 210.19(A)(1); Table 310.16; 110.14(C)(1)',
      ground: '10 AWG; Table 250.122',
      raceway: '1/2 EMT; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '1.3 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '6-50; 630.13',
      protection: 'GFCI; 210.21(B)(1); 406.9(B); 210.12; 210.8(A); 110.3(B)',
      landings:
        'load: GN 10 load-ground, BK 8 load-1, RD 8 load-2 | panel: GN 10 bonded-bar, WH 14 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
      found: 'note gfci.required 210.8(A)',
    },
    differs: {
      '2017': {
        conductor: '8 AWG; 210.19(A)(1); Table 310.15(B)(16); 110.14(C)(1)',
        protection: 'none; 210.21(B)(1); 406.9(B); 210.12; 210.8(A)',
        landings:
          'load: GN 10 load-ground, BK 8 load-1, RD 8 load-2 | panel: GN 10 bonded-bar, BK 8 breaker-1, RD 8 breaker-2',
        found: '',
      },
      '2026': { found: 'ask edition.unverified 90.4, note gfci.required 210.8(A)' },
    },
  },
  {
    family: 'motor',
    what: '5 hp compressor, hardwired, 40 ft of EMT',
    byHand:
      'Table 28 A × 1.25 = 35 A: 10 AWG 35 A at 75 °C. 28 A × 2.5 = 70 A. Ground 8 AWG by the breaker, held to 10 AWG. 28 A × 1.15 = 32.2 A; not below the breaker: 100 A switch. 2 × 28 A × 40 ft × (1.2 × 0.8 + 0.063 × 0.6) Ω/kft = 2.24 V.',
    plate: { hp: 5, volts: 240 },
    run: { lengthFt: 40, method: 'emt' },
    part: { site: { disconnectFt: 6, disconnectInSight: true, building: 'attached-garage' } },
    sheet: {
      load: '28 A; Table 430.248',
      breaker: '70 A 2P; 430.22; Table 430.52(C)(1); 430.52(C)(1)',
      conductor: '10 AWG; 430.22; Table 310.16; 110.14(C)(1); 240.4(G)',
      ground: '10 AWG; Table 250.122; 250.122(A)',
      raceway: '1/2 EMT; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '0.9 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '100 A; 430.102(B); 430.110',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: GN 10 load-ground, BK 10 load-1, RD 10 load-2 | load-side: GN 10 ground-bar, BK 10 out-1, RD 10 out-2 | line-side: GN 10 ground-bar, BK 10 line-1, RD 10 line-2 | panel: GN 10 bonded-bar, BK 10 breaker-1, RD 10 breaker-2',
      found: 'note conductor.below-breaker 240.4(G)',
    },
    differs: {
      '2017': {
        breaker: '70 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor: '10 AWG; 430.22; Table 310.15(B)(16); 110.14(C)(1); 240.4(G)',
      },
      '2020': { breaker: '70 A 2P; 430.22; Table 430.52; 430.52(C)(1)' },
      '2026': { found: 'ask edition.unverified 90.4, note conductor.below-breaker 240.4(G)' },
    },
  },
];
