'use client';

import { askedBy, type Asked, type OutcomeName, ownRate, type Warning } from '@/core/evidence';
import { Link } from '@/ui/Link';
import { capital, sayAmount, sayBornOut, sayOutcome, sayOwn, sayOwnRate } from '@/words/en';
import { useExperienceAbout } from './useExperience';

const hrefOf = ({ species, with: other }: Asked): string =>
  `/experience?species=${encodeURIComponent(species)}${other === undefined ? '' : `&with=${encodeURIComponent(other)}`}`;

/** What other keepers' fish did, and this room's own; nothing where nobody kept them. */
export function ExperienceLines({
  asked,
  outcome,
  severity = '',
}: {
  readonly asked: Asked;
  readonly outcome: OutcomeName;
  /** Of the finding it stands beside. */
  readonly severity?: string;
}) {
  const known = useExperienceAbout(asked, outcome);
  if (known === null) return null;
  const { others, own } = known;
  const told = others.outcomes.find((one) => one.outcome === outcome);
  const rate = asked.with === undefined ? null : ownRate(severity, own);
  const borne = told ? sayBornOut(told) : null;
  return (
    <>
      {own.tanks > 0 && <p>{sayOwn(own)}.</p>}
      {rate && <p>{sayOwnRate(rate)}.</p>}
      {told && others.tanks > 0 && (
        <p>
          Experience: {sayAmount(others)}: {sayOutcome(told)}.{' '}
          {borne && <strong className="font-semibold text-ink">{capital(borne)} </strong>}
          <Link className="text-deep underline" href={hrefOf(asked)}>
            How it went
          </Link>
        </p>
      )}
    </>
  );
}

/** The same beside a finding; nothing where its rule warns of what no stay can show. */
export function ExperienceBeside({ finding }: { readonly finding: Warning }) {
  const about = askedBy(finding);
  return about && <ExperienceLines {...about} severity={finding.severity} />;
}
