/** Where a figure comes from, and whether that place was ever compared with a printed code. */
export interface Citation {
  readonly section: string;
  readonly certain: boolean;
}

const sure = (section: string): Citation => ({ section, certain: true });
const unsure = (section: string): Citation => ({ section, certain: false });

/** The sections of the 2023 edition on which rules and tables stand; other editions say what they change. */
export const sections2023 = {
  'load.nameplate': sure('110.3(B)'),
  'load.ev-rating': sure('625.42'),
  'load.ev-setting': sure('625.42(B)'),
  'load.managed': sure('750.30'),
  'breaker.continuous': sure('210.20(A)'),
  'breaker.standard': sure('240.6(A)'),
  'breaker.next-size': sure('240.4(B)'),
  'breaker.small-conductor': sure('240.4(D)'),
  'breaker.poles': sure('240.15(B)'),
  'conductor.continuous': sure('210.19(A)(1)'),
  'conductor.ampacity': sure('Table 310.16'),
  'conductor.ambient': unsure('Table 310.15(B)(1)(1)'),
  'conductor.adjustment': sure('Table 310.15(C)(1)'),
  'conductor.lower-ampacity': unsure('310.14(A)(2)'),
  'conductor.terminals': sure('110.14(C)(1)'),
  'conductor.aluminum-terminals': sure('110.14'),
  'method.nm-b': sure('334.80'),
  'method.nm-b-place': sure('334.12'),
  'method.uf-b': sure('340.80'),
  'method.uf-b-place': sure('340.10'),
  'method.mc': sure('330.80'),
  'method.mc-place': sure('330.12'),
  'method.ser': unsure('338.10(B)(4)'),
  'method.ser-place': unsure('338.12'),
  'method.raceway': sure('310.10(C)'),
  'method.emt-place': sure('358.12'),
  'method.fmc-place': sure('348.12'),
  'method.ent-place': sure('362.12'),
  'method.place': sure('300.9'),
  'ground.table': sure('Table 250.122'),
  'ground.increased': unsure('250.122(B)'),
  'ground.phase-cap': sure('250.122(A)'),
  'raceway.fill': sure('Ch. 9 Table 1'),
  'raceway.size': sure('Ch. 9 Table 4'),
  'raceway.conductor': sure('Ch. 9 Table 5'),
  'raceway.bare': sure('Ch. 9 Table 8'),
  'raceway.bends': sure('3xx.26'),
  'raceway.jam': sure('300.17'),
  'support.spacing': sure('3xx.30'),
  'drop.advice': sure('210.19 note'),
  'drop.impedance': sure('Ch. 9 Table 9'),
  'drop.direct': sure('Ch. 9 Table 8'),
  'receptacle.rating': sure('210.21(B)(1)'),
  'disconnect.ev': sure('625.43'),
  'disconnect.plug': unsure('625.43'),
  'gfci.ev-receptacle': sure('625.54'),
  'gfci.outdoor': sure('210.8(F)'),
  'gfci.place': sure('210.8(A)'),
  'afci.rooms': sure('210.12'),
  'amendment.local': sure('90.4'),
  'table.electrode': sure('Table 250.66'),
  'table.rooftop': unsure('310.15(B)(2)'),
  'table.bend-radius': sure('Ch. 9 Table 2'),
  'table.motor-1': sure('Table 430.248'),
  'table.motor-3': sure('Table 430.250'),
  'table.motor-device': sure('Table 430.52'),
  'table.welder': sure('Table 630.11(A)'),
  'table.conductor-volume': sure('Table 314.16(B)(1)'),
  'table.boxes': sure('Table 314.16(A)'),
  'table.burial': sure('Table 300.5'),
  'table.range': sure('Table 220.55'),
  'table.dryer': sure('Table 220.54'),
  'table.receptacles': sure('Table 210.21(B)(3)'),
  'table.configurations': unsure('maker standard'),
  'table.knockouts': unsure('box standard'),
  'table.torque': unsure('Annex I'),
  'table.clearance': sure('Table 110.26(A)(1)'),
  'table.dwelling-service': sure('Table 310.12'),
  'table.cables': unsure('makers, typical'),
  'table.gfci-class': unsure('product standard'),
} as const satisfies Record<string, Citation>;

/** What a section is about, whatever its number in an edition. */
export type SectionKey = keyof typeof sections2023;
/** The sections of one edition. */
export type Sections = Readonly<Record<SectionKey, Citation>>;

/** What 2017 numbers otherwise. */
export const changed2017: Partial<Sections> = {
  'conductor.ampacity': sure('Table 310.15(B)(16)'),
  'conductor.ambient': unsure('Table 310.15(B)(2)(a)'),
  'conductor.adjustment': sure('Table 310.15(B)(3)(a)'),
  'conductor.lower-ampacity': unsure('310.15(A)(2)'),
  'method.raceway': unsure('310.10(C)'),
  'load.ev-setting': unsure('625.42'),
  'load.managed': sure('625.42'),
  'table.rooftop': sure('310.15(B)(3)(c)'),
  'table.dwelling-service': unsure('310.15(B)(7)'),
};

/** What 2020 numbers otherwise. */
export const changed2020: Partial<Sections> = {
  'conductor.ambient': unsure('Table 310.15(B)(1)'),
  'load.ev-setting': sure('625.42'),
  'load.managed': unsure('750.30'),
};

/** 2026 moved the load calculations to Article 120, as far as is known. */
export const changed2026: Partial<Sections> = {
  'table.range': unsure('Table 120.55'),
  'table.dryer': unsure('Table 120.54'),
};
