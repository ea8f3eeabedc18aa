import type { Finding } from '@/core/rules';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { termOf } from '@/words/en';

export type SoldAs = 'wild' | 'tank-bred';

/** What was judged as usually sold, species by species. */
const soldAs = (findings: readonly Finding[]): ReadonlyMap<string, SoldAs> =>
  new Map(
    findings.flatMap(({ fact, species: [species] }) =>
      fact.says === 'water/needs' && fact.asSold !== null && species !== undefined
        ? [[species, fact.asSold] as const]
        : [],
    ),
  );

const otherOf = (as: SoldAs): SoldAs => (as === 'wild' ? 'tank-bred' : 'wild');

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
  const words = useWords();
  const sold = soldAs(findings);
  const others = new Set([...sold].flatMap(([species, as]) => (canAsk(species) ? [otherOf(as)] : [])));
  if (sold.size === 0) return null;
  return (
    <ul aria-label="Origin" className="my-1 flex flex-col gap-1 text-[0.8125rem] text-slate">
      {[...sold].map(([species, as]) => (
        <li key={species} className="flex flex-wrap items-center gap-2">
          Nobody said where the {words.many(species)} come from: judged as usually sold, {termOf(as)}.
          {canAsk(species) && (
            <Button onClick={() => onOrigin(species, otherOf(as))}>They are {termOf(otherOf(as))}</Button>
          )}
        </li>
      ))}
      {[...others].map((origin) => (
        <li key={origin}>
          <Button onClick={() => onOrigin(null, origin)}>All listed are {termOf(origin)}</Button>
        </li>
      ))}
    </ul>
  );
}
