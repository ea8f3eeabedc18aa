'use client';

import { FishFields } from '@/session/react/FishFields';
import { useSayings } from '@/session/react/useSayings';
import { useMemo, useState } from 'react';
import { assess, fishIn, groupByCause, offeredGroup, roomPlan, whatItAdds } from '@/core/assess';
import { commonName, type SpeciesProfile } from '@/core/model';
import { countedOf, countOf } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { VerdictMark } from '@/ui/SeverityMark';
import { CauseLines } from './CauseLines';
import type { useStock } from './useStock';
import { FishPlate } from '@/ui/plates/FishPlate';

const SHOWN = 3;

/** Adds a species to the list, and says what it would change before it is added. */
export function AddSpecies({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const catalogue = useCatalogue();
  const say = useSayings();
  const [[looked, count], setLooked] = useState<readonly [SpeciesProfile | null, number | null]>([
    null,
    null,
  ]);
  const { residents, listed, assessment } = stock;
  const preview = useMemo(() => {
    if (!looked) return null;
    const after = assess(
      roomPlan(
        tank.body,
        residents,
        [...listed, { key: 'preview', group: offeredGroup(looked, count) }],
        catalogue,
        todayIso(),
      ),
      catalogue,
      todayIso(),
    );
    const { brings, settles } = whatItAdds(assessment, after);
    const fishOf = fishIn(after.context.planned);
    return {
      verdict: after.verdict,
      brings: groupByCause(brings, fishOf),
      settles: groupByCause(settles, fishOf),
    };
  }, [looked, count, tank.body, residents, listed, assessment, catalogue]);

  return (
    <div className="no-print">
      <FishFields
        label="Add to the list"
        onLook={(profile, many) => setLooked([profile, many])}
        onPick={(profile, many) => void stock.add(offeredGroup(profile, many), profile)}
        onTake={(taken) => void stock.addAll(taken.map(({ group }) => group))}
      />
      <div aria-live="polite" className="min-h-5 text-[0.8125rem]">
        {looked && preview && (
          <div className="border-l-2 border-deep py-1 pl-3">
            <p className="flex flex-wrap items-center gap-2">
              <FishPlate profile={looked} className="h-7 w-12" />
              <span>
                With <strong>{countedOf(offeredGroup(looked, count).count, looked)}</strong> the verdict is
              </span>
              <VerdictMark verdict={preview.verdict} small />
            </p>
            {preview.brings.length === 0 && <p className="text-slate">No new problems.</p>}
            <CauseLines groups={preview.brings.slice(0, SHOWN)} />
            {preview.brings.length > SHOWN && (
              <p className="text-slate">{countOf(preview.brings.length - SHOWN, 'more problem')}</p>
            )}
            {preview.settles.length > 0 && (
              <p className="text-kelp">It solves: {preview.settles.map(say.cause).join(' ')}</p>
            )}
            <p className="sr-only">Press Enter to add {commonName(looked)}.</p>
          </div>
        )}
      </div>
    </div>
  );
}
