'use client';

import { useMemo, useState } from 'react';
import { type Incoming, isSorted, sortFish } from '@/core/commands';
import { REHOME_REASONS, type RehomeReason, type Resident } from '@/core/events';
import { keeperUnit, type ResidentId } from '@/core/kernel';
import { commonName } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { PastDay } from '@/session/react/PastDay';
import { TraderField } from '@/session/react/TraderField';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useSettings, useTanks, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { options, SelectField, TextField } from '@/ui/Field';
import { Caution, Section } from '@/ui/Screen';
import { countOf, termOf } from '@/words/en';
import { NewcomersIn } from './NewcomersIn';
import { SortRow } from './SortRow';
import { readRow, type Row, SEXES } from './sortRows';

/** Several fish at once, as in an hour with the tank half drained: sexed, marked, measured, kept, moved, given away; one entry, one undo. */
export function SortPart({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const others = useTanks().filter((one) => one.id !== tank.id);
  const nameOf = useResidentName();
  const catalogue = useCatalogue();
  const unit = keeperUnit('length', useSettings());
  const { session, run } = useCommands();
  const [rows, setRows] = useState<ReadonlyMap<ResidentId, Row>>(new Map());
  const [ticked, setTicked] = useState<ReadonlySet<ResidentId>>(new Set());
  const [day, setDay] = useState(todayIso());
  const [taker, setTaker] = useState('');
  const [reason, setReason] = useState<RehomeReason>('surplus male');
  const [credit, setCredit] = useState('');
  const [cause, setCause] = useState('');
  const [incident, setIncident] = useState('');
  const [isRearranged, setIsRearranged] = useState(false);
  const [incoming, setIncoming] = useState<readonly Incoming[]>([]);
  const read = useMemo(
    () => residents.map((one) => readRow(one, rows.get(one.id) ?? {}, unit)),
    [residents, rows, unit],
  );

  const put = (ids: Iterable<ResidentId>, how: Row): void => {
    const next = new Map(rows);
    for (const id of ids) next.set(id, { ...next.get(id), ...how });
    setRows(next);
  };
  const sorted = read.map((one) => one.sorted);
  const many = sorted.filter(isSorted).length + incoming.length;
  const hasLeaving = sorted.some(({ goes }) => goes === 'leaves');
  const hasDead = sorted.some(({ goes }) => goes === 'died');
  const faulty = read.filter((one) => one.fault !== null);
  const lacks =
    faulty.length > 0
      ? `Mend ${nameOf(faulty[0]?.sorted.resident)}: ${faulty[0]?.fault}.`
      : hasLeaving && taker.trim() === ''
        ? 'Type who takes them.'
        : '';
  const save = async (): Promise<void> => {
    const done = await run(`${countOf(many, 'fish', 'fish')} sorted`, [
      ...sortFish(
        {
          tank: tank.id,
          on: momentOn(day),
          fish: sorted,
          incoming,
          taker: taker.trim(),
          reason,
          credit: credit.trim(),
          cause: cause.trim(),
          incident: incident.trim(),
          isRearranged,
          note: '',
        },
        session.stamp,
      ),
    ]);
    if (!done) return;
    setRows(new Map());
    setTicked(new Set());
    setIsRearranged(false);
    setIncoming([]);
  };
  const destinations = (
    <>
      <option value="stays">stays</option>
      {others.map((one) => (
        <option key={one.id} value={one.id}>
          to {one.body.name}
        </option>
      ))}
      <option value="leaves">leaves</option>
      <option value="died">died</option>
    </>
  );
  const tickAll = (species: string | null): void =>
    setTicked(
      new Set(residents.filter((one) => species === null || one.species === species).map((one) => one.id)),
    );
  return (
    <div className="flex max-w-[70rem] flex-col gap-4">
      <p className="text-slate">
        {residents.length === 0 && `No fish in ${tank.body.name} yet. `}Say what was done to each fish, or
        tick several and say it once. All of it is one entry to undo.
      </p>
      <div className="top-(--head) z-10 flex flex-wrap items-end gap-2 border-y border-line bg-paper py-2 sm:sticky">
        <SelectField
          label="Tick"
          value=""
          onChange={({ target }) => target.value && tickAll(target.value === 'all' ? null : target.value)}
        >
          <option value="">choose</option>
          <option value="all">all</option>
          {[...new Set(residents.map((one) => one.species))].map((species) => {
            const profile = catalogue.byId.get(species);
            return (
              <option key={species} value={species}>
                {profile ? commonName(profile) : species}
              </option>
            );
          })}
        </SelectField>
        <span className="fig min-h-8 content-center">{ticked.size} ticked</span>
        <SelectField
          label="Sex of those ticked"
          value=""
          disabled={ticked.size === 0}
          onChange={({ target }) => target.value && put(ticked, { sex: target.value as Resident['sex'] })}
        >
          <option value="">choose</option>
          {options(SEXES)}
        </SelectField>
        <SelectField
          label="Where those ticked go"
          value=""
          disabled={ticked.size === 0}
          onChange={({ target }) => target.value && put(ticked, { goes: target.value })}
        >
          <option value="">choose</option>
          {destinations}
        </SelectField>
        <Button disabled={ticked.size === 0} onClick={() => setTicked(new Set())}>
          Untick
        </Button>
      </div>
      <div
        aria-hidden="true"
        className="grid grid-cols-[14rem_7rem_9rem_6rem_5rem_1fr] gap-2 text-[12px] text-slate max-sm:hidden"
      >
        {['Fish', 'Sex', 'Name or mark', 'Length', 'How many', 'Where'].map((head) => (
          <span key={head}>{head}</span>
        ))}
      </div>
      <ul className="-mt-3">
        {residents.map((one) => {
          const name = nameOf(one);
          return (
            <SortRow
              key={one.id}
              resident={one}
              name={name}
              row={rows.get(one.id) ?? {}}
              isTicked={ticked.has(one.id)}
              onTick={() => {
                const next = new Set(ticked);
                if (!next.delete(one.id)) next.add(one.id);
                setTicked(next);
              }}
              onPut={(how) => put([one.id], how)}
              destinations={destinations}
            />
          );
        })}
      </ul>
      {hasLeaving && (
        <Section title="Those that leave" aside="one keeper, one credit">
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
            <TraderField label="New keeper" value={taker} onChange={({ target }) => setTaker(target.value)} />
            <SelectField
              label="Why"
              value={reason}
              onChange={({ target }) => setReason(target.value as RehomeReason)}
            >
              {REHOME_REASONS.map((one) => (
                <option key={one} value={one}>
                  {termOf(one)}
                </option>
              ))}
            </SelectField>
            <TextField label="In return" value={credit} onChange={({ target }) => setCredit(target.value)} />
          </div>
        </Section>
      )}
      {hasDead && (
        <Section title="Those that died" aside="what they share">
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label="Cause, if known"
              value={cause}
              onChange={({ target }) => setCause(target.value)}
            />
            <TextField
              label="Incident with several deaths"
              placeholder="no dechlorinator"
              value={incident}
              onChange={({ target }) => setIncident(target.value)}
            />
          </div>
        </Section>
      )}
      <NewcomersIn tank={tank} incoming={incoming} onChange={setIncoming} />
      <div className="flex flex-wrap items-end gap-3">
        <PastDay value={day} onChange={setDay} wrap="w-40" />
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-(--deep)"
            checked={isRearranged}
            onChange={({ target }) => setIsRearranged(target.checked)}
          />
          rock and wood were moved
        </label>
        <Button
          tone="main"
          large
          disabled={(many === 0 && !isRearranged) || lacks !== '' || day > todayIso()}
          onClick={save}
        >
          Save {countOf(many, 'fish', 'fish')}
        </Button>
      </div>
      {lacks && many > 0 && (
        <p role="alert" className="text-buoy">
          {lacks}
        </p>
      )}
      <Caution>
        Unplug heaters and pumps before the water falls; they go on again after. Sexes told in the hand are
        noted as likely.
      </Caution>
    </div>
  );
}
