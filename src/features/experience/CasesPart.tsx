'use client';

import { useState } from 'react';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { countOf, sayStay } from '@/words/en';
import type { Answer } from '@/workers/experienceWork';

const SHOWN = 8;

/** The stays themselves, the longest first: in what tank, for how long, and how it ended. */
export function CasesPart({ answer: { cases, more } }: { readonly answer: Answer }) {
  const words = useWords();
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? cases : cases.slice(0, SHOWN);
  return (
    <Section title="Tank by tank" aside={countOf(cases.length + more, 'stay')}>
      <ul aria-label="Tank by tank">
        {shown.map(({ stay, months }) => {
          const { where, fish, happened } = sayStay(stay, words);
          return (
            <li key={stay.id} className="border-b border-line py-1.5">
              {fish}
              <span className="text-slate">, {countOf(months, 'month')}</span>
              <span className="block text-[0.8125rem] text-slate">
                {where}: {happened}
              </span>
            </li>
          );
        })}
      </ul>
      {!isWhole && cases.length > SHOWN && (
        <Button tone="quiet" onClick={() => setWhole(true)}>
          Show all {cases.length}
        </Button>
      )}
      {isWhole && more > 0 && <p className="text-slate">and {countOf(more, 'more stay')}</p>}
    </Section>
  );
}
