'use client';

import { useSayings } from '@/session/react/useSayings';
import { growthBand } from '@/core/growth';
import { monthOf } from '@/core/kernel';
import type { Finding, Fix } from '@/core/rules';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { monthName, termOf } from '@/words/en';

/** A fix: a button where one press does it, else a sentence. */
export function FixItem({
  fix,
  doable,
  onFix,
}: {
  readonly fix: Fix;
  readonly doable: boolean;
  readonly onFix: (fix: Fix) => void;
}) {
  const said = useSayings().fix(fix);
  return doable ? (
    <Button onClick={() => onFix(fix)}>{said.replace(/\.$/, '')}</Button>
  ) : (
    <span className="self-center text-[13px] text-slate">{said}</span>
  );
}

/** One finding under its headline: what, the fixes, and the figures that it rests on. */
export function FindingItem({
  finding,
  headline,
  isDoable,
  onFix,
}: {
  readonly finding: Finding;
  /** The headline says it already. */
  readonly headline: boolean;
  readonly isDoable: (fix: Fix) => boolean;
  readonly onFix: (fix: Fix) => void;
}) {
  const say = useSayings();
  const band = finding.from ? growthBand(monthOf(todayIso()), finding.from) : null;
  return (
    <li className="py-1">
      {!headline && <p>{say.finding(finding)}</p>}
      {finding.fixes.length > 0 && (
        <div className="my-1 flex flex-wrap gap-x-2 gap-y-1">
          {finding.fixes.map((fix) => (
            <FixItem key={say.fix(fix)} fix={fix} doable={isDoable(fix)} onFix={onFix} />
          ))}
        </div>
      )}
      <dl className="text-[12px] text-slate">
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
    </li>
  );
}
