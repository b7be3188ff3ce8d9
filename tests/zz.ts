import { evaluateJob } from '/work/main/src/core/job/evaluateJob';
import { freshMemo } from '/work/main/src/core/job/jobMemo';
import { fixesFor } from '/work/main/src/core/fixes/fixesFor';
import { defaultPrices } from '/work/main/src/core/price/defaultPrices';
import { findingSentence } from '/work/main/src/core/wording/findings';
import { fixWords } from '/work/main/src/core/wording/fixes';
import { jobOf, after } from '/work/main/tests/support/jobs';
import { circuit, segment } from '/work/main/tests/support/circuits';
import { appliance } from '/work/main/tests/support/appliances';
const show = (name: string, c: any) => {
  const memo = freshMemo();
  const job = jobOf([c]);
  const ev = evaluateJob(job, memo);
  const fig = ev.circuits[0]!.solved.figures;
  console.log(
    '##',
    name,
    JSON.stringify({
      ...fig.ocpd,
      size: fig.size,
      n: fig.load.neutral,
      rec: (fig.outlet.receptacle as any)?.config,
      segs: fig.segments.map((s) => [s.method, s.wires, s.cable?.name, s.raceway?.conductors]),
    }),
  );
  for (const f of ev.findings) {
    if (f.code.startsWith('service')) continue;
    console.log('  ', f.severity, f.code, '|', findingSentence(f));
    for (const x of fixesFor(ev, f, memo, defaultPrices))
      console.log(
        '       fix:',
        fixWords(x.change),
        JSON.stringify(x.cost),
        evaluateJob(after(job, x.command).job, freshMemo())
          .findings.filter((y) => y.severity === 'stop')
          .map((y) => y.code)
          .join(),
      );
  }
};
const pv = [
  segment({ id: 'a', method: 'pvc40', lengthFt: 40, end: { kind: 'disconnect' } as any }),
  segment({ id: 'b', method: 'lfnc', lengthFt: 8 }),
];
show(
  'EV 240 V 5-20',
  circuit({
    appliance: appliance('ev', { outputAmps: 16, volts: 240, connection: 'receptacle' }),
    site: { receptacle: '5-20' },
  }),
);
show(
  'tub 3 wire, spa enclosure',
  circuit({
    appliance: appliance('hot-tub', { amps: 40, volts: 240, neutral: false }),
    site: { groundFault: 'spa-enclosure' },
    run: pv,
  }),
);
show(
  'tub 3 wire, feed neutral',
  circuit({
    appliance: appliance('hot-tub', { amps: 40, volts: 240, neutral: false }),
    site: { groundFault: 'spa-enclosure', feedNeutral: true },
    run: pv,
  }),
);
show(
  'motor plug 120 V 1 hp',
  circuit({
    appliance: appliance('motor', {
      hp: 1.5,
      volts: 120,
      phase: 1,
      continuous: true,
      connection: 'receptacle',
    }),
  }),
);
show(
  'motor plug 120 V 1 hp',
  circuit({
    appliance: appliance('motor', {
      hp: 0.75,
      volts: 120,
      phase: 1,
      continuous: true,
      connection: 'receptacle',
    }),
    site: { plug: '5-15' },
  }),
);
show(
  'range 12 kw pin 30',
  circuit({
    appliance: appliance('range', { kw: 8.75, volts: 240, connection: 'hardwired' }),
    pins: { ocpdA: 35 } as any,
  }),
);
