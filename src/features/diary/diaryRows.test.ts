import { demoRoom } from '@/demo/demoRoom';
import { DEMO_TANKS } from '@/demo/demoTanks';
import type { Dated, Entry } from '@/core/events/events';
import { roomAt } from '@/core/events/roomAt';
import type { EntryId } from '@/core/kernel/schema/ids';
import { catalogue } from '@/testing/plans';
import { METRIC, sayEvent, wordsFor } from '@/words/en';
import { diaryRows, filterRows } from './diaryRows';

const { entries } = demoRoom('2026-05-20');
const room = roomAt(entries);
const names = { tank: (id: string) => id, resident: (id: string) => room.residents[id]?.name ?? id };
const tell = (event: Dated): string => sayEvent(event, names, wordsFor(catalogue, METRIC));
const all = { tank: null, words: '', struck: false, contests: true };

describe('the diary', () => {
  const rows = diaryRows(entries, tell);
  it('tells everything, newest first', () => {
    expect(rows).toHaveLength(entries.length);
    const moments = rows.map((row) => row.event.on);
    expect(moments).toEqual([...moments].sort().reverse());
  });
  it('finds words in any order, without minding accents or case', () => {
    const found = filterRows(rows, { ...all, words: 'OCHRE maren' });
    expect(found.map((row) => row.event.type)).toEqual(['rehomed']);
  });
  it('takes for a tank what happened there and to who lives there', () => {
    const quay = filterRows(rows, { ...all, tank: DEMO_TANKS.quay });
    expect(quay.map((row) => row.event.type).sort()).toEqual([
      'back-again',
      'came',
      'came',
      'filter',
      'filter',
      'looked',
      'moved',
      'moved',
      'moved',
      'noted',
      'quarantine',
      'quarantine',
      'quarantine',
      'rehomed',
      'saw',
      'tested',
    ]);
    // Given away twice: the first time from where it lived then.
    const rehomed = (tank: string) =>
      filterRows(rows, { ...all, tank }).flatMap(({ event }) =>
        event.type === 'rehomed' && event.resident === 'demo-ochre' ? [event.taker] : [],
      );
    expect([rehomed(DEMO_TANKS.skerry), rehomed(DEMO_TANKS.quay)]).toEqual([
      ['Maren, club'],
      ['Ylva, club table'],
    ]);
    expect(
      filterRows(rows, { ...all, tank: DEMO_TANKS.skerry }).some((row) => row.event.type === 'rehomed'),
    ).toBe(true);
  });
  it('hides contests and struck-out entries unless asked', () => {
    expect(filterRows(rows, { ...all, contests: false }).some((row) => row.event.type === 'chased')).toBe(
      false,
    );
    const strike = {
      id: 'x' as EntryId,
      seq: entries.length + 1,
      recorded: '2026-05-20T20:00',
      type: 'corrected',
      on: '2026-05-20T20:00',
      target: entries[0]!.id,
      replacement: null,
    } as Entry;
    const struck = diaryRows([...entries, strike], tell);
    expect(filterRows(struck, all)).toHaveLength(entries.length - 1);
    expect(
      filterRows(struck, { ...all, struck: true })
        .filter((row) => row.struck)
        .map((row) => row.event.id),
    ).toEqual([entries[0]!.id]);
  });
  it('keeps the last words of an entry that was corrected and then struck out', () => {
    const death = entries.find((entry) => entry.type === 'died')!;
    const correct = (seq: number, replacement: Dated | null): Entry => ({
      id: `c${seq}` as EntryId,
      seq,
      recorded: '2026-05-20T20:00',
      type: 'corrected',
      on: '2026-05-20T20:00',
      target: death.id,
      replacement,
    });
    const { id: _id, seq: _seq, recorded: _recorded, ...said } = death;
    const told = diaryRows(
      [...entries, correct(900, { ...said, cause: 'a leap' }), correct(901, null)],
      tell,
    );
    expect(told.find((row) => row.event.id === death.id)).toMatchObject({
      struck: true,
      text: expect.stringContaining('a leap'),
    });
  });
});
