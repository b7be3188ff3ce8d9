import { familyList } from '../src/core/appliances/registry';
import { edition, NEWEST_KNOWN } from '../src/core/code/edition';
import { readPlate, type ReadPlate } from '../src/core/plates/readPlate';
import { contradictionWords, familyWhy } from '../src/core/wording/plateWords';
import { pictureFile } from './plate/pictureFile';
import { beginRecognizer } from './plate/recognizer';

/** What was read off a plate, as a program takes it. */
const asFile = (plate: ReadPlate, given: string | undefined) => ({
  family: given ?? plate.family,
  why: given === undefined ? familyWhy(plate) : 'As it was said.',
  marks: plate.marks.map(({ mark, value, unit, text, box, row, confidence, doubts, alternatives }) => ({
    mark,
    value,
    unit,
    text,
    box: [box.x, box.y, box.width, box.height],
    confidence: Math.round(confidence * 100) / 100,
    doubtful: doubts.length > 0,
    alternatives,
    ...(row !== null && { row }),
  })),
  contradictions: plate.contradictions.map((bond) => ({
    marks: bond.marks,
    why: contradictionWords[bond.code],
  })),
  lines: plate.lines,
});

/**
 * Prints what a photograph of a nameplate, a breaker or the label of a panel says. Returns 0, 2 for what is no picture or no
 * family.
 */
export async function printPlate(file: string, family: string | undefined, asJson: boolean): Promise<number> {
  if (family !== undefined && !familyList.some(({ id }) => id === family)) {
    console.error(`pasture: --family is one of ${familyList.map(({ id }) => id).join(', ')}`);
    return 2;
  }
  const gray = await pictureFile(file);
  if (typeof gray === 'string') {
    console.error(`pasture: ${gray}`);
    return 2;
  }
  const { recognize, end } = await beginRecognizer();
  const { ratings } = edition(NEWEST_KNOWN).tables.standardOcpd;
  const plate = asFile(await readPlate(gray, recognize, ratings), family);
  await end();
  if (asJson) console.log(JSON.stringify(plate));
  else {
    console.log(`${plate.family ?? 'No family'}: ${plate.why}`);
    for (const { mark, value, unit, doubtful, alternatives } of plate.marks)
      console.log(
        `  ${mark} ${JSON.stringify(value)}${unit === null ? '' : ` ${unit}`}${
          doubtful ? `, doubtful${alternatives.map((each) => `, or ${JSON.stringify(each)}`).join('')}` : ''
        }`,
      );
    for (const { why } of plate.contradictions) console.log(`  ${why}`);
    console.log('Text, not figures: compare each with the plate.');
  }
  return 0;
}
