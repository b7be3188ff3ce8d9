import { describe, expect, test } from 'vitest';
import { applianceQuestions, familyList, freshAppliance } from '../../../src/core/appliances/registry';
import { fixesFor } from '../../../src/core/fixes/fixesFor';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { FIGURE_KEYS } from '../../../src/core/findings/subject';
import { circuitNote, holdsWords, segmentName, supportWords } from '../../../src/core/wording/conductors';
import { findingSentence } from '../../../src/core/wording/findings';
import { fixNote, fixWords } from '../../../src/core/wording/fixes';
import { circuitLine, ladderWords } from '../../../src/core/wording/ladder';
import { HELP, HELP_IDS } from '../../../src/core/wording/help';
import { siteFields } from '../../../src/core/wording/fields/siteFields';
import { stepWords } from '../../../src/core/wording/steps';
import { landingWords } from '../../../src/core/wording/terminals';
import { wiring } from '../../../src/core/wiring/terminations';
import { PRACTICES } from '../../../src/core/wording/practices';
import { jobExamples } from '../findings/jobExamples';

/** What a foreman would not write, and what no reader should see. */
const BANNED: readonly (readonly [RegExp, string])[] = [
  [/ground-fault protection(?! of equipment)|ground-fault (breaker|receptacle|device)/i, 'GFCI'],
  [/arc-fault/i, 'AFCI'],
  [/\bmakers?\b/i, 'manufacturer'],
  [/\basks? for\b|\basked for\b/i, 'requires'],
  [/small(-conductor)? rule/i, '240.4(D)'],
  [/house practice/i, 'shop practice'],
  [/local rules?\b/i, 'local amendments'],
  [/setting guarded|guard(s|ed)? the setting/i, 'restricted-access setting'],
  [/\bpinned\b/i, 'set by hand'],
  [/was not read|, not read/i, 'preliminary, not verified'],
  [/hard-wired/i, 'hardwired'],
  [/\bthe plate\b/i, 'nameplate'],
  [/\bat hand\b/i, 'on hand'],
  [/\ball the way\b|every way|ways? out\b/i, 'route, options, fixes'],
  [/pulls easier|by rule \d/i, 'upsized for pulling'],
  [/marked hot/i, 're-identified'],
  [/\b1 (grounds|circuits|conductors|stops|feet|spaces|openings)\b/i, 'singular'],
  [/undefined|NaN|Infinity|\[object|\$\{|null/, 'a slot that was not filled'],
  [/\d\.\d{4,}/, 'a raw number'],
  [/\d\.\d{2,} A\b/, 'amperes to the tenth'],
  [/ {2,}/, 'two spaces'],
  [/^\s*$/, 'nothing'],
];

function faults(said: ReadonlyMap<string, string>): string[] {
  return [...said].flatMap(([text, where]) =>
    BANNED.flatMap(([banned, instead]) => (banned.test(text) ? [`${where}: "${text}" (${instead})`] : [])),
  );
}

describe('every sentence, as a foreman would write it', () => {
  const jobs = [...jobExamples.entries()];

  test.each(jobs.map(([code]) => code))('%s: its sentence and its fixes', (code) => {
    const [, job] = jobs.find(([each]) => each === code) ?? [];
    if (job === undefined) throw new Error(`No job raises ${code}.`);
    const memo = freshMemo();
    const evaluation = evaluateJob(job, memo);
    const said = new Map<string, string>();
    for (const finding of evaluation.findings) said.set(findingSentence(finding), finding.code);
    for (const finding of evaluation.findings.filter((each) => each.code === code)) {
      for (const { change } of fixesFor(evaluation, finding, memo, defaultPrices)) {
        said.set(fixWords(change), `fix of ${code}`);
        if (fixNote(change) !== '') said.set(fixNote(change), `note of ${code}`);
      }
    }
    expect(faults(said)).toEqual([]);
  });

  test('help on every topic', () => {
    const said = new Map(
      HELP_IDS.flatMap(
        (id) =>
          [
            [HELP[id].title, id],
            [HELP[id].words, id],
          ] as const,
      ),
    );
    expect(faults(said)).toEqual([]);
  });

  test('the working, the figures and the ends of every example', () => {
    const said = new Map<string, string>();
    const say = (text: string, where: string) => {
      if (text !== '') said.set(text, where);
    };
    for (const [code, job] of jobs) {
      for (const { circuit, solved, context } of evaluateJob(job, freshMemo()).circuits) {
        say(circuitLine(solved, circuit), code);
        say(circuitNote(circuit, solved.figures), code);
        for (const key of FIGURE_KEYS) {
          const { name, reason } = ladderWords(key, solved, circuit);
          say(name, code);
          say(reason, code);
          for (const step of solved.workings[key]) {
            const { label, formula, result } = stepWords(step);
            say(label, step.id);
            say(formula, step.id);
            say(result, step.id);
          }
        }
        for (const segment of solved.figures.segments) {
          say(segmentName(segment), code);
          say(holdsWords(segment, solved.figures), code);
          say(supportWords(segment), code);
        }
        for (const end of wiring(circuit, solved, context)?.ends ?? [])
          for (const landing of end.landings) say(landingWords(landing), code);
      }
    }
    expect(said.size).toBeGreaterThan(500);
    expect(faults(said)).toEqual([]);
  });

  test('what a nameplate and a site are asked', () => {
    const said = new Map<string, string>();
    for (const { id } of familyList)
      for (const question of applianceQuestions(freshAppliance(id)))
        for (const text of [question.label, question.help, question.until])
          if (text !== undefined) said.set(text, id);
    for (const [key, { label, help }] of Object.entries(siteFields))
      for (const text of [label, help]) if (text !== undefined) said.set(text, key);
    for (const { name, schools } of PRACTICES) {
      said.set(name, 'practices');
      for (const school of schools) said.set(school.name, name).set(school.why, name);
    }
    expect(faults(said)).toEqual([]);
  });
});
