import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { checksDocument } from '../src/core/checks/checksDocument';
import { amendmentFileSchema } from '../src/core/job/amendmentFile';
import { copyManifestSchema } from '../src/core/job/copyManifest';
import { photosSchema } from '../src/core/job/jobFile';
import { jobSchema } from '../src/core/job/jobSchema';
import { JOB_VERSION } from '../src/core/job/jobVersion';
import { sealsSchema } from '../src/core/paper/sealSchema';
import { practiceFileSchema } from '../src/core/practice/practiceFile';
import { materialsDocument } from '../src/core/takeoff/materialsDocument';
import { worksheetFileSchema } from '../src/core/worksheet/fileSchema';

const jobFileSchema = z.strictObject({
  pasture: z.literal('job'),
  version: z.literal(JOB_VERSION),
  job: jobSchema,
  photos: photosSchema.optional(),
  seals: sealsSchema.optional(),
});

const SCHEMAS = {
  'job.schema.json': z.toJSONSchema(jobFileSchema, { io: 'input' }),
  'copy.schema.json': z.toJSONSchema(copyManifestSchema, { io: 'input' }),
  'local-rules.schema.json': z.toJSONSchema(amendmentFileSchema, { io: 'input' }),
  'prices.schema.json': z.toJSONSchema(materialsDocument.schema.shape.prices, { io: 'input' }),
  'readings.schema.json': z.toJSONSchema(checksDocument.schema, { io: 'input' }),
  'practice.schema.json': z.toJSONSchema(practiceFileSchema, { io: 'input' }),
  'worksheet.schema.json': z.toJSONSchema(worksheetFileSchema, { io: 'input' }),
};

const FOLDER = 'docs/schema';
const check = process.argv.includes('--check');
mkdirSync(FOLDER, { recursive: true });
for (const [name, schema] of Object.entries(SCHEMAS)) {
  const file = `${FOLDER}/${name}`;
  const text = `${JSON.stringify(schema, null, 2)}\n`;
  if (!check) {
    writeFileSync(file, text);
  } else if (readFileSync(file, 'utf8') !== text) {
    console.error(`${file} is not what the code says: run "npm run schemas".`);
    process.exitCode = 1;
  }
}
