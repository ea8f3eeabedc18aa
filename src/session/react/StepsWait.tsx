import type { ReactNode } from 'react';
import { Failed } from '@/ui/Failed';
import { failureWords } from '@/workers/workerLine';
import type { InSteps } from './useInSteps';

/** What stands in the place of an answer that is being worked out, or that could not be. */
export function StepsWait({
  of: { failed, again },
  children,
}: {
  readonly of: Pick<InSteps<unknown>, 'failed' | 'again'>;
  readonly children: ReactNode;
}) {
  return failed ? <Failed why={failureWords('failed') ?? ''} onAgain={again} /> : children;
}
