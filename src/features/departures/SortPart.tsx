'use client';

import { useMemo } from 'react';
import { type Incoming, isSorted, sortFish } from '@/core/commands';
import { REHOME_REASONS, type RehomeReason, type Resident } from '@/core/events';
import { keeperUnit, type ResidentId } from '@/core/kernel';
import { commonName } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { PastDay } from '@/session/react/PastDay';
import { TraderField } from '@/session/react/TraderField';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useTabState } from '@/session/react/useTabState';
import { useResidents, useSettings, useTanks, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { options, SelectField, TextField } from '@/ui/Field';
import { Caution, Section } from '@/ui/Screen';
import { countOf, termOf } from '@/words/en';
import { NewcomersIn } from './NewcomersIn';
import { SortRow } from './SortRow';
import { readRow, type Row, SEXES } from './sortRows';

/** What was said and not written yet; the units of lengths are in the key under which a tab keeps it. */
interface Said {
  readonly rows: Readonly<Record<ResidentId, Row>>;
  readonly ticked: readonly ResidentId[];
  /** Today where none was chosen. */
  readonly day?: string;
  readonly taker: string;
  readonly reason: RehomeReason;
  readonly credit: string;
  readonly cause: string;
  readonly incident: string;
  readonly isRearranged: boolean;
  readonly incoming: readonly Incoming[];
}
const NOTHING_SAID: Said = {
  rows: {},
  ticked: [],
  taker: '',
  reason: 'surplus male',
  credit: '',
  cause: '',
  incident: '',
  isRearranged: false,
  incoming: [],
};

/** Several fish at once, as in an hour with the tank half drained: sexed, marked, measured, kept, moved, given away; one entry, one undo. */
export function SortPart({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const others = useTanks().filter((one) => one.id !== tank.id);
  const nameOf = useResidentName();
  const catalogue = useCatalogue();
  const unit = keeperUnit('length', useSettings());
  const { session, run } = useCommands();
  const [said, setSaid] = useTabState<Said>(`sort.${tank.id}.${unit}`, NOTHING_SAID);
  const {
    rows,
    ticked,
    day = todayIso(),
    taker,
    reason,
    credit,
    cause,
    incident,
    isRearranged,
    incoming,
  } = said;
  const say = (more: Partial<Said>): void => setSaid((before) => ({ ...before, ...more }));
  const read = useMemo(
    () => residents.map((one) => readRow(one, rows[one.id] ?? {}, unit)),
    [residents, rows, unit],
  );

  const put = (ids: Iterable<ResidentId>, how: Row): void =>
    say({ rows: { ...rows, ...Object.fromEntries([...ids].map((id) => [id, { ...rows[id], ...how }])) } });
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
    if (done) say({ rows: {}, ticked: [], isRearranged: false, incoming: [] });
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
    say({
      ticked: residents.filter((one) => species === null || one.species === species).map((one) => one.id),
    });
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
        <span className="fig min-h-8 content-center">{ticked.length} ticked</span>
        <SelectField
          label="Sex of those ticked"
          value=""
          disabled={ticked.length === 0}
          onChange={({ target }) => target.value && put(ticked, { sex: target.value as Resident['sex'] })}
        >
          <option value="">choose</option>
          {options(SEXES)}
        </SelectField>
        <SelectField
          label="Where those ticked go"
          value=""
          disabled={ticked.length === 0}
          onChange={({ target }) => target.value && put(ticked, { goes: target.value })}
        >
          <option value="">choose</option>
          {destinations}
        </SelectField>
        <Button disabled={ticked.length === 0} onClick={() => say({ ticked: [] })}>
          Untick
        </Button>
      </div>
      <div
        aria-hidden="true"
        className="grid grid-cols-[14rem_7rem_9rem_6rem_5rem_1fr] gap-2 text-[0.75rem] text-slate max-sm:hidden"
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
              row={rows[one.id] ?? {}}
              isTicked={ticked.includes(one.id)}
              onTick={() => {
                const next = new Set(ticked);
                if (!next.delete(one.id)) next.add(one.id);
                say({ ticked: [...next] });
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
            <TraderField
              label="New keeper"
              value={taker}
              onChange={({ target }) => say({ taker: target.value })}
            />
            <SelectField
              label="Why"
              value={reason}
              onChange={({ target }) => say({ reason: target.value as RehomeReason })}
            >
              {REHOME_REASONS.map((one) => (
                <option key={one} value={one}>
                  {termOf(one)}
                </option>
              ))}
            </SelectField>
            <TextField
              label="In return"
              value={credit}
              onChange={({ target }) => say({ credit: target.value })}
            />
          </div>
        </Section>
      )}
      {hasDead && (
        <Section title="Those that died" aside="what they share">
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label="Cause, if known"
              value={cause}
              onChange={({ target }) => say({ cause: target.value })}
            />
            <TextField
              label="Incident with several deaths"
              placeholder="no dechlorinator"
              value={incident}
              onChange={({ target }) => say({ incident: target.value })}
            />
          </div>
        </Section>
      )}
      <NewcomersIn tank={tank} incoming={incoming} onChange={(next) => say({ incoming: next })} />
      <div className="flex flex-wrap items-end gap-3">
        <PastDay value={day} onChange={(next) => say({ day: next })} wrap="w-40" />
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-(--deep)"
            checked={isRearranged}
            onChange={({ target }) => say({ isRearranged: target.checked })}
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
