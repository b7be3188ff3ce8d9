import { contentWidth, type Column } from '../../paper/pageFlow';
import { printNumber as n } from '../../units/number';
import { barsNote, terminalShort } from '../../wording/terminals';
import { wiringPictures } from '../wiringPicture';
import { plannedCircuits } from '../plannedCircuits';
import type { Making } from './making';

const LANDED: readonly Column[] = [
  { at: 0, face: 'figures' },
  { at: 0.08 },
  { at: 0.34 },
  { at: 0.56, face: 'figures' },
  { at: 0.72, face: 'figures' },
  { at: 0.86, face: 'figures' },
];

/** The terminations of every circuit, drawn, and listed in the order of landing with their torque. */
export function wiringChapter({ flow, evaluation, paper }: Making): void {
  for (const each of plannedCircuits(evaluation)) {
    const { circuit } = each;
    const own = evaluation.check(circuit.id);
    if (own === undefined || own.wired === null || own.terminals.length === 0) continue;
    flow.page('wiring', `${circuit.name}: terminations`, circuit.id);
    const note = barsNote(own.wired.panel);
    if (note !== null) flow.say(note, { ink: 'stop', face: 'strong' });
    for (const { high, draw } of wiringPictures(each, own.wired, contentWidth(paper)))
      flow.picture(high, draw);
    flow.row(LANDED, ['', 'conductor', 'terminal', 'lb-in', 'first', 'second'], { ink: 'quiet', fact: null });
    const known = new Map(own.check.torque.map((torque) => [torque.terminal, torque]));
    for (const { key, order: place, letters, size, terminal, torqueLbIn } of own.terminals) {
      const { first, second } = known.get(key) ?? { first: null, second: null };
      const set = [first, second].map((value) => (value === null ? '____' : n(value)));
      flow.row(
        LANDED,
        [String(place), `${letters} ${size}`, terminalShort[terminal], n(torqueLbIn), ...set],
        {
          fact: {
            name: `Torque ${place}, ${letters}`,
            value: `${n(torqueLbIn)} lb-in, set ${set.join(', ')}`,
          },
        },
      );
    }
  }
}
