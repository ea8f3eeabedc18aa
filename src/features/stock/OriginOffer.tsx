import type { Finding } from '@/core/rules';
import { Button } from '@/ui/Button';
import { termOf } from '@/words/en';

export type SoldAs = 'wild' | 'tank-bred';

/** What was judged as usually sold, if anything was. */
function soldAs(findings: readonly Finding[]): { readonly species: string; readonly as: SoldAs } | null {
  for (const {
    fact,
    species: [species],
  } of findings)
    if (fact.says === 'water/needs' && fact.asSold !== null && species !== undefined)
      return { species, as: fact.asSold };
  return null;
}

/** Where fish were judged as usually sold: says it, and lets the keeper say where these, or all that are listed, come from. */
export function OriginOffer({
  findings,
  canAsk,
  onOrigin,
}: {
  readonly findings: readonly Finding[];
  /** Whether where these come from can be said: they are listed, and none of them lives here. */
  readonly canAsk: (species: string) => boolean;
  /** Of one species, or of all that are listed. */
  readonly onOrigin: (species: string | null, origin: SoldAs) => void;
}) {
  const sold = soldAs(findings);
  if (sold === null) return null;
  const { species, as } = sold;
  const other: SoldAs = as === 'wild' ? 'tank-bred' : 'wild';
  return (
    <p className="my-1 flex flex-wrap items-center gap-2 text-[13px] text-slate">
      Nobody said where they come from: judged as usually sold, {termOf(as)}.
      {canAsk(species) && (
        <>
          <Button onClick={() => onOrigin(species, other)}>These are {termOf(other)}</Button>
          <Button onClick={() => onOrigin(null, other)}>All listed are {termOf(other)}</Button>
        </>
      )}
    </p>
  );
}
