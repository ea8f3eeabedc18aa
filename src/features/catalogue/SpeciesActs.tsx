'use client';

import { Link } from '@/ui/Link';
import { useState } from 'react';
import { offeredGroup } from '@/core/assess';
import type { SpeciesProfile } from '@/core/model';
import { useLastTank } from '@/session/react/useLastTank';
import { howManyHref, useSpeciesActs } from '@/session/react/useSpeciesActs';
import { useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';

/** From a profile: listed, wished for, or counted, for a tank of the room. */
export function SpeciesActs({ profile }: { readonly profile: SpeciesProfile }) {
  const tanks = useTanks();
  const last = useLastTank(tanks, null);
  const acts = useSpeciesActs();
  const [chosen, setChosen] = useState<string | null>(null);
  const tank = tanks.find(({ id }) => id === chosen) ?? last;
  if (!tank) return null;
  return (
    <div className="no-print mb-2 flex flex-wrap items-end gap-2">
      <SelectField label="For" value={tank.id} onChange={({ target }) => setChosen(target.value)}>
        {tanks.map(({ id, body }) => (
          <option key={id} value={id}>
            {body.name}
          </option>
        ))}
      </SelectField>
      <Button className="min-h-8" onClick={() => acts.list(tank, profile)}>
        List {offeredGroup(profile).count}
      </Button>
      <Button className="min-h-8" onClick={() => acts.wish(tank, profile)}>
        Wish
      </Button>
      <Link className="min-h-8 content-center text-deep underline" href={howManyHref(tank, profile)}>
        How many fit?
      </Link>
    </div>
  );
}
