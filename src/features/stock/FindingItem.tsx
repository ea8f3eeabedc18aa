'use client';

import { useSayings } from '@/session/react/useSayings';
import { ExperienceBeside } from '@/session/react/ExperienceLines';
import { PredictionBeside } from '@/session/react/PredictionBeside';
import { growthBand } from '@/core/growth';
import { monthOf } from '@/core/kernel';
import type { Finding } from '@/core/rules';
import { todayIso } from '@/session/today';
import { monthName, termOf } from '@/words/en';

/** One finding under its headline: what, and the figures that it rests on. */
export function FindingItem({
  finding,
  headline,
  tank,
}: {
  readonly finding: Finding;
  /** The headline says it already. */
  readonly headline: boolean;
  /** The tank of the room that it is about; left out where it is not kept yet. */
  readonly tank?: string | undefined;
}) {
  const say = useSayings();
  const band = finding.from ? growthBand(monthOf(todayIso()), finding.from) : null;
  return (
    <li className="py-1">
      {!headline && <p>{say.finding(finding)}</p>}
      <dl className="text-[0.75rem] text-slate">
        {band && (
          <div>
            <dt className="inline">as growth varies, between </dt>
            <dd className="fig inline text-ink">
              {monthName(band[0])} and {monthName(band[1])}
            </dd>
          </div>
        )}
        {say.why(finding).map(([name, value]) => (
          <div key={name} className="inline-block pr-3">
            <dt className="inline">{name} </dt>
            <dd className="fig inline text-ink">{value}</dd>
          </div>
        ))}
        <div>
          <dt className="inline">source: </dt>
          <dd className="inline">
            {finding.source}
            {finding.approach ? `; approach: ${termOf(finding.approach)}` : ''}
            {finding.contested ? '; keepers disagree' : ''}
          </dd>
        </div>
      </dl>
      <div className="text-[0.75rem] text-slate">
        {tank !== undefined && <PredictionBeside finding={finding} tank={tank} />}
        <ExperienceBeside finding={finding} />
      </div>
    </li>
  );
}
