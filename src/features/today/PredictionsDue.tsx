'use client';

import { usePredictions } from '@/session/react/usePredictions';
import { Link } from '@/ui/Link';
import { countOf } from '@/words/en';

/** Warnings of which the record can say how they came out, waiting for the keeper's word; nothing where there are none. */
export function PredictionsDue() {
  const { last } = usePredictions();
  const due = (last ?? []).filter(({ proposed, settled }) => proposed !== null && settled === null).length;
  return due === 0 ? null : (
    <p className="mt-3 border-t border-line pt-2">
      {countOf(due, 'warning')} {due === 1 ? 'waits' : 'wait'} for your answer: did{' '}
      {due === 1 ? 'it' : 'they'} come true?{' '}
      <Link className="text-deep underline" href="/experience?part=predictions">
        Answer
      </Link>
    </p>
  );
}
