'use client';

import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { commonName } from '@/core/model/catalogue';
import type { TankId } from '@/core/model/ids';
import type { School, SpeciesProfile } from '@/core/model/species';
import { leastTank, tanksFor } from '@/core/tank/tanksFor';
import { newId } from '@/session/browserStamp';
import { newTank } from '@/session/newTank';
import { useCatalogue } from '@/session/react/RoomProvider';
import { draftChange, tankChange, useCommands } from '@/session/react/useCommands';
import { useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SpeciesSearch } from '@/ui/SpeciesSearch';

const SCHOOLS: readonly School[] = ['cautious', 'middle', 'tried'];

/** From the fish: the wished kinds, what each school asks for them together, and the common sizes that give it. */
export function FromFish({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const router = useRouter();
  const catalogue = useCatalogue();
  const { run } = useCommands();
  const tanks = useTanks();
  const [wished, setWished] = useState<readonly SpeciesProfile[]>([]);
  const fitting = useMemo(() => tanksFor(leastTank(wished, 'middle'), STANDARD_TANKS).slice(0, 4), [wished]);

  const start = async (size: (typeof STANDARD_TANKS)[number]): Promise<void> => {
    const id = newId<TankId>();
    const name = `${commonName(wished[0] as SpeciesProfile)} tank`;
    const groups = wished.map((profile) => ({
      key: newId<string>(),
      group: { species: profile.id, count: profile.company.comfortableGroup, lengthCm: profile.size.soldCm },
    }));
    if (
      !(await run(`New tank: ${name}`, [
        tankChange(id, newTank(name, 'display', size, tanks.length + 1)),
        draftChange(id, groups),
      ]))
    )
      return;
    onOpenChange(false);
    router.push(`/stock?tank=${id}`);
  };

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="From the fish"
      about="Name the fish you want; Lomvik says what tank carries them together. Whether they get along is the next question, on the stock list."
    >
      <div className="flex flex-col gap-3">
        <SpeciesSearch
          catalogue={catalogue}
          label="A fish you want"
          onPick={(profile) => setWished((list) => (list.includes(profile) ? list : [...list, profile]))}
        />
        {wished.length > 0 && (
          <>
            <ul className="flex flex-wrap gap-1.5">
              {wished.map((profile) => (
                <li key={profile.id} className="flex items-center gap-1 border border-line px-2">
                  {commonName(profile)}
                  <button
                    type="button"
                    className="grid size-6 place-items-center text-slate"
                    aria-label={`Without ${commonName(profile)}`}
                    onClick={() => setWished(wished.filter((one) => one !== profile))}
                  >
                    <X size={13} aria-hidden="true" />
                  </button>
                </li>
              ))}
            </ul>
            <table className="w-full text-left">
              <thead className="text-[12px] text-slate">
                <tr className="border-b border-line">
                  <th className="py-1 font-medium">School</th>
                  <th className="font-medium">Length</th>
                  <th className="font-medium">Width</th>
                  <th className="font-medium">Height</th>
                  <th className="font-medium">Volume</th>
                </tr>
              </thead>
              <tbody className="fig">
                {SCHOOLS.map((school) => {
                  const least = leastTank(wished, school);
                  const cm = (value: number | null): string => (value === null ? 'any' : `${value} cm`);
                  return (
                    <tr key={school} className="border-b border-line">
                      <td className="py-1 font-sans">{school}</td>
                      <td>{cm(least.lengthCm)}</td>
                      <td>{cm(least.widthCm)}</td>
                      <td>{cm(least.heightCm)}</td>
                      <td>{least.litres === null ? 'any' : `${least.litres} L`}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
            <div>
              <p className="mb-1 text-slate">
                {fitting.length > 0
                  ? 'Common sizes that the middle school would accept, smallest first:'
                  : 'No common size carries them together by the middle school.'}
              </p>
              <div className="flex flex-wrap gap-2">
                {fitting.map((size, index) => (
                  <Button
                    key={size.name}
                    tone={index === 0 ? 'main' : 'plain'}
                    onClick={() => void start(size)}
                  >
                    Start with {size.name}
                  </Button>
                ))}
              </div>
            </div>
          </>
        )}
      </div>
    </Dialog>
  );
}
