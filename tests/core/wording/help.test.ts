import { describe, expect, test } from 'vitest';
import { FIGURE_KEYS } from '../../../src/core/findings/subject';
import { catalog } from '../../../src/core/findings/catalog';
import type { FindingCode } from '../../../src/core/findings/finding';
import { findingHelp } from '../../../src/core/wording/findingHelp';
import { HELP, HELP_IDS } from '../../../src/core/wording/help';

const sentences = (words: string): readonly string[] => words.split(/(?<=[.:?]) (?=[A-Z])/);

describe('help', () => {
  test('every figure of the ladder is explained, every topic is offered once', () => {
    for (const key of FIGURE_KEYS) expect(HELP_IDS).toContain(key);
    expect([...HELP_IDS].toSorted()).toEqual(Object.keys(HELP).toSorted());
  });

  test.each([...HELP_IDS])('%s: two to four short sentences, and words to find it by', (id) => {
    const { words, keywords, title } = HELP[id];
    expect(sentences(words).length).toBeGreaterThanOrEqual(2);
    expect(sentences(words).length).toBeLessThanOrEqual(4);
    for (const each of sentences(words)) expect(each.length).toBeLessThan(190);
    expect(keywords.length).toBeGreaterThan(0);
    expect(title.length).toBeLessThan(36);
  });

  test('says what the engine does: 40 % fill, 3 % and 5 %, 6 ft, 5 ft and 50 ft, 18 and 24 in', () => {
    expect(HELP.raceway.words).toContain('40 %');
    expect(HELP.drop.words).toContain('3 % for a branch circuit and 5 %');
    expect(HELP.water.words).toContain('6 ft or more');
    expect(HELP.disconnect.words).toContain('within 50 ft');
    expect(HELP.disconnect.words).toContain('5 ft or more');
    expect(HELP.cover.words).toContain('PVC takes 18 in in a yard, direct-buried cable 24 in');
  });
});

describe('the help of a finding', () => {
  const codes = Object.keys(catalog) as FindingCode[];

  test('every finding has a topic', () => {
    for (const code of codes) expect(HELP_IDS, code).toContain(findingHelp(code));
  });

  test('is about what the finding is about', () => {
    expect(findingHelp('conductor.terminal-60c')).toBe('column-60');
    expect(findingHelp('gfci.neutral-bypassed')).toBe('load-neutral');
    expect(findingHelp('receptacle.near-water')).toBe('water');
    expect(findingHelp('panel.bond-stays')).toBe('bonding');
    expect(findingHelp('box.fill')).toBe('boxes');
    expect(findingHelp('work.before-locate')).toBe('locate');
  });

  test('every topic is reached by a figure, a finding or the list of topics', () => {
    expect(new Set(codes.map(findingHelp)).size).toBeGreaterThan(25);
  });
});
