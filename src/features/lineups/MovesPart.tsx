'use client';

import { useSayings } from '@/session/react/useSayings';
import { Pin } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useMemo, useState } from 'react';
import { STANDARD_TANKS, tanksToChoose } from '@/catalogue/standardTanks';
import { REHOME_REASONS, type RehomeReason, type Resident } from '@/core/events';
import type { WhoMoves, WishesFile } from '@/core/lineups';
import { decideToGo } from '@/core/commands';
import { commonName, type SpeciesProfile } from '@/core/model';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useLineUpsWorker } from '@/session/react/useLineUps';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { useUnits } from '@/session/react/useUnits';
import { momentOn, todayIso } from '@/session/today';
import { failureWords, type WorkerFailure } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { classes } from '@/ui/classes';
import { SelectField, options } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import type { Wishes } from './useWishes';
import { FishName } from '@/ui/plates/FishName';

type Decision = WhoMoves['decisions'][number];

/** Those of a species that are to leave when only some can stay: who came last goes first. */
function departuresOf(
  residents: readonly Resident[],
  leaves: number,
): readonly { who: Resident; count: number }[] {
  let open = leaves;
  return [...residents]
    .sort((a, b) => (a.cameOn < b.cameOn ? 1 : -1))
    .flatMap((who) => {
      const count = Math.min(open, who.count);
      open -= count;
      return count > 0 ? [{ who, count }] : [];
    });
}

const THIS_TANK = 'this';

function DecisionRow({
  decision,
  profile,
  name,
  reason,
  onReason,
}: {
  readonly decision: Decision;
  readonly profile: SpeciesProfile | undefined;
  readonly name: string;
  readonly reason: RehomeReason;
  readonly onReason: (reason: RehomeReason) => void;
}) {
  const say = useSayings();
  return (
    <Row>
      <Cell>
        <FishName profile={profile}>{name}</FishName>
        {decision.old && (
          <span className="block text-[0.75rem] text-lamp">old for its species: a move is hard on it</span>
        )}
      </Cell>
      <Cell figures>{decision.moves || '–'}</Cell>
      <Cell figures>{decision.leaves || '–'}</Cell>
      <Cell>
        {decision.leaves > 0 && (
          <SelectField
            label={`Why ${name} leaves`}
            value={reason}
            onChange={(event) => onReason(event.target.value as RehomeReason)}
          >
            {options(REHOME_REASONS)}
          </SelectField>
        )}
      </Cell>
      <Cell>
        <span className="text-slate">{decision.why && say.finding(decision.why)}</span>
      </Cell>
    </Row>
  );
}

/** Who of those that live here can move to a new or smaller tank together, and who leaves, with the reason kept. */
export function MovesPart({ tank, wishes }: { readonly tank: TankView; readonly wishes: Wishes }) {
  const say = useSayings();
  const catalogue = useCatalogue();
  const tanks = useTanks();
  const units = useUnits();
  const residents = useRoomState((state) => state.room.residents);
  const { session, run } = useCommands();
  const { ask, own } = useLineUpsWorker();
  const [failure, setFailure] = useState<WorkerFailure | null>(null);
  const [from, setFrom] = useState<readonly string[]>([tank.id]);
  const [target, setTarget] = useState(THIS_TANK);
  const [kept, setKept] = useState<readonly string[]>([]);
  const [planned, setPlanned] = useState(false);
  const [reasons, setReasons] = useState<Readonly<Record<string, RehomeReason>>>({});
  const [answer, setAnswer] = useState<WhoMoves['decisions'] | 'none' | null>(null);

  const species = useMemo(() => {
    const bySpecies = new Map<string, Resident[]>();
    for (const resident of Object.values(residents))
      if (resident.count > 0 && from.includes(resident.tank) && catalogue.byId.has(resident.species))
        bySpecies.set(resident.species, [...(bySpecies.get(resident.species) ?? []), resident]);
    return [...bySpecies].map(([species, members]) => ({
      species,
      members,
      count: members.reduce((sum, one) => sum + one.count, 0),
      since: members.reduce(
        (first, one) => (one.cameOn < first ? one.cameOn : first),
        members[0]?.cameOn ?? '',
      ),
    }));
  }, [residents, from, catalogue]);
  const nameOf = (species: string): string => {
    const profile = catalogue.byId.get(species);
    return profile ? commonName(profile) : species;
  };
  const forget = (): void => setAnswer(null);

  const search = async (): Promise<void> => {
    const size = STANDARD_TANKS.find((one) => one.name === target);
    const { tank: box, water, routine, practice } = tank.body;
    const file: WishesFile = {
      tank: size ? { lengthCm: size.lengthCm, widthCm: size.widthCm, heightCm: size.heightCm } : box,
      water,
      routine,
      practice,
      wishes: planned ? wishes.body.wishes.map(({ price: _price, ...wish }) => wish) : [],
    };
    setFailure(null);
    const movers = species.map(({ species, count, since }) => ({
      species,
      count,
      weight: 3,
      mustKeep: kept.includes(species),
      since,
    }));
    const asked = await ask((remote) => remote.moves(file, own, todayIso(), movers));
    if (!asked.ok) return setFailure(asked.why === 'cancelled' ? null : asked.why);
    const { groups, decisions } = asked.value;
    setReasons({});
    setAnswer(groups === null && kept.length > 0 ? 'none' : decisions);
  };

  const leaving = Array.isArray(answer)
    ? (answer as readonly Decision[]).filter((one) => one.leaves > 0)
    : [];
  const reasonOf = (decision: Decision): RehomeReason =>
    reasons[decision.species] ?? decision.reason ?? 'other';
  const keep = (): void => {
    const on = momentOn(todayIso());
    const changes = leaving.flatMap((decision) => {
      const members = species.find((kind) => kind.species === decision.species)?.members ?? [];
      return departuresOf(members, decision.leaves).map(({ who, count }) =>
        decideToGo(
          {
            on,
            resident: who.id,
            count,
            reason: reasonOf(decision),
            taker: '',
            note: decision.why ? say.finding(decision.why) : '',
          },
          session.stamp,
        ),
      );
    });
    const heads = leaving.reduce((sum, one) => sum + one.leaves, 0);
    void run(`${heads} added to departures`, changes);
  };

  return (
    <div className="flex max-w-[72rem] flex-col gap-4">
      {failure !== null && <Failed why={failureWords(failure) ?? ''} onAgain={() => void search()} />}
      <div className="grid grid-cols-1 gap-x-6 gap-y-3 sm:grid-cols-2">
        <fieldset>
          <legend className="text-[0.75rem] font-medium text-slate">Fish that live in</legend>
          <div className="flex flex-wrap gap-x-4">
            {tanks.map((one) => (
              <label key={one.id} className="flex min-h-8 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="size-4 accent-(--deep)"
                  checked={from.includes(one.id)}
                  onChange={(event) => {
                    setFrom(event.target.checked ? [...from, one.id] : from.filter((id) => id !== one.id));
                    forget();
                  }}
                />
                {one.body.name}
              </label>
            ))}
          </div>
        </fieldset>
        <SelectField
          label="New home"
          value={target}
          onChange={(event) => {
            setTarget(event.target.value);
            forget();
          }}
        >
          <option value={THIS_TANK}>{tank.body.name}, as it is</option>
          {tanksToChoose(units).map((size) => (
            <option key={size.name} value={size.name}>
              a new tank: {size.name}
            </option>
          ))}
        </SelectField>
      </div>
      {species.length === 0 ? (
        <Empty>No fish in the ticked tanks.</Empty>
      ) : (
        <Section title="Must stay" aside="pin the fish that must stay">
          <ul className="flex flex-wrap gap-2">
            {species.map(({ species, count }) => (
              <li key={species}>
                <button
                  type="button"
                  aria-pressed={kept.includes(species)}
                  className={classes(
                    'inline-flex min-h-8 items-center gap-1.5 rounded-xs border px-2',
                    kept.includes(species) ? 'border-deep bg-deep text-on-deep' : 'border-line bg-panel',
                  )}
                  onClick={() => {
                    setKept(
                      kept.includes(species) ? kept.filter((one) => one !== species) : [...kept, species],
                    );
                    forget();
                  }}
                >
                  <Pin size={13} aria-hidden="true" />
                  <FishName profile={catalogue.byId.get(species)}>
                    <span className="fig">{count}</span> {nameOf(species)}
                  </FishName>
                </button>
              </li>
            ))}
          </ul>
          {wishes.body.wishes.length > 0 && (
            <label className="mt-2 flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-(--deep)"
                checked={planned}
                onChange={(event) => {
                  setPlanned(event.target.checked);
                  forget();
                }}
              />
              Make room for what you wish for in {tank.body.name} as well
            </label>
          )}
          <Button tone="main" className="mt-3" onClick={() => search()}>
            Find who moves
          </Button>
        </Section>
      )}
      {answer === 'none' && (
        <p className="text-buoy" role="alert">
          The pinned fish cannot live together there. Unpin one, or choose a larger tank.
        </p>
      )}
      {Array.isArray(answer) && (
        <Section
          title={`${(answer as readonly Decision[]).reduce((sum, one) => sum + one.moves, 0)} stay together, ${leaving.reduce((sum, one) => sum + one.leaves, 0)} leave`}
          aside="proven: no other choice keeps more"
        >
          <Table
            caption="Moving fish"
            heads={[
              'Species',
              { name: 'Stay', figures: true },
              { name: 'Leave', figures: true },
              { name: 'Reason' },
              { name: 'Why' },
            ]}
          >
            {(answer as readonly Decision[]).map((decision) => (
              <DecisionRow
                key={decision.species}
                decision={decision}
                profile={catalogue.byId.get(decision.species)}
                name={nameOf(decision.species)}
                reason={reasonOf(decision)}
                onReason={(reason) => setReasons((before) => ({ ...before, [decision.species]: reason }))}
              />
            ))}
          </Table>
          <div className="my-3 flex flex-wrap items-center gap-3">
            <Button tone="main" disabled={leaving.length === 0} onClick={keep}>
              Add to departures
            </Button>
            <Link className="underline" href={`/departures?tank=${tank.id}`}>
              Departures
            </Link>
          </div>
          <Caution>
            Never release fish into the wild. Fish that wait to leave stay in the sums of their tank.
          </Caution>
        </Section>
      )}
    </div>
  );
}
