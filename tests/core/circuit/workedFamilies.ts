import type { FamilyId } from '../../../src/core/appliances/registry';
import type { Circuit, Segment } from '../../../src/core/circuit/circuitSchema';
import type { EditionYear } from '../../../src/core/code/edition';
import type { WorkedSheet } from '../../support/workedSheet';

/** One circuit of a family worked by hand, from its nameplate to its landings, with what each edition changes. */
interface WorkedFamily {
  readonly family: FamilyId;
  readonly what: string;
  /** The arithmetic behind the figures. */
  readonly byHand: string;
  readonly plate: Readonly<Record<string, unknown>>;
  readonly run: Partial<Segment>;
  readonly part: Partial<Circuit>;
  /** The page of 2023. */
  readonly sheet: WorkedSheet;
  /** What the other editions say otherwise; of 2026 without the marks of doubt, which every section there has. */
  readonly differs: Readonly<Partial<Record<EditionYear, Partial<WorkedSheet>>>>;
}

/** Every family once. */
export const workedFamilies: readonly WorkedFamily[] = [
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
      found: 'note gfci.required 210.8(F), note gfci.required 680.44',
    },
    differs: {
      '2017': {
        conductor:
          '6 AWG; 210.19(A)(1); Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1)',
        protection: 'GFCI; 210.12; 680.44; 110.3(B)',
        found: 'note gfci.required 680.44',
      },
      '2020': {
        conductor: '6 AWG; 210.19(A)(1); Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1)',
      },
      '2026': {
        found: 'ask edition.unverified 90.4, note gfci.required 210.8(F), note gfci.required 680.44',
      },
    },
  },
  {
    family: 'pool-pump',
    what: '1.5 hp pump, hardwired, 60 ft of PVC outdoors at 38 °C',
    byHand:
      'Table 10 A; 10 A × 2.5 = 25 A. 10 A × 1.25 = 12.5 A, but 12 AWG is the least at a pool. Ground 10 AWG by the breaker, never larger than the phases: 12 AWG.',
    plate: { hp: 1.5, volts: 240, connection: 'hardwired' },
    run: { method: 'pvc40', place: 'outdoor', ambientC: 38, lengthFt: 60 },
    part: { site: { disconnectFt: 6, disconnectInSight: true, waterFt: 11 } },
    sheet: {
      load: '10 A; Table 430.248',
      breaker: '25 A 2P; 430.22; Table 430.52(C)(1); 430.52(C)(1)',
      conductor:
        '12 AWG; 430.22; 680.21(A)?; Table 310.16; Table 310.15(B)(1)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
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
          '12 AWG; 430.22; 680.21(A)?; Table 310.15(B)(16); Table 310.15(B)(2)(a)?; Table 310.15(B)(3)(a); 110.14(C)(1); 240.4(G)',
        protection: 'GFCI; 210.12; 680.21(C); 110.3(B)',
        found: 'note gfci.required 680.21(C)',
      },
      '2020': {
        breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor:
          '12 AWG; 430.22; 680.21(A)?; Table 310.16; Table 310.15(B)(1)?; Table 310.15(C)(1); 110.14(C)(1); 240.4(G)',
      },
      '2026': {
        found: 'ask edition.unverified 90.4, note gfci.required 210.8(F), note gfci.required 680.21(C)',
      },
    },
  },
  {
    family: 'pool-heater',
    what: 'pool heat pump, MCA 34, MOCP 50, 60 ft of PVC outdoors at 38 °C',
    byHand: 'MCA 34 A: 10 AWG 35 A at 75 °C, 40 A × 0.91 = 36.4 A. MOCP 50 A, ground 10 AWG.',
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
      '6.6 + 4.2 = 10.8 kW by Note 4 as one range: 8 kW, 33.3 A. Taps of 20 A need a 50 A branch: NM-B 6/3, 55 A at 60 °C.',
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
      '4,500 / 240 = 18.75 A × 1.25 = 23.4 A; 30 A on NM-B 10/2, its white re-identified. 2 × 18.75 A × 45 ft × 1.2 Ω/kft = 2.03 V.',
    plate: { kw: 4.5, volts: 240, storage: true },
    run: { lengthFt: 45 },
    part: { site: { lockable: true } },
    sheet: {
      load: '18.8 A; 110.3(B)',
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
    family: 'mini-split',
    what: 'MCA 19, MOCP 30, 50 ft of PVC outdoors at 38 °C, permit of June 2025',
    byHand:
      'MCA 19 A: 14 AWG 20 A at 75 °C, 25 A × 0.91 = 22.8 A. Breaker at MOCP 30 A by 240.4(G). Ground 10 AWG by the breaker, held to 14 AWG.',
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
    byHand: '9 A × 1.25 = 11.3 A; 15 A on NM-B 14/2 with a 6-15.',
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
      'Table 28 A × 1.25 = 35 A: 10 AWG 35 A at 75 °C. 28 A × 2.5 = 70 A. Ground 8 AWG by the breaker, held to 10 AWG.',
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
  {
    family: 'well-pump',
    what: '1.5 hp well pump, 180 ft of PVC in the ground',
    byHand: 'Table 10 A; 25 A breaker. 14 AWG would carry 12.5 A; wire tables of pumps start at 12 AWG.',
    plate: { hp: 1.5, volts: 240 },
    run: { lengthFt: 180, method: 'pvc40', place: 'underground' },
    part: { site: { disconnectFt: 6, disconnectInSight: true } },
    sheet: {
      load: '10 A; Table 430.248',
      breaker: '25 A 2P; 430.22; Table 430.52(C)(1); 430.52(C)(1)',
      conductor: '12 AWG; 430.22; 110.3(B); Table 310.16; 110.14(C)(1); 240.4(G)',
      ground: '12 AWG; Table 250.122; 250.122(A)',
      raceway: '3/4 PVC 40; Ch. 9 Table 5; Ch. 9 Table 4; Ch. 9 Table 1',
      drop: '2.4 %; Ch. 9 Table 9; 210.19 note; Ch. 9 Table 8',
      disconnect: '30 A; 430.102(B); 430.110',
      protection: 'none; 210.12; 210.8(A)',
      landings:
        'load: GN 12 load-ground, BK 12 load-1, RD 12 load-2 | load-side: GN 12 ground-bar, BK 12 out-1, RD 12 out-2 | line-side: GN 12 ground-bar, BK 12 line-1, RD 12 line-2 | panel: GN 12 bonded-bar, BK 12 breaker-1, RD 12 breaker-2',
      found: '',
    },
    differs: {
      '2017': {
        breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)',
        conductor: '12 AWG; 430.22; 110.3(B); Table 310.15(B)(16); 110.14(C)(1); 240.4(G)',
      },
      '2020': { breaker: '25 A 2P; 430.22; Table 430.52; 430.52(C)(1)' },
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
    family: 'kiln',
    what: '9.6 kW kiln, hardwired, 40 ft of EMT',
    byHand: '9,600 / 240 = 40 A × 1.25 = 50 A: 8 AWG 50 A at 75 °C.',
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
      '9,600 / 240 = 40 A × 1.25 + 20 A = 70 A: 6 AWG 65 A, 4 AWG 85 A at 75 °C. Ground 8 AWG. Fill 3 × 0.0824 + 0.0366 = 0.284 in²: 1 in holds 0.346, a size up for stiff wire.',
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
    byHand: 'Heavier leg: 15 A × 1.25 + 8 A = 26.8 A; 30 A on NM-B 10/3.',
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
