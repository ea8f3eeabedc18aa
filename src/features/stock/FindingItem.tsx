'use client';

import { useSayings } from '@/session/react/useSayings';
import { memo, useState } from 'react';
import { growthBand } from '@/core/growth';
import { monthOf } from '@/core/kernel';
import type { Finding, Fix } from '@/core/rules';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { SeverityMark } from '@/ui/SeverityMark';
import { monthName, termOf } from '@/words/en';

interface Props {
  readonly finding: Finding;
  /** One sign a fix: `1` when one press can do it. */
  readonly doable: string;
  readonly onFix: (fix: Fix) => void;
  readonly onLight: (species: string | null) => void;
  /** Not true yet at the date on the slider. */
  readonly later: boolean;
}

/** One finding: what, why with its numbers, and fixes that are one press away. */
export const FindingItem = memo(function FindingItem({ finding, doable, onFix, onLight, later }: Props) {
  const say = useSayings();
  const [open, setOpen] = useState(false);
  const bad = finding.severity === 'stop' || finding.severity === 'caution';
  const figures = say.why(finding);
  const band = finding.from ? growthBand(monthOf(todayIso()), finding.from) : null;
  return (
    <li
      data-later={later || undefined}
      className={classes(
        'in-sight border-b border-line py-2',
        later && 'border-l-2 border-l-line pl-2 text-slate',
      )}
      onPointerEnter={() => onLight(finding.species[0] ?? null)}
      onPointerLeave={() => onLight(null)}
    >
      <div className="grid grid-cols-[3.9rem_1fr] items-start gap-2">
        <SeverityMark severity={finding.severity} />
        <div>
          <p>{say.finding(finding)}</p>
          {(bad || open) && finding.fixes.length > 0 && (
            <div className="mt-1 flex flex-wrap gap-x-2 gap-y-1">
              {finding.fixes.map((fix, index) =>
                doable[index] === '1' ? (
                  <Button key={say.fix(fix)} onClick={() => onFix(fix)}>
                    {say.fix(fix).replace(/\.$/, '')}
                  </Button>
                ) : (
                  <span key={say.fix(fix)} className="self-center text-[13px] text-slate">
                    {say.fix(fix)}
                  </span>
                ),
              )}
            </div>
          )}
          <button
            type="button"
            className="min-h-6 text-[12px] text-slate underline-offset-2 hover:underline"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {open ? 'Hide the numbers' : 'Why?'}
          </button>
          {open && (
            <dl className="text-[12px] text-slate">
              {band && (
                <div>
                  <dt className="inline">as growth varies, between </dt>
                  <dd className="fig inline text-ink">
                    {monthName(band[0])} and {monthName(band[1])}
                  </dd>
                </div>
              )}
              {figures.map(([name, value]) => (
                <div key={name} className="inline-block pr-3">
                  <dt className="inline">{name} </dt>
                  <dd className="fig inline text-ink">{value}</dd>
                </div>
              ))}
              <div>
                <dt className="inline">source: </dt>
                <dd className="inline">
                  {finding.source}
                  {finding.school ? `; approach: ${termOf(finding.school)}` : ''}
                  {finding.contested ? '; keepers disagree' : ''}
                </dd>
              </div>
            </dl>
          )}
        </div>
      </div>
    </li>
  );
});
