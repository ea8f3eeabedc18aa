'use client';

import { profileHref } from '@/ui/hrefs';
import { Link } from '@/ui/Link';
import { memo, useState } from 'react';
import { adviceFor, type CauseGroup, isOtherFish, signature, type TriedFix } from '@/core/assess';
import { saysSame } from '@/core/kernel';
import { editOf, type Fix, type PlanEdit } from '@/core/rules';
import { commonName } from '@/core/model';
import { howManyHref, useSpeciesActs } from '@/session/react/useSpeciesActs';
import { manyOf } from '@/words/en';
import type { TankView } from '@/session/react/useTanks';
import { useSayings } from '@/session/react/useSayings';
import { classes } from '@/ui/classes';
import { SeverityMark } from '@/ui/SeverityMark';
import { FindingItem } from './FindingItem';
import { FixList, TriedFixItem } from './FixList';
import { OriginOffer, type SoldAs } from './OriginOffer';
import { FishPlate } from '@/ui/plates/FishPlate';
import { useCatalogue } from '@/session/react/RoomProvider';

interface Props {
  readonly group: CauseGroup;
  /** The best fixes, each tried; null while they are being tried. */
  readonly fixes: readonly TriedFix[] | null;
  /** Whether one press can make an edit, now. */
  readonly canDo: (edit: PlanEdit) => boolean;
  readonly onFix: (fix: Fix) => void;
  readonly onOrigin: (species: string | null, origin: SoldAs) => void;
  readonly onLight: (species: string | null) => void;
  /** The tank of the room that it is about; left out where it is not kept yet. */
  readonly tank?: TankView;
  /** Not true yet at the date on the slider. */
  readonly later: boolean;
}

/** Fish of a finding that are drawn beside it. */
const DRAWN = 2;

/** Findings and fixes come anew with each list that is looked into, mostly the same: what says the same is not drawn again. */
const isSameItem = (a: Props, b: Props): boolean =>
  saysSame(a.group, b.group) &&
  saysSame(a.fixes, b.fixes) &&
  a.canDo === b.canDo &&
  a.later === b.later &&
  a.tank === b.tank &&
  a.onFix === b.onFix &&
  a.onOrigin === b.onOrigin &&
  a.onLight === b.onLight;

/** Findings of one cause: the headline with the best fix; the rest, other fixes and the figures under it. */
export const CauseItem = memo(function CauseItem({
  group,
  fixes,
  canDo,
  onFix,
  onOrigin,
  onLight,
  tank,
  later,
}: Props) {
  const say = useSayings();
  const catalogue = useCatalogue();
  const profiles = group.species.slice(0, DRAWN).flatMap((id) => catalogue.byId.get(id) ?? []);
  const [open, setOpen] = useState(false);
  const acts = useSpeciesActs();
  const isDoable = (fix: Fix): boolean => {
    const edit = editOf(fix);
    return edit !== null && canDo(edit);
  };
  const inOrder = [...(fixes ?? [])].sort((a, b) => Number(isDoable(b)) - Number(isDoable(a)));
  const [best, ...others] = inOrder;
  const advice = adviceFor(group);
  const [told] = best && !isOtherFish(best.edit) ? [] : advice;
  const isBad = group.severity === 'stop' || group.severity === 'caution';
  const more = group.findings.length - 1;
  return (
    <li
      data-later={later || undefined}
      className={classes(
        'in-sight border-b border-line py-2',
        later && 'border-l-2 border-l-line pl-2 text-slate',
      )}
      onPointerEnter={() => onLight(group.species[0] ?? null)}
      onPointerLeave={() => onLight(null)}
    >
      <div className="grid grid-cols-[4.6rem_1fr] items-start gap-2">
        <span>
          <SeverityMark severity={group.severity} />
          {profiles.map((profile) => (
            <FishPlate key={profile.id} profile={profile} className="mt-1 block h-5 w-10 print:hidden" />
          ))}
        </span>
        <div>
          <p>{say.cause(group)}</p>
          <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
            {(fixes !== null || !isBad) && told && group.severity !== 'good' && (
              <span className="text-[0.8125rem] text-slate">{say.fix(told)}</span>
            )}
            {best && <TriedFixItem fix={best} doable={isDoable(best)} onFix={onFix} />}
            {isBad && fixes?.length === 0 && !told && (
              <span className="text-[0.8125rem] text-slate">Nothing that was tried mends it.</span>
            )}
            <button
              type="button"
              className="min-h-6 max-desk:min-h-8 text-[0.75rem] text-slate underline-offset-2 hover:underline"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              {open ? 'Less' : more > 0 ? `Why? ${more} more` : 'Why?'}
            </button>
          </div>
          {open && (
            <>
              <FixList
                fixes={others}
                advice={told ? advice.slice(1) : advice}
                isDoable={isDoable}
                onFix={onFix}
              />
              <OriginOffer
                findings={group.findings}
                canAsk={(species) => canDo({ kind: 'set-origin', species, origin: 'wild' })}
                onOrigin={onOrigin}
              />
              <p className="no-print mt-1 flex flex-wrap gap-x-4 text-[0.8125rem]">
                {profiles.map((profile) => (
                  <span key={profile.id} className="inline-flex items-baseline gap-2">
                    <Link
                      className="min-h-6 max-desk:min-h-8 text-deep underline"
                      href={profileHref(profile.id)}
                    >
                      {commonName(profile)}
                    </Link>
                    {tank && (
                      <>
                        <Link
                          className="min-h-6 max-desk:min-h-8 text-deep underline"
                          href={howManyHref(tank, profile)}
                        >
                          how many?
                        </Link>
                        <button
                          type="button"
                          className="min-h-6 max-desk:min-h-8 text-deep underline"
                          aria-label={`Wish ${manyOf(profile)}`}
                          onClick={() => void acts.wish(tank, profile)}
                        >
                          wish
                        </button>
                      </>
                    )}
                  </span>
                ))}
              </p>
              <ul>
                {group.findings.map((finding, index) => (
                  <FindingItem
                    key={signature(finding)}
                    finding={finding}
                    headline={index === 0 && more === 0}
                    tank={tank?.id}
                  />
                ))}
              </ul>
            </>
          )}
        </div>
      </div>
    </li>
  );
}, isSameItem);
