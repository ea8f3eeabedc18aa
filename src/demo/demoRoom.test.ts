import { whenIn } from '@/core/kernel/time/when';
import { SHIPPED_SPECIES } from '@/catalogue';
import { assess } from '@/core/assess/assess';
import { roomPlan } from '@/core/assess/roomPlan';
import { dueItems } from '@/core/due/dueItems';
import { readBackup, writeBackup } from '@/core/formats/backup';
import { faultLine } from '@/words/en';
import { residentsOf } from '@/core/events/room';
import { effective, roomAt } from '@/core/events/roomAt';
import { buildCatalogue } from '@/core/model/catalogue';
import type { DocumentBodies, DraftGroup } from '@/core/records/documents';
import { effectsIn } from '@/core/aggression';
import { demoRoom } from './demoRoom';
import { DEMO_TANKS } from './demoTanks';

const catalogue = buildCatalogue(SHIPPED_SPECIES);
const today = '2026-05-20';
const { documents, entries } = demoRoom(today);
const room = roomAt(entries);
const tankOf = (id: string): DocumentBodies['tank'] =>
  documents.find((document) => document.id === id)?.body as DocumentBodies['tank'];
const listOf = (id: string): readonly DraftGroup[] =>
  (documents.find((document) => document.id === `draft-${id}`)?.body as DocumentBodies['draft'] | undefined)
    ?.groups ?? [];

describe('the demo room', () => {
  it('is a valid backup and every entry finds what it speaks of', () => {
    const read = readBackup(JSON.parse(writeBackup(documents, entries, today)), catalogue);
    expect(read.ok ? [] : read.faults.map(faultLine)).toEqual([]);
    expect(room.loose).toEqual([]);
  });

  it('never reaches past the day it is opened', () => {
    expect(entries.filter((entry) => entry.on.slice(0, 10) > today)).toEqual([]);
  });

  it('has a planted community whose list has real problems, each of the wrong species', () => {
    const answer = assess(
      roomPlan(
        tankOf(DEMO_TANKS.fen),
        residentsOf(room, DEMO_TANKS.fen),
        listOf(DEMO_TANKS.fen),
        catalogue,
        today,
      ),
      catalogue,
      today,
    );
    expect(answer.verdict).toBe('stop');
    const stopped = new Set(
      answer.findings.filter((finding) => finding.severity === 'stop').map((finding) => finding.rule),
    );
    expect([...stopped].sort()).toEqual(
      expect.arrayContaining(['fin-nipping', 'lid', 'predation', 'temper']),
    );
  });

  it('has a rock-and-shell tank with one thing wrong: a rehoming has left three leleupi', () => {
    const answer = assess(
      roomPlan(tankOf(DEMO_TANKS.skerry), residentsOf(room, DEMO_TANKS.skerry), [], catalogue, today),
      catalogue,
      today,
    );
    expect(
      answer.findings
        .filter((finding) => finding.severity === 'stop')
        .map((finding) => `${finding.rule} ${finding.species.join()}`),
    ).toEqual(['group-number neolamprologus-leleupi']);
  });

  it('has loaches that outgrow the nursery, from a month that is still to come', () => {
    const answer = assess(
      roomPlan(tankOf(DEMO_TANKS.nursery), residentsOf(room, DEMO_TANKS.nursery), [], catalogue, today),
      catalogue,
      today,
    );
    const length = answer.findings.find((finding) => finding.fact.says === 'size/needs');
    expect(length?.severity).toBe('stop');
    expect((length?.from ?? '') > '2026-05').toBe(true);
  });

  it('has something due', () => {
    const tanks = Object.values(DEMO_TANKS).map((id) => ({ id, body: tankOf(id) }));
    expect(dueItems(tanks, room, whenIn(`${today}T19:00:00.000Z`, 'UTC')).map((item) => item.kind)).toEqual(
      expect.arrayContaining(['quarantine-over', 'count']),
    );
  });

  it('shows what a record has to hold: look-alikes, a boxed bully, a move, a found fish, a returned one', () => {
    expect(entries).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ type: 'chased', winner: 'demo-clowns', loser: 'demo-clowns' }),
        expect.objectContaining({ type: 'back-again', what: 'found alive', resident: 'demo-rung' }),
        expect.objectContaining({ type: 'back-again', what: 'returned', resident: 'demo-ochre' }),
      ]),
    );
    const { residents } = room;
    expect(residents['demo-amber']).toMatchObject({ count: 1, boxed: null });
    expect(residents['demo-rung']).toMatchObject({ count: 1, died: 0, leftOn: null });
    expect(residents['demo-slate']).toMatchObject({ tank: DEMO_TANKS.skerry, quarantine: 'done' });
    const boxed = effectsIn(effective(entries), DEMO_TANKS.skerry, `${today}T19:00:00.000Z`).find(
      ({ bundle }) => bundle.steps.includes('box or divider'),
    );
    // Nothing that was seen while it sat there is in the rate after it.
    expect([boxed?.bundle.aside?.is, boxed?.during?.events, boxed?.after.watches]).toEqual(['back', 2, 2]);
  });
});
