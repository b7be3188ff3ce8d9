import type { WorkedFamily } from './workedFamily';

/** Families at water, and pumps. */
export const workedWater: readonly WorkedFamily[] = [
  {
    family: 'hot-tub',
    what: '40 A tub on a 50 A breaker, 46 ft of PVC outdoors at 38 °C, spa panel near it',
    byHand:
      '40 A × 1.25 = 50 A. Terminal 60 °C: 6 AWG 55 A; 75 A × 0.91 = 68 A. Fill 3 × 0.0507 + 0.0211 = 0.173 in² of 0.508 in². 2 × 40 A × 46 ft × 0.49 Ω/kft = 1.80 V.',
    plate: { amps: 40, volts: 240, neutral: true, breakerA: 50 },
    run: { method: 'pvc40', place: 'outdoor', ambientC: 38, lengthFt: 46 },
    part: {
      terminals: { panel: 75, load: 60 },
      site: { disconnectFt: 6, disconnectInSight: true, waterFt: 7 },
    },
    sheet: {
      load: '40 A; 110.3(B)',
      breaker: '50 A 2P; 210.20(A); 110.3(B)',
      conductor:
        '6 AWG; 210.19(A)(1); Table 310.16; Table 310.15(B)(1)(1)?; Table 310.15(C)(1); 110.14(C)(1)',
      ground: '10 AWG; Table 250.122',
      raceway: '3/4 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1; 300.17',
      drop: '0.8 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '60 A; 680.13?',
      protection: 'GFCI; 210.12; 210.8(F); 680.44; 110.3(B)',
      landings:
        'load: GN 10 load-ground, WH 6 load-neutral, BK 6 load-1, RD 6 load-2 | load-side: GN 10 ground-bar, WH 6 device-neutral, WH 14 neutral-bar, BK 6 breaker-1, RD 6 breaker-2 | line-side: GN 10 ground-bar, WH 6 neutral-bar, BK 6 line-1, RD 6 line-2 | panel: GN 10 bonded-bar, WH 6 bonded-bar, BK 6 breaker-1, RD 6 breaker-2',
      found: 'note spa.first-power 110.7, note gfci.required 210.8(F), note gfci.required 680.44',
    },
    differs: {
      '2017': {
        conductor:
          '6 AWG; 210.19(A)(1); Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1)',
        protection: 'GFCI; 210.12; 680.44; 110.3(B)',
        found: 'note spa.first-power 110.7, note gfci.required 680.44',
      },
      '2020': {
        conductor: '6 AWG; 210.19(A)(1); Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1)',
      },
      '2026': {
        found:
          'ask edition.unverified 90.4, note spa.first-power 110.7, note gfci.required 210.8(F), note gfci.required 680.44',
      },
    },
  },
  {
    family: 'pool-pump',
    what: '1.5 hp pump, hardwired, 60 ft of PVC outdoors at 38 °C',
    byHand:
      'Table 10 A; 10 A × 2.5 = 25 A. 10 A × 1.25 = 12.5 A, but 12 AWG is the least at a pool. Ground 10 AWG by the breaker, never larger than the phases: 12 AWG. 2 × 10 A × 60 ft × (2.0 × 0.9 + 0.054 × 0.436) Ω/kft = 2.19 V.',
    plate: { hp: 1.5, volts: 240, connection: 'hardwired' },
    run: { method: 'pvc40', place: 'outdoor', ambientC: 38, lengthFt: 60 },
    part: { site: { disconnectFt: 6, disconnectInSight: true, waterFt: 11 } },
    sheet: {
      load: '10 A; Table 430.248',
      breaker: '25 A 2P; 430.22; Table 430.52(C)(1); 430.52(C)(1)',
      conductor:
        '12 AWG; 430.22; practice?; Table 310.16; Table 310.15(B)(1)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      ground: '12 AWG; Table 250.122; 250.122(A)',
      raceway: '1/2 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '0.9 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '30 A; 680.13?',
      protection: 'GFCI; 210.12; 210.8(F); 680.21(C); 110.3(B)',
      landings:
        'load: GN 12 load-ground, BK 12 load-1, RD 12 load-2 | load-side: GN 12 ground-bar, BK 12 out-1, RD 12 out-2 | line-side: GN 12 ground-bar, BK 12 line-1, RD 12 line-2 | panel: GN 12 bonded-bar, WH 14 bonded-bar, BK 12 breaker-1, RD 12 breaker-2',
      found: 'note gfci.required 210.8(F), note gfci.required 680.21(C)',
    },
    differs: {
      '2017': {
        breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor:
          '12 AWG; 430.22; practice?; Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1); 240.4(G)',
        protection: 'GFCI; 210.12; 680.21(C); 110.3(B)',
        found: 'note gfci.required 680.21(C)',
      },
      '2020': {
        breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor:
          '12 AWG; 430.22; practice?; Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      },
      '2026': {
        found: 'ask edition.unverified 90.4, note gfci.required 210.8(F), note gfci.required 680.21(C)',
      },
    },
  },
  {
    family: 'pool-heater',
    what: 'pool heat pump, MCA 34, MOCP 50, 60 ft of PVC outdoors at 38 °C',
    byHand:
      'MCA 34 A: 10 AWG 35 A at 75 °C, 40 A × 0.91 = 36.4 A. MOCP 50 A, ground 10 AWG. Running 34 / 1.25 = 27.2 A: 2 × 27.2 A × 60 ft × (1.2 × 0.9 + 0.05 × 0.436) Ω/kft = 3.60 V.',
    plate: { mca: 34, mocp: 50, volts: 240 },
    run: { method: 'pvc40', place: 'outdoor', ambientC: 38, lengthFt: 60 },
    part: { site: { disconnectFt: 6, disconnectInSight: true, waterFt: 11 } },
    sheet: {
      load: '34 A; 440.4(B)',
      breaker: '50 A 2P; 440.4(B)',
      conductor:
        '10 AWG; 440.4(B); Table 310.16; Table 310.15(B)(1)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      ground: '10 AWG; Table 250.122',
      raceway: '1/2 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '1.5 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '60 A; 680.13?; 440.14',
      protection: 'GFCI; 210.12; 210.8(F); 110.3(B)',
      landings:
        'load: GN 10 load-ground, BK 10 load-1, RD 10 load-2 | load-side: GN 10 ground-bar, BK 10 out-1, RD 10 out-2 | line-side: GN 10 ground-bar, BK 10 line-1, RD 10 line-2 | panel: GN 10 bonded-bar, WH 14 bonded-bar, BK 10 breaker-1, RD 10 breaker-2',
      found: 'note conductor.below-breaker 240.4(G), note gfci.required 210.8(F)',
    },
    differs: {
      '2017': {
        conductor:
          '10 AWG; 440.4(B); Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1); 240.4(G)',
        protection: 'ask; 210.12; 680.5?; 110.3(B)',
        found: 'note conductor.below-breaker 240.4(G), ask gfci.ask 680.5?',
      },
      '2020': {
        conductor:
          '10 AWG; 440.4(B); Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      },
      '2026': {
        found:
          'ask edition.unverified 90.4, note conductor.below-breaker 240.4(G), note gfci.required 210.8(F)',
      },
    },
  },
  {
    family: 'well-pump',
    what: '1.5 hp well pump, 180 ft of PVC in the ground',
    byHand:
      'Table 10 A; 25 A breaker. 14 AWG would carry 12.5 A; wire tables of pumps start at 12 AWG. Current is taken at the well, outdoors: 210.8(F) from 2020. 1/2 is legal, 3/4 over a long pull. 2 × 10 A × 180 ft × (2.0 × 0.8 + 0.054 × 0.6) Ω/kft = 5.88 V.',
    plate: { hp: 1.5, volts: 240 },
    run: { lengthFt: 180, method: 'pvc40', place: 'underground' },
    part: { site: { disconnectFt: 6, disconnectInSight: true } },
    sheet: {
      load: '10 A; Table 430.248',
      breaker: '25 A 2P; 430.22; Table 430.52(C)(1); 430.52(C)(1)',
      conductor: '12 AWG; 430.22; practice?; Table 310.16; 110.14(C)(1); 240.4(G)',
      ground: '12 AWG; Table 250.122; 250.122(A)',
      raceway: '3/4 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '2.4 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '30 A; 430.102(B); 430.110',
      protection: 'GFCI; 210.12; 210.8(F); 110.3(B)',
      landings:
        'load: GN 12 load-ground, BK 12 load-1, RD 12 load-2 | load-side: GN 12 ground-bar, BK 12 out-1, RD 12 out-2 | line-side: GN 12 ground-bar, BK 12 line-1, RD 12 line-2 | panel: GN 12 bonded-bar, WH 14 bonded-bar, BK 12 breaker-1, RD 12 breaker-2',
      found: 'note gfci.required 210.8(F)',
    },
    differs: {
      '2017': {
        breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor: '12 AWG; 430.22; practice?; Table 310.15(B)(16); 110.14(C)(1); 240.4(G)',
        protection: 'none; 210.12; 210.8(A)',
        landings:
          'load: GN 12 load-ground, BK 12 load-1, RD 12 load-2 | load-side: GN 12 ground-bar, BK 12 out-1, RD 12 out-2 | line-side: GN 12 ground-bar, BK 12 line-1, RD 12 line-2 | panel: GN 12 bonded-bar, BK 12 breaker-1, RD 12 breaker-2',
        found: '',
      },
      '2020': { breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)' },
      '2026': { found: 'ask edition.unverified 90.4, note gfci.required 210.8(F)' },
    },
  },
];
