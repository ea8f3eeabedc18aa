import fc from 'fast-check';
import { readPlan } from '@/core/assess/readPlan';
import { bodySchemaOf } from '@/core/records/documents';
import { validate } from '@/core/kernel/schema/faults';
import { faultLine } from '@/words/en';
import { catalogue } from '@/testing/plans';
import { newTank } from './newTank';

const size = fc.record({
  lengthCm: fc.integer({ min: 5, max: 2000 }),
  widthCm: fc.integer({ min: 5, max: 1000 }),
  heightCm: fc.integer({ min: 5, max: 500 }),
});

describe('newTank', () => {
  it('is a valid document and a valid plan, whatever its size', () => {
    fc.assert(
      fc.property(size, fc.constantFrom('display' as const, 'quarantine' as const), (measures, purpose) => {
        const body = newTank('Holm', purpose, measures, 1);
        const document = validate(bodySchemaOf('tank'), body);
        const plan = readPlan(
          { format: 'lomvik-plan', version: 1, tank: JSON.parse(JSON.stringify(body.tank)), groups: [] },
          catalogue,
        );
        expect(document.ok ? [] : document.faults.map(faultLine)).toEqual([]);
        expect(plan.ok ? [] : plan.faults.map(faultLine)).toEqual([]);
      }),
    );
  });

  it('leaves a quarantine tank bare, and keeps what was typed', () => {
    const measures = { lengthCm: 60.96, widthCm: 30.48, heightCm: 40.64 };
    expect(newTank('Quay', 'quarantine', measures, 1).tank).toMatchObject({
      substrate: 'bare',
      plants: 'none',
    });
    expect(newTank('Fen', 'display', measures, 1, { lengthCm: '2 ft' }).entered).toEqual({
      lengthCm: '2 ft',
    });
  });
});
