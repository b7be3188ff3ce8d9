import type { z } from 'zod';
import { describe, expect, test } from 'vitest';
import {
  familyList,
  familyQuestions,
  freshAppliance,
  plateSchema,
} from '../../../src/core/appliances/registry';
import { pinsSchema, segmentSchema } from '../../../src/core/circuit/circuitSchema';
import { designSchema } from '../../../src/core/circuit/designTemperatures';
import { existingSchema } from '../../../src/core/circuit/existingSchema';
import { namedValues } from '../../../src/core/fields/choices';
import { fieldsOf, type Field } from '../../../src/core/fields/field';
import { rangeOf, shapeOf, valueOf } from '../../../src/core/fields/shape';
import { UNITS } from '../../../src/core/fields/units';
import { parseField, printField } from '../../../src/core/fields/written';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { jobSchema } from '../../../src/core/job/jobSchema';
import { panelSchema, type Panel } from '../../../src/core/panel/panelSchema';
import { siteSchema } from '../../../src/core/protection/siteSchema';
import { termsSchema } from '../../../src/core/quote/quoteDocument';
import { chargerGroupSchema, houseSchema } from '../../../src/core/service/houseSchema';
import { isRefused } from '../../../src/core/units/refused';
import { lineSchemas, yardItemSchemas } from '../../../src/core/water/yardSchema';
import { existingFields, foundFields } from '../../../src/core/wording/fields/existingFields';
import * as house from '../../../src/core/wording/fields/houseFields';
import * as job from '../../../src/core/wording/fields/jobFields';
import {
  panelBarFields,
  panelLabelFields,
  panelStateFields,
} from '../../../src/core/wording/fields/panelFields';
import { segmentFields } from '../../../src/core/wording/fields/segmentFields';
import { siteFields } from '../../../src/core/wording/fields/siteFields';
import { termFields } from '../../../src/core/wording/fields/termFields';
import * as water from '../../../src/core/wording/fields/waterFields';
import { areaFields, lineFields, thingFields } from '../../../src/core/wording/fields/yardFields';
import { sampleValues } from '../../support/sampleValues';

const [circuit] = demoJob.circuits;
const [things] = [demoJob.yard.things];
if (circuit === undefined) throw new Error('The demo job has no circuit.');

type Thing = Readonly<Record<string, unknown>>;

interface Form {
  readonly name: string;
  readonly schema: z.ZodObject;
  readonly fields: readonly Field<Thing>[];
  readonly subject: Thing;
}

const form = (
  name: string,
  schema: z.ZodObject,
  fields: readonly Field<Thing>[],
  subject: Thing | undefined,
): Form => ({ name, schema, fields, subject: subject ?? {} });

const lines = [
  form('wall', lineSchemas.wall, lineFields.wall, {}),
  form('fence', lineSchemas.fence, lineFields.fence, {}),
  form('overhead', lineSchemas.overhead, lineFields.overhead, {}),
  form('pipe', lineSchemas.pipe, lineFields.pipe, {}),
  form('wiring', lineSchemas.wiring, lineFields.wiring, {}),
];

/** Every form of the application that is made of descriptions. */
const FORMS: readonly Form[] = [
  form(
    'panel',
    panelSchema,
    [...panelLabelFields, ...panelBarFields, ...panelStateFields],
    demoJob.panels[0],
  ),
  form(
    'house',
    houseSchema,
    [...house.serviceFields, ...house.dwellingFields, ...house.managementFields, ...house.houseAgeFields],
    demoJob.house,
  ),
  form('chargers', chargerGroupSchema, [...house.groupFields, ...house.groupListedFields], {}),
  form('job', jobSchema, [...job.jobNameFields, ...job.jobFactFields, ...job.jobLaterFields], demoJob),
  form('ambients', designSchema, job.designFields, demoJob.designC),
  form('site', siteSchema, Object.values(siteFields), {}),
  form('existing', existingSchema, Object.values(existingFields), {}),
  form('found', pinsSchema, foundFields, {}),
  form('segment', segmentSchema, segmentFields(circuit, 0), circuit.run[0]),
  form('terms', termsSchema, termFields, demoJob.quote.terms),
  form(
    'water',
    yardItemSchemas.waters,
    [...water.waterKindFields, ...water.waterMeasureFields, ...water.waterBondFields],
    demoJob.yard.waters[0],
  ),
  form('area', yardItemSchemas.areas, areaFields, {}),
  form('things', yardItemSchemas.things, things.flatMap(thingFields), {}),
  ...lines,
  ...familyList.map(({ id }) =>
    form(`plate, ${id}`, plateSchema(id), familyQuestions(id), freshAppliance(id).nameplate),
  ),
];

const MEASURES = new Set(['number', 'numbers', 'length', 'height', 'temperature', 'size', 'dollars']);

describe('every field of every form', () => {
  test('there are many, and none is nameless', () => {
    const fields = FORMS.flatMap((each) => each.fields);
    expect(fields.length).toBeGreaterThan(200);
    for (const { label } of fields) expect(label.trim().length).toBeGreaterThan(1);
  });

  test.each(FORMS)('$name: each is of its document; what it offers is taken', ({ schema, fields }) => {
    for (const field of fields) {
      const shape = shapeOf(schema, field.key);
      for (const { value, label } of namedValues(field, shape)) {
        expect(label).not.toBe('');
        expect(shape.schema.safeParse(valueOf(shape.schema, value)).success, field.key).toBe(true);
      }
    }
  });

  test.each(FORMS)('$name: what it prints it reads back', ({ schema, fields, subject }) => {
    for (const field of fields.filter(({ get }) => get === undefined)) {
      const shape = shapeOf(schema, field.key);
      if (namedValues(field, shape).length > 0) continue;
      for (const value of sampleValues(shape.schema)) {
        const text = printField(field, value, subject);
        const back = parseField(field, shape, text, subject);
        if (isRefused(back)) expect(back.accepts.length).toBeGreaterThan(5);
        else expect([field.key, printField(field, back, subject)]).toEqual([field.key, text]);
      }
    }
  });

  test.each(FORMS)('$name: nonsense is refused with what is accepted', ({ schema, fields, subject }) => {
    for (const field of fields.filter(({ writing }) => MEASURES.has(writing.kind))) {
      const read = parseField(field, shapeOf(schema, field.key), '~ nonsense', subject);
      if (!isRefused(read)) throw new Error(`${field.key} took nonsense.`);
      expect(read.got).toBe('~ nonsense');
      expect(read.accepts.length).toBeGreaterThan(5);
    }
  });
});

describe('a field by its schema', () => {
  const of = fieldsOf<Panel>();
  const shape = (key: keyof Panel) => shapeOf(panelSchema, key);
  const typed = (field: Field<Panel>, text: string) =>
    parseField(field, shape(field.key), text, demoJob.panels[0]!);

  test('its range is that of the schema, to the last figure', () => {
    const main = of.number('mainA', 'Main breaker', UNITS.amperes);
    expect(rangeOf(shape('mainA').schema, UNITS.amperes)).toMatchObject({ min: 30, max: 400, whole: true });
    expect([typed(main, '30'), typed(main, '400 A')]).toEqual([30, 400]);
    for (const text of ['29', '401', '100.5'])
      expect(typed(main, text)).toMatchObject({ refused: true, accepts: 'a whole number from 30 to 400 A' });
  });

  test('empty is null where the document says null, and refused where it has to be there', () => {
    expect(typed(of.number('mainA', 'Main breaker', UNITS.amperes), ' ')).toBeNull();
    expect(isRefused(typed(of.number('spaces', 'Spaces', UNITS.none), ''))).toBe(true);
    expect(shapeOf(siteSchema, 'waterFt').empty).toBeUndefined();
    expect(shapeOf(panelSchema, 'feedGround').empty).toBeNull();
  });

  test('what the schema asks besides its range is said as the field says it', () => {
    const spaces = of.number('spaces', 'Spaces', UNITS.none, { accepts: 'an even number from 2 to 84' });
    expect(typed(spaces, '30')).toBe(30);
    expect(typed(spaces, '31')).toMatchObject({ accepts: 'an even number from 2 to 84' });
  });

  test('a length is refused past what the document holds', () => {
    const site = parseField(siteFields.waterFt, shapeOf(siteSchema, 'waterFt'), '1001 ft', {});
    expect(site).toMatchObject({ refused: true, accepts: 'a length up to 1000 ft' });
  });

  test('a key that the document does not have, and a number without limits, are errors of the program', () => {
    expect(() => shapeOf(panelSchema, 'nowhere')).toThrow('No field nowhere.');
    expect(() => rangeOf(panelSchema.shape.name, UNITS.none)).toThrow('No number.');
  });
});
