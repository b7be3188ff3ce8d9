import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { familyList, freshAppliance } from '../../../src/core/appliances/registry';
import { fullHouse } from '../../support/fullHouse/job';
import { readSchedule, type Schedule } from '../../../src/core/schedule/readSchedule';
import { worksheetOfCsv } from '../../../src/core/schedule/scheduleWorksheet';
import { writeSchedule, writeWorksheet } from '../../../src/core/schedule/writeSchedule';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { circuit, context } from '../../support/circuits';
import { runs } from '../../support/luck';

const ids = () => {
  let at = 0;
  return () => `id-${(at += 1)}`;
};

const read = (text: string): Extract<Schedule, { rows: unknown }> => {
  const schedule = readSchedule(text, ids());
  if ('problem' in schedule) throw new Error(schedule.problem);
  return schedule;
};

describe("a builder's schedule", () => {
  test('rows as they are typed, with their own columns', () => {
    const { rows, bad } = read(
      'name,appliance,length,method,place\nDeck tub,hot tub 50,40 ft,pvc40,outdoor\n,range 12 kW,,,\nVan,trailer 50,90,pvc40,underground\n',
    );
    expect(bad).toEqual([]);
    expect(rows.map(({ circuit: { name } }) => name)).toEqual(['Deck tub', 'Range, 12 kW', 'Van']);
    expect(rows[0]?.circuit.run[0]).toMatchObject({ method: 'pvc40', lengthFt: 40, place: 'outdoor' });
    expect(rows[1]?.circuit.run[0]).toMatchObject({ method: 'nm-b', lengthFt: 40 });
  });

  test('the words of the screens are taken: PVC Sch 40, EMT, outdoors, damp place', () => {
    const { rows, bad } = read(
      'appliance,length,method,place\ndryer 5,30,NM-B cable,indoors\nhot tub 50,40,PVC,outdoors\nrv 50,90,PVC Sch 40,underground\nkiln 9 kW,30,EMT,damp place',
    );
    expect(bad).toEqual([]);
    expect(rows.map(({ circuit }) => [circuit.run[0]?.method, circuit.run[0]?.place])).toEqual([
      ['nm-b', 'indoor'],
      ['pvc40', 'outdoor'],
      ['pvc40', 'underground'],
      ['emt', 'damp'],
    ]);
  });

  test('everything that is wrong in a row is told at once', () => {
    const { bad } = read('appliance,length,method,place\nsofa,long,rope,moon\ndryer 5,10,nm,indoors');
    expect(bad.map(({ line, column }) => `${line} ${column}`)).toEqual([
      '2 appliance',
      '2 length',
      '2 method',
      '2 place',
    ]);
  });

  test('a bad row names its line, its column and what is accepted, and spoils no other', () => {
    const { rows, bad } = read(
      'appliance;length;method;place\nhot tub 50;x;pvc40;outdoor\nrange;10;nm-b;\ndryer 5;10;rope;\ndryer 5;10;nm-b;moon\ndryer 5;10;nm-b;indoor',
    );
    expect(rows).toHaveLength(1);
    expect(bad.map(({ line, column }) => `${line} ${column}`)).toEqual([
      '2 length',
      '3 appliance',
      '4 method',
      '5 place',
    ]);
    expect(bad[2]?.message).toContain('use one of NM-B, UF-B');
  });

  test('a row with more cells than the header is told, not guessed at', () => {
    const { rows, bad } = read('appliance,length\nrange 12 kW,30,40\nrange 12 kW,30');
    expect(bad.map(({ line, message }) => `${line} ${message}`)).toEqual([
      '2 has more cells than the header: is a comma missing its quotes?',
    ]);
    expect(rows).toHaveLength(1);
  });

  test.each([
    ['', 'no rows'],
    ['appliance\n', 'no rows'],
    ['what,where\nrange,kitchen', 'needs a column "appliance"'],
  ])('%j is no schedule: %s', (text, words) => {
    const schedule = readSchedule(text, ids());
    expect('problem' in schedule ? schedule.problem : '').toContain(words);
  });

  test('hostile headers and cells are read or refused, and touch nothing else', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string(), { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 6 }),
        (cells) => {
          const text = [
            'family,nameplate.kw,__proto__.polluted,constructor.prototype.x',
            ...cells.map((row) => row.map((cell) => JSON.stringify(cell)).join(',')),
          ].join('\n');
          const schedule = readSchedule(text, ids());
          expect('problem' in schedule || schedule.rows.length + schedule.bad.length >= 0).toBe(true);
          expect(Reflect.get({}, 'polluted')).toBeUndefined();
        },
      ),
      runs(100),
    );
  });
});

describe('one row, however it is written', () => {
  const typed = 'name,appliance,length,method,place,site.sinkFt\nDeck,hot tub 50,40,pvc40,attic,8\n';
  const dotted =
    'name,family,nameplate.breakerA,nameplate.volts,nameplate.neutral,lengthFt,method,location,site.sinkFt\n' +
    'Deck,hot-tub,50,240,true,40,pvc40,attic,8\n';
  const of = (text: string) => {
    const schedule = readSchedule(text, ids(), { outdoor: 38, attic: 55, garage: 40 });
    if ('problem' in schedule) throw new Error(schedule.problem);
    return schedule.rows.map((row) => row.circuit);
  };

  test('becomes the same circuit, as the job has its new circuits', () => {
    const [made] = of(typed);
    expect(of(dotted)).toEqual([made]);
    expect(made).toMatchObject({
      name: 'Deck',
      terminals: { panel: 'unmarked', load: 'unmarked' },
      site: { sinkFt: 8 },
    });
    expect(made?.run).toMatchObject([{ method: 'pvc40', lengthFt: 40, place: 'attic', ambientC: 55 }]);
  });

  test('what it says itself is not overruled by the job', () => {
    const [made] = of(
      'family,nameplate.kw,nameplate.volts,nameplate.connection,method,lengthFt,ambientC,terminalC\nkiln,9.6,240,hardwired,emt,30,41,75\n',
    );
    expect(made?.terminals).toEqual({ panel: 75, load: 75 });
    expect(made?.run[0]?.ambientC).toBe(41);
  });

  test('the sample of the schedule dialog is answered in the shell as well', () => {
    const sheet = worksheetOfCsv(
      'name,appliance,length,method,place\nDeck,hot tub 50,40,pvc40,outdoor\nKitchen,range 12 kW,35,,',
    );
    const answered = answerWorksheet(sheet);
    if ('problem' in answered) throw new Error('not answered');
    expect(answered.items).toMatchObject([
      { id: 'Deck', result: { ocpdA: 50 } },
      { id: 'Kitchen', result: { ocpdA: 40 } },
    ]);
  });

  test.each([
    ['length', 'x', 'lengthFt'],
    ['method', 'rope', 'method'],
    ['place', 'moon', 'location'],
  ])('in the shell a %s that is %s names its field', (column, cell, field) => {
    const answered = answerWorksheet(worksheetOfCsv(`name,appliance,${column}\nDeck,dryer 5,${cell}`));
    if ('problem' in answered) throw new Error('not answered');
    expect(answered.items).toMatchObject([{ error: { path: `items[0].${field}` } }]);
  });
});

describe('circuits as CSV, both ways', () => {
  test('every family comes back as it was, to the same figures', () => {
    const circuits = familyList.map(({ id }) => circuit({ id, name: id, appliance: freshAppliance(id) }));
    const { rows, bad } = read(writeSchedule(circuits));
    expect(bad).toEqual([]);
    for (const [index, { circuit: back }] of rows.entries()) {
      const was = circuits[index];
      expect(back.appliance).toEqual(was?.appliance);
      expect(was && solveCircuit(back, context()).figures.size).toBe(
        was && solveCircuit(was, context()).figures.size,
      );
    }
  });

  test('runs of several segments, pins and sites too', () => {
    const { rows, bad } = read(writeSchedule(fullHouse.circuits));
    expect(bad).toEqual([]);
    expect(rows.map(({ circuit: { run } }) => run.length)).toEqual(
      fullHouse.circuits.map(({ run }) => run.length),
    );
    expect(rows[0]?.circuit.pins).toEqual(fullHouse.circuits[0]?.pins);
  });

  test('a row with a wrong plate names the field', () => {
    const { bad } = read(
      'family,nameplate.kw,nameplate.volts,nameplate.connection,method,lengthFt\nrange,90,240,hardwired,nm-b,30\nrange,9,240,,nm-b,30',
    );
    expect(bad.map(({ column }) => column)).toEqual(['nameplate.kw', 'nameplate.connection']);
  });
});

describe('worksheets', () => {
  test('the circuits of a worksheet come in, and its other items are told', () => {
    const { rows, bad } = read(
      writeWorksheet(fullHouse.circuits, 2023).replace('"items": [', '"items": [{"id":"b","kind":"box"},'),
    );
    expect(rows.map(({ circuit: { appliance } }) => appliance)).toEqual(
      fullHouse.circuits.map(({ appliance }) => appliance),
    );
    expect(bad).toEqual([
      { line: 1, column: 'kind', message: 'Only items of kind circuit become circuits.' },
    ]);
  });

  test.each([
    ['{"worksheet":1', 'damaged or cut short'],
    ['{"worksheet":2,"items":[]}', 'not valid at worksheet'],
  ])('%s is none: %s', (text, words) => {
    const schedule = readSchedule(text, ids());
    expect('problem' in schedule ? schedule.problem : '').toContain(words);
  });

  test('a CSV of either kind is answered as a worksheet', () => {
    const answer = (text: string) => {
      const sheet = worksheetOfCsv(text);
      const answered = answerWorksheet(sheet);
      return 'problem' in answered ? [] : answered.items;
    };
    expect(
      answer('family,nameplate.kw,nameplate.volts,method,lengthFt\nkiln,9.6,240,nm-b,30')[0],
    ).toMatchObject({ result: { ocpdA: 50, size: '6' } });
    const typed = answer('name,appliance,lengthFt\nDen,mini split 19/30,40\nX,sofa,3');
    expect(typed[0]).toMatchObject({ id: 'Den', result: { ocpdA: 30 } });
    expect(typed[1]).toMatchObject({ id: 'X', error: { path: 'items[1].family' } });
  });
});
