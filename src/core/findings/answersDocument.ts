import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { isSaved, type Saved, type StageDocument } from '../files/stageDocument';
import { keyed } from '../files/mergeRules';

const schema = keyed(
  z
    .array(
      z.strictObject({
        subject: z.string().min(1).max(140).describe('What it is about: "service", "panel:ID", "circuit:ID"'),
        code: z.string().min(1).max(80).describe('Code of the finding'),
        text: z.string().min(1).max(LIMITS.answerLength),
      }),
    )
    .max(LIMITS.answers)
    .describe('Answers to findings: who decided what'),
  ({ subject, code }) => `${subject} ${code}`,
);

const savedList = (value: unknown): readonly Saved[] => (Array.isArray(value) ? value.filter(isSaved) : []);

/** Before version 5 answers stood in two lists: those about a circuit in the circuit, the others in the job. */
function fromTwoLists(job: Saved): Saved {
  const house = savedList(job['answers']).map(({ about, code, text }) => ({
    subject: about === 'service' ? 'service' : `panel:${String(about)}`,
    code,
    text,
  }));
  const ofCircuits = savedList(job['circuits']).flatMap(({ id, answers }) =>
    savedList(answers).map(({ code, text }) => ({
      subject: `circuit:${String(id)}`,
      code: code === 'way.differs' ? 'route.differs' : code,
      text,
    })),
  );
  return { ...job, answers: [...house, ...ofCircuits] };
}

/** The one store of answers of a job. */
export const answersDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [
    { from: 2, up: (job) => ({ answers: [], ...job }) },
    { from: 4, up: fromTwoLists },
  ],
};
