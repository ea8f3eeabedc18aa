'use client';

import { aboutOf, type Warning } from '@/core/evidence';
import { Link } from '@/ui/Link';
import { cameOut, dayName, sayKept } from '@/words/en';
import { usePredictions } from './usePredictions';
import { useWords } from './useWords';

/** Since when a finding is kept score of, and what the record shows since; nothing where it is not. */
export function PredictionBeside({ finding, tank }: { readonly finding: Warning; readonly tank: string }) {
  const words = useWords();
  const { last } = usePredictions();
  const about = aboutOf(finding);
  const kept = last?.find((one) => one.tank === tank && aboutOf(one) === about);
  return (
    kept && (
      <p>
        Score kept since {dayName(kept.on)}: {sayKept(kept, words)}
        {kept.settled === null ? '' : `; you said ${cameOut(kept.settled.outcome)}`}.{' '}
        <Link className="text-deep underline" href="/experience?part=predictions">
          Predictions
        </Link>
      </p>
    )
  );
}
