'use client';

import type { TriedFix } from '@/core/assess';
import type { Fix } from '@/core/rules';
import { useSayings } from '@/session/react/useSayings';
import { Button } from '@/ui/Button';
import { sayLeaves } from '@/words/en';

interface Props {
  readonly fix: TriedFix;
  /** Whether one press does it. */
  readonly doable: boolean;
  readonly onFix: (fix: Fix) => void;
}

/** A fix that was tried: a button where one press does it, else a sentence; and what is left after it. */
export function TriedFixItem({ fix, doable, onFix }: Props) {
  const said = useSayings().fix(fix);
  return (
    <span className="inline-flex flex-wrap items-center gap-x-2">
      {doable ? (
        <>
          <Button onClick={() => onFix({ edit: fix.edit, rehomes: fix.rehomes })}>
            {said.replace(/\.$/, '')}
          </Button>
          <span className="hidden print:inline">{said}</span>
        </>
      ) : (
        <span className="text-[0.8125rem]">{said}</span>
      )}
      <span className="text-[0.75rem] text-slate">{sayLeaves(fix.leaves)}</span>
    </span>
  );
}

interface RestProps extends Omit<Props, 'fix' | 'doable'> {
  readonly fixes: readonly TriedFix[];
  /** What only the keeper can do. */
  readonly advice: readonly Fix[];
  readonly isDoable: (fix: Fix) => boolean;
}

/** The other ways under the headline. */
export function FixList({ fixes, advice, isDoable, onFix }: RestProps) {
  const say = useSayings();
  if (fixes.length + advice.length === 0) return null;
  return (
    <ul aria-label="Other ways" className="my-1 flex flex-col items-start gap-1">
      {fixes.map((fix) => (
        <li key={JSON.stringify(fix.edit)}>
          <TriedFixItem fix={fix} doable={isDoable(fix)} onFix={onFix} />
        </li>
      ))}
      {advice.map((fix) => (
        <li key={JSON.stringify(fix)} className="text-[0.8125rem] text-slate">
          {say.fix(fix)}
        </li>
      ))}
    </ul>
  );
}
