import { stationLetter } from '../circuit/stations';
import type { AnyFinding } from '../findings/finding';
import { circuitOf, FIGURE_KEYS } from '../findings/subject';
import type { CircuitEvaluation } from '../job/evaluation';
import type { JobEvaluation } from '../job/evaluateJob';
import { directory } from '../panel/directory';
import { planned } from '../panel/spaces';
import { printLength } from '../units/length';
import { printNumber as n } from '../units/number';
import { feet } from '../units/quantity';
import { bandWords, LEFT_NAME, PROOF_NAME, proofFigure, proofState } from '../wording/checkWords';
import { SHEET_CAUTIONS } from '../wording/cautions';
import { segmentName } from '../wording/conductors';
import { PAIR_NAME } from '../wording/faultWords';
import { findingSentence } from '../wording/findings';
import { itemName } from '../wording/itemWords';
import { circuitLine, ladderWords } from '../wording/ladder';
import { terminalShort } from '../wording/terminals';
import { CHAPTER_NAME, READER_NAME } from '../wording/packetWords';
import { severityWord } from '../wording/words';
import { PageFlow, type Column } from './pageFlow';
import { chaptersOf, type Chapter, type Reader } from './packetReaders';
import type { PacketPage, Paper } from './pageScene';
import { sectionPicture } from './sectionPicture';

/** What a packet is made for. */
export interface PacketOrder {
  readonly reader: Reader;
  readonly paper: Paper;
  /** Today, as it is written on the cover. */
  readonly date: string;
}

interface Making {
  readonly flow: PageFlow;
  readonly evaluation: JobEvaluation;
  readonly order: PacketOrder;
}

const FACTS: readonly Column[] = [{ at: 0 }, { at: 0.3, face: 'figures' }];
const FIGURES: readonly Column[] = [
  { at: 0, face: 'strong' },
  { at: 0.2, face: 'figures' },
  { at: 0.42 },
  { at: 0.88 },
];
const RUN: readonly Column[] = [{ at: 0 }, { at: 0.14, face: 'figures' }, { at: 0.3 }];
const FOUND: readonly Column[] = [
  { at: 0, face: 'strong' },
  { at: 0.12 },
  { at: 0.34 },
  { at: 0.86, face: 'figures' },
];
const DIRECTORY: readonly Column[] = [
  { at: 0, face: 'figures' },
  { at: 0.16, face: 'figures' },
  { at: 0.34 },
];
const LANDED: readonly Column[] = [
  { at: 0, face: 'figures' },
  { at: 0.08 },
  { at: 0.34 },
  { at: 0.56, face: 'figures' },
  { at: 0.72, face: 'figures' },
  { at: 0.86, face: 'figures' },
];
const PROVED: readonly Column[] = [{ at: 0 }, { at: 0.4, face: 'figures' }, { at: 0.76 }];
const READ: readonly Column[] = [
  { at: 0 },
  { at: 0.14 },
  { at: 0.34 },
  { at: 0.5, face: 'figures' },
  { at: 0.66, face: 'figures' },
  { at: 0.88 },
];
const TAKEN: readonly Column[] = [{ at: 0, face: 'figures' }, { at: 0.16 }];
const SECTION_HIGH = 84;

function open({ flow, evaluation }: Making): void {
  const found = evaluation.openOf(evaluation.findings).filter(({ severity }) => severity !== 'note');
  flow.page('open', CHAPTER_NAME.open);
  if (found.length === 0) flow.say('Nothing is open.');
  const nameOf = ({ subject }: AnyFinding): string =>
    evaluation.circuit(circuitOf(subject) ?? '')?.circuit.name ?? 'Job';
  for (const severity of ['stop', 'ask', 'check'] as const)
    for (const finding of found.filter((each) => each.severity === severity))
      flow.row(
        FOUND,
        [severityWord[severity], nameOf(finding), findingSentence(finding), finding.cite.section],
        severity === 'stop' ? 'stop' : 'ink',
      );
}

function circuitPage({ flow }: Making, each: CircuitEvaluation): void {
  const { circuit, solved, severities } = each;
  flow.page('circuits', circuit.name);
  flow.say(circuitLine(solved, circuit), { face: 'figures' });
  flow.picture(SECTION_HIGH, sectionPicture(circuit));
  flow.head('Figures');
  for (const key of FIGURE_KEYS) {
    const { name, figure, unit, reason } = ladderWords(key, solved, circuit);
    flow.row(
      FIGURES,
      [name, `${figure} ${unit}`, reason, severityWord[severities[key]]],
      severities[key] === 'stop' ? 'stop' : 'ink',
    );
  }
  flow.head('Run');
  for (const [at, segment] of solved.figures.segments.entries())
    flow.row(RUN, [
      `${stationLetter(at)} to ${stationLetter(at + 1)}`,
      printLength(feet(circuit.run[at]?.lengthFt ?? 0)),
      segmentName(segment),
    ]);
}

function panels({ flow, evaluation }: Making): void {
  for (const { panel, wanted } of evaluation.panels) {
    flow.page('panel', `${panel.name}: directory`);
    for (const { installed, spaces, text } of directory(planned(panel, wanted)))
      flow.row(DIRECTORY, [
        spaces,
        `${n(installed.amps)} A${installed.poles === 2 ? ' 2P' : ''}`,
        text === '' ? '____________' : text,
      ]);
  }
}

/** Circuits of this job, those that were there already left out. */
const plannedCircuits = ({ circuits }: JobEvaluation): readonly CircuitEvaluation[] =>
  circuits.filter(({ circuit }) => circuit.existing === null);

function wiringPages({ flow, evaluation }: Making): void {
  for (const { circuit } of plannedCircuits(evaluation)) {
    const own = evaluation.check(circuit.id);
    if (own === undefined || own.terminals.length === 0) continue;
    flow.page('wiring', `${circuit.name}: terminations`);
    flow.row(LANDED, ['', 'conductor', 'terminal', 'lb-in', 'first', 'second'], 'quiet');
    const known = new Map(own.check.torque.map((each) => [each.terminal, each]));
    for (const { key, order, letters, size, terminal, torqueLbIn } of own.terminals) {
      const { first, second } = known.get(key) ?? { first: null, second: null };
      flow.row(LANDED, [
        String(order),
        `${letters} ${size}`,
        terminalShort[terminal],
        n(torqueLbIn),
        first === null ? '____' : n(first),
        second === null ? '____' : n(second),
      ]);
    }
  }
}

function checkPages({ flow, evaluation }: Making): void {
  for (const { circuit } of plannedCircuits(evaluation)) {
    const own = evaluation.check(circuit.id);
    if (own === undefined || !evaluation.job.checks.some(({ id }) => id === circuit.id)) continue;
    flow.page('checks', `${circuit.name}: proved`);
    for (const step of own.steps)
      flow.row(
        PROVED,
        [PROOF_NAME[step.step], proofFigure(step.step, own.check), proofState(step)],
        step.state === 'out' ? 'stop' : 'ink',
      );
    const read = (own.report?.expected ?? []).filter((each) => each.read !== null);
    if (read.length > 0) flow.head('Voltages, beside their bands');
    for (const each of read)
      flow.row(
        READ,
        [
          each.at,
          PAIR_NAME[each.pair],
          each.on ? 'load on' : 'load off',
          `${n(each.read ?? 0, 1)} V`,
          bandWords(each),
          each.state === 'ok' ? 'in band' : 'out',
        ],
        each.state === 'out' ? 'stop' : 'ink',
      );
    flow.head(`Left: ${LEFT_NAME[own.check.left]}`);
    flow.say(own.check.note);
  }
}

function materials({ flow, evaluation }: Making): void {
  flow.page('materials', CHAPTER_NAME.materials);
  for (const { item, count, pieces } of evaluation.takeoff.lines)
    flow.row(TAKEN, [pieces.length > 0 ? `${n(count)} ft` : n(count), itemName(item)]);
}

function answers({ flow, evaluation }: Making): void {
  flow.page('answers', CHAPTER_NAME.answers);
  const { answers: all } = evaluation.job;
  if (all.length === 0) flow.say('No question was answered yet.');
  for (const { code, text } of all) flow.row(FACTS, [code, text]);
}

function cautions({ flow }: Making): void {
  flow.page('cautions', CHAPTER_NAME.cautions);
  for (const caution of SHEET_CAUTIONS) {
    flow.say(caution);
    flow.say(' ');
  }
}

const MADE: Readonly<Record<Exclude<Chapter, 'cover'>, (making: Making) => void>> = {
  open,
  circuits: (making) => {
    for (const each of plannedCircuits(making.evaluation)) circuitPage(making, each);
  },
  panel: panels,
  wiring: wiringPages,
  checks: checkPages,
  materials,
  answers,
  cautions,
};

/** The cover: what the packet is of, and where each chapter stands. */
function cover(
  { evaluation: { job }, order }: Making,
  contents: readonly (readonly [title: string, page: number])[],
): PageFlow {
  const flow = new PageFlow(order.paper);
  flow.page('cover', job.name);
  flow.say(`For the ${READER_NAME[order.reader].toLowerCase()}`, { face: 'strong', size: 'head' });
  flow.say(' ');
  flow.row(FACTS, ['Code', String(job.edition)]);
  flow.row(FACTS, ['Authority', job.authority || 'not named']);
  flow.row(FACTS, [
    'Permit',
    job.permitDate === null ? 'not applied for yet' : `applied for ${job.permitDate}`,
  ]);
  flow.row(FACTS, ['Made', order.date]);
  flow.head('Contents');
  for (const [title, page] of contents) flow.entry(title, page);
  flow.head('Cautions');
  for (const caution of SHEET_CAUTIONS) flow.say(caution, { size: 'small' });
  return flow;
}

/**
 * The pages of a packet for one reader, as they are drawn on the screen and printed: cover with contents that lead to
 * their pages, then chapter by chapter. The same job, reader and date give the same pages.
 */
export function packetPages(evaluation: JobEvaluation, order: PacketOrder): readonly PacketPage[] {
  const flow = new PageFlow(order.paper);
  const making: Making = { flow, evaluation, order };
  for (const chapter of chaptersOf(order.reader)) if (chapter !== 'cover') MADE[chapter](making);
  const foot = `${evaluation.job.name}, ${order.date}`;
  const body = flow.pages(foot);
  const first = new Map<string, number>();
  for (const [at, { title }] of body.entries()) if (!first.has(title)) first.set(title, at);
  const titles = [...first].filter(([title]) => !title.endsWith(', continued'));
  // The cover's own pages stand before all others, so they are counted before they are numbered.
  const count = cover(making, titles).pages(foot).length;
  const front = cover(
    making,
    titles.map(([title, at]) => [title, at + count + 1]),
  ).pages(foot);
  return numbered([...front, ...body]);
}

/** Pages numbered through: the foot of each says which it is of how many. */
const numbered = (pages: readonly PacketPage[]): readonly PacketPage[] =>
  pages.map((page, at) => ({
    ...page,
    items: page.items.map((item) =>
      item.kind === 'text' && /^page \d+ of \d+$/.test(item.text)
        ? { ...item, text: `page ${at + 1} of ${pages.length}` }
        : item,
    ),
  }));
