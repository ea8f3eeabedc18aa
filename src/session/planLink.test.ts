import { deflateSync, strToU8 } from 'fflate';
import fc from 'fast-check';
import type { PlanFile } from '@/core/model';
import { planLink, readPlanLink } from './planLink';

const plan = {
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm: 120, widthCm: 45, heightCm: 50, lid: true },
  water: { temperatureC: 25 },
  groups: [
    { species: 'corydoras-aeneus', count: 7, lengthCm: 3.5 },
    { species: 'paracheirodon-innesi', count: 14, note: 'größer' },
  ],
} as unknown as PlanFile;
const linkOf = (one: unknown): string => planLink('https://fish.example', 'Fen', one as PlanFile) ?? '';
const link = linkOf(plan);
const text = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64url');

describe('a plan as a link', () => {
  it('comes back as it was, from the whole address or from what stands after the #', () => {
    expect(link).toMatch(/^https:\/\/fish\.example\/plan#1\.[\w-]+$/);
    for (const one of [link, link.slice(link.indexOf('#')), link.slice(link.indexOf('#') + 1), ` ${link}\n`])
      expect(readPlanLink(one)).toEqual({ ok: true, value: { name: 'Fen', plan } });
  });
  it('is short enough for a code that a phone reads', () => {
    const groups = Array.from({ length: 12 }, (_, at) => ({
      species: `species-number-${at}`,
      count: at + 1,
      lengthCm: at / 2 + 2,
      origin: 'tank-bred',
    }));
    expect(linkOf({ ...plan, groups }).length).toBeLessThan(600);
  });
  it('is none where it would hold more than is unpacked', () => {
    const long = { ...plan, groups: [{ species: 'x', count: 1, wayOut: 'a'.repeat(250_000) }] };
    expect(planLink('https://fish.example', 'Fen', long as never)).toBeNull();
  });
  it('says so when half of it is missing, wherever it was cut', () => {
    const start = link.indexOf('#1.') + 3;
    for (let end = start; end < link.length; end += 1)
      expect(readPlanLink(link.slice(0, end))).toEqual({ ok: false, why: 'broken' });
  });
  it('says that it is from a newer program', () =>
    expect(readPlanLink(link.replace('#1.', '#2.'))).toEqual({ ok: false, why: 'newer' }));
  it.each(['', 'hello', 'https://fish.example/stock', '#about'])('is no plan: %s', (other) =>
    expect(readPlanLink(other)).toEqual({ ok: false, why: 'none' }),
  );
  it('never unpacks more than a plan can be', () => {
    const bomb = text(deflateSync(new Uint8Array(50_000_000)));
    expect(bomb.length).toBeLessThan(100_000);
    expect(readPlanLink(`#1.${bomb}`)).toEqual({ ok: false, why: 'broken' });
  });
  it('refuses what is packed rightly and is no plan', () => {
    for (const other of ['null', '7', '{"name":3,"plan":{}}', '{"name":"a"}', '{'])
      expect(readPlanLink(`#1.${text(deflateSync(strToU8(other)))}`)).toEqual({ ok: false, why: 'broken' });
  });
  it('never throws, whatever stands after the #', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (other) => {
        readPlanLink(other);
        readPlanLink(`https://fish.example/plan#1.${other}`);
      }),
    ));
});
