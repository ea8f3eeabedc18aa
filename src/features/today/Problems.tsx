'use client';

import { fishIn, groupByCause, isBad } from '@/core/assess';
import { useSayings } from '@/session/react/useSayings';
import { Link } from '@/ui/Link';
import { useAssessment } from '@/session/react/useAssessment';
import { useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { SeverityMark, VerdictMark } from '@/ui/SeverityMark';
import { FishPlate } from '@/ui/plates/FishPlate';
import { useCatalogue } from '@/session/react/RoomProvider';

const SHOWN = 4;

/** The worst problems of one tank, with the way to them. */
export function Problems({ tank }: { readonly tank: TankView }) {
  const say = useSayings();
  const catalogue = useCatalogue();
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const { findings, today, later, context } = useAssessment(tank, residents, listed);
  const wrong = groupByCause(findings.filter(isBad), fishIn(context.planned));
  const drawn = (id: string | undefined) => {
    const profile = id === undefined ? undefined : catalogue.byId.get(id);
    return profile && <FishPlate profile={profile} className="block h-5 w-9" />;
  };
  const href = `/stock?tank=${tank.id}`;
  if (residents.length + listed.length === 0) {
    return (
      <li className="border-b border-line py-2">
        <span className="font-semibold">{tank.body.name}</span>{' '}
        <Link href={href} className="text-deep underline">
          No fish yet: start the stock list
        </Link>
      </li>
    );
  }
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-baseline justify-between">
        <Link
          href={href}
          className="content-center font-semibold hover:underline max-desk:inline-block max-desk:min-h-8"
        >
          {tank.body.name}
        </Link>
        <VerdictMark verdict={today} later={later} small />
      </div>
      {wrong.length === 0 && <p className="text-slate">No problems.</p>}
      <ul>
        {wrong.slice(0, SHOWN).map((group) => (
          <li key={group.key} className="grid grid-cols-[4.6rem_2.25rem_1fr] items-start gap-2 py-0.5">
            <SeverityMark severity={group.severity} />
            <span>{drawn(group.species[0])}</span>
            <span>{say.cause(group)}</span>
          </li>
        ))}
      </ul>
      {wrong.length > SHOWN && (
        <Link href={href} className="text-[0.8125rem] text-deep underline">
          {wrong.length - SHOWN} more on the stock list
        </Link>
      )}
    </li>
  );
}
