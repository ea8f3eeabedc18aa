'use client';

import { profileHref } from '@/ui/hrefs';
import { Command } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import { useMemo, useState } from 'react';
import { offeredGroup } from '@/core/assess';
import { commonName } from '@/core/model';
import { findSpecies } from '@/core/search';
import { useCatalogue } from '@/session/react/RoomProvider';
import { howManyHref, useSpeciesActs } from '@/session/react/useSpeciesActs';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { countedOf, manyOf } from '@/words/en';
import { FishPlate } from '@/ui/plates/FishPlate';
import { ROOM_SCREENS, TANK_SCREENS, withTank } from './links';

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly tank: string | null;
  /** The tank that something is done for. */
  readonly actsOn: TankView | null;
  readonly go: (href: string) => void;
  readonly acts: readonly { readonly name: string; readonly act: () => void }[];
}

/** So many species are shown for a text. */
const FOUND = 8;

const ITEM = 'cursor-pointer px-3 py-1.5 data-[selected=true]:bg-water';

/** Everything by name: screens, tanks, species, and what can be done anywhere. */
export default function Palette({ open, onOpenChange, tank, actsOn, go, acts }: Props) {
  const tanks = useTanks();
  const catalogue = useCatalogue();
  const [typed, setTyped] = useState('');
  const found = useMemo(() => findSpecies(catalogue, typed, FOUND), [catalogue, typed]);
  const speciesActs = useSpeciesActs();
  const [first] = found;
  /** What a press does with the species that was meant first. */
  const offered =
    first && actsOn && typed.trim() !== ''
      ? [
          {
            name: `List ${countedOf(offeredGroup(first).count, first)} for ${actsOn.body.name}`,
            act: () => void speciesActs.list(actsOn, first),
          },
          {
            name: `Wish ${manyOf(first)} for ${actsOn.body.name}`,
            act: () => void speciesActs.wish(actsOn, first),
          },
          {
            name: `How many ${manyOf(first)} fit into ${actsOn.body.name}?`,
            act: () => go(howManyHref(actsOn, first)),
          },
        ]
      : [];
  const leave = (href: string): void => {
    onOpenChange(false);
    go(href);
  };
  return (
    <Command.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label="Search"
      overlayClassName="fixed inset-0 z-40 bg-ink/40"
      contentClassName="fixed top-[12dvh] left-1/2 z-50 w-[94vw] max-w-lg -translate-x-1/2 border border-line bg-panel shadow-lg"
    >
      <Radix.Title className="sr-only">Search</Radix.Title>
      <Command.Input
        placeholder="A tank, a screen, a species…"
        value={typed}
        onValueChange={setTyped}
        className="w-full border-b border-line bg-transparent px-3 py-2.5 outline-none"
      />
      <Command.List className="max-h-[50dvh] overflow-y-auto py-1">
        {found.length === 0 && <Command.Empty className="px-3 py-2 text-slate">No match.</Command.Empty>}
        <Command.Group
          heading="Here"
          className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[0.75rem] [&_[cmdk-group-heading]]:text-slate"
        >
          {[
            ...TANK_SCREENS.map((screen) => ({ ...screen, href: withTank(screen.path, tank) })),
            ...ROOM_SCREENS.map((screen) => ({ ...screen, href: screen.path })),
          ].map((screen) => (
            <Command.Item
              key={screen.path}
              value={`screen ${screen.name}`}
              onSelect={() => leave(screen.href)}
              className={ITEM}
            >
              {screen.name}
            </Command.Item>
          ))}
          {tanks.map((one) => (
            <Command.Item
              key={one.id}
              value={`tank ${one.body.name} ${one.id}`}
              onSelect={() => leave(withTank('/stock', one.id))}
              className={ITEM}
            >
              {one.body.name} <span className="text-slate">{one.body.purpose}</span>
            </Command.Item>
          ))}
          {acts.map(({ name, act }) => (
            <Command.Item
              key={name}
              value={`do ${name}`}
              onSelect={() => {
                onOpenChange(false);
                act();
              }}
              className={ITEM}
            >
              {name}
            </Command.Item>
          ))}
        </Command.Group>
        <Command.Group
          forceMount
          hidden={found.length === 0}
          heading="Species"
          className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[0.75rem] [&_[cmdk-group-heading]]:text-slate"
        >
          {found.map((profile) => (
            <Command.Item
              key={profile.id}
              forceMount
              value={`species ${profile.id}`}
              onSelect={() => leave(profileHref(profile.id))}
              className={`${ITEM} flex items-center gap-2`}
            >
              <FishPlate profile={profile} className="h-6 w-11" />
              {commonName(profile)} <span className="text-slate italic">{profile.scientificName}</span>
            </Command.Item>
          ))}
          {offered.map(({ name, act }) => (
            <Command.Item
              key={name}
              forceMount
              value={`with ${name}`}
              onSelect={() => {
                onOpenChange(false);
                act();
              }}
              className={ITEM}
            >
              {name}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}
