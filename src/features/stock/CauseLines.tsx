'use client';

import { type CauseGroup, signature, type Told } from '@/core/assess';
import { useSayings } from '@/session/react/useSayings';
import { SeverityMark } from '@/ui/SeverityMark';
import { countOf } from '@/words/en';

function Headline({ group }: { readonly group: CauseGroup<Told> }) {
  const say = useSayings();
  const [first, ...rest] = group.findings;
  const disagree = group.findings.some(({ contested }) => contested);
  return (
    <>
      {say.cause(group)}
      {disagree && first?.fact.says !== 'pair/contested' && (
        <span className="text-slate"> Keepers disagree.</span>
      )}
      {rest.length > 0 && (
        <details className="text-[0.8125rem] text-slate">
          <summary className="min-h-6 max-desk:min-h-8 cursor-pointer">
            {countOf(rest.length, 'more finding')}
          </summary>
          <ul className="list-disc pl-4">
            {(first && say.finding(first) !== say.cause(group) ? group.findings : rest).map((finding) => (
              <li key={signature(finding)}>{say.finding(finding)}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

/** Findings by cause to be read, not mended: the headline, the rest folded under it. */
export function CauseLines({ groups }: { readonly groups: readonly CauseGroup<Told>[] }) {
  return (
    <ul>
      {groups.map((group) => (
        <li
          key={group.key}
          className="grid grid-cols-[4.6rem_1fr] items-start gap-1 border-b border-line py-1"
        >
          <SeverityMark severity={group.severity} />
          <div>
            <Headline group={group} />
          </div>
        </li>
      ))}
    </ul>
  );
}
