import { useCallback, useMemo, useState } from 'react';
import { commonName } from '@/core/model';
import type { ResidentId } from '@/core/kernel';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { classes } from '@/ui/classes';
import { useKeys } from '@/ui/useKeys';
import { FishPlate } from '@/ui/plates/FishPlate';
import { FishButton } from './FishButton';
import { keysOf, type PadFish, padOf } from './padOf';

/** The fish of the last contests of a tank, the latest first, as they were when the screen was opened. */
function useLately(tank: TankView): readonly string[] {
  const happenings = useHappenings();
  const [before] = useState(() => new Date().toISOString());
  return useMemo(() => {
    const lately = new Set<string>();
    for (const event of [...(happenings ?? [])].reverse()) {
      if (event.type !== 'chased' || event.tank !== tank.id || event.on > before) continue;
      lately.add(event.winner).add(event.loser);
      if (lately.size > 24) break;
    }
    return [...lately];
  }, [happenings, tank.id, before]);
}

/** The fish of a tank to press: those active lately first, look-alikes as one, each species to be opened. */
export function FishPad({
  tank,
  chosen,
  hasKeys,
  onPress,
}: {
  readonly tank: TankView;
  readonly chosen: ResidentId | null;
  /** Whether number keys press the buttons that show them. */
  readonly hasKeys: boolean;
  readonly onPress: (id: ResidentId) => void;
}) {
  const residents = useResidents(tank.id);
  const catalogue = useCatalogue();
  const colours = useResidentColours(residents);
  const names = useNames();
  const words = useWords();
  const lately = useLately(tank);
  const [opened, setOpened] = useState<string | null>(null);
  const pad = useMemo(() => padOf(residents, lately, opened), [residents, lately, opened]);
  const keys = useMemo(() => keysOf(residents, pad, opened), [residents, pad, opened]);
  useKeys(
    useCallback(
      (key) => {
        const fish = keys.get(key);
        if (fish) onPress(fish);
        return fish !== undefined;
      },
      [keys, onPress],
    ),
    hasKeys,
  );
  const keyOf = new Map([...keys].map(([key, id]) => [id, key]));
  const kindOf = (species: string): string => {
    const profile = catalogue.byId.get(species);
    return profile ? commonName(profile) : species;
  };
  const button = ({ id, species, resident, of, sex }: PadFish) => {
    const several = resident === null || !resident.individual;
    const kind = kindOf(species);
    return (
      <FishButton
        key={id}
        name={
          !several ? names.resident(id) : sex === 'unknown' ? resident?.name || `one of ${of}` : `a ${sex}`
        }
        about={
          several ? (resident?.name ? `one of ${of}` : kind) : sex === 'unknown' ? kind : `${sex} ${kind}`
        }
        colour={resident ? (colours.get(id) ?? '') : null}
        profile={catalogue.byId.get(species) ?? null}
        wearer={sex !== 'unknown' ? sex : null}
        hotkey={hasKeys ? (keyOf.get(id) ?? null) : null}
        chosen={id === chosen}
        waiting={chosen !== null}
        onPress={() => onPress(id)}
      />
    );
  };
  const grid = 'grid grid-cols-3 gap-1.5';
  return (
    <div className="flex flex-col gap-2">
      <div role="group" aria-label="Species" className="flex flex-wrap gap-x-1 gap-y-1">
        {pad.species.map(({ id, heads }) => {
          const profile = catalogue.byId.get(id);
          return (
            <button
              key={id}
              type="button"
              aria-pressed={opened === id}
              onClick={() => setOpened(opened === id ? null : id)}
              className={classes(
                'flex min-h-11 items-center gap-1 border px-1.5 text-[0.75rem] md:min-h-9',
                opened === id ? 'border-deep text-deep' : 'border-edge text-slate',
              )}
            >
              {profile && <FishPlate profile={profile} className="h-4 w-7" />}
              {words.counted(id, heads)}
            </button>
          );
        })}
      </div>
      {pad.active.length > 0 && (
        <div>
          <p className="mb-1 text-[0.75rem] text-slate">Active lately</p>
          <div className={grid} role="group" aria-label="Active lately">
            {pad.active.map(button)}
          </div>
        </div>
      )}
      <div>
        {pad.active.length > 0 && <p className="mb-1 text-[0.75rem] text-slate">Others, by species</p>}
        <div className={grid} role="group" aria-label="Fish">
          {pad.others.map(button)}
        </div>
      </div>
    </div>
  );
}
