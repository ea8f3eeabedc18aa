'use client';

import { memo, useState } from 'react';
import { type CauseGroup, signature } from '@/core/assess';
import { editOf, type Fix, type PlanEdit } from '@/core/rules';
import { useSayings } from '@/session/react/useSayings';
import { classes } from '@/ui/classes';
import { SeverityMark } from '@/ui/SeverityMark';
import { FindingItem, FixItem } from './FindingItem';

interface Props {
  readonly group: CauseGroup;
  /** Edits that one press can make, as `editKey` writes them, one a line. */
  readonly doable: string;
  readonly onFix: (fix: Fix) => void;
  readonly onLight: (species: string | null) => void;
  /** Not true yet at the date on the slider. */
  readonly later: boolean;
}

/** Tells one edit from all others. */
export const editKey = (edit: PlanEdit): string => JSON.stringify(edit);

/** Findings of one cause: the headline with the best fix; the rest, other fixes and the figures under it. */
export const CauseItem = memo(function CauseItem({ group, doable, onFix, onLight, later }: Props) {
  const say = useSayings();
  const [open, setOpen] = useState(false);
  const can = new Set(doable.split('\n'));
  const isDoable = (fix: Fix): boolean => {
    const edit = editOf(fix);
    return edit !== null && can.has(editKey(edit));
  };
  const fixes = group.findings
    .filter(({ severity }) => severity === group.severity)
    .flatMap((finding) => finding.fixes);
  const best = fixes.find(isDoable) ?? fixes[0];
  const more = group.findings.length - 1;
  return (
    <li
      data-later={later || undefined}
      className={classes(
        'in-sight border-b border-line py-2',
        later && 'border-l-2 border-l-line pl-2 text-slate',
      )}
      onPointerEnter={() => onLight(group.species[0] ?? null)}
      onPointerLeave={() => onLight(null)}
    >
      <div className="grid grid-cols-[4.6rem_1fr] items-start gap-2">
        <SeverityMark severity={group.severity} />
        <div>
          <p>{say.cause(group)}</p>
          <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
            {best && group.severity !== 'good' && (
              <FixItem fix={best} doable={isDoable(best)} onFix={onFix} />
            )}
            <button
              type="button"
              className="min-h-6 text-[12px] text-slate underline-offset-2 hover:underline"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              {open ? 'Less' : more > 0 ? `Why? ${more} more` : 'Why?'}
            </button>
          </div>
          {open && (
            <ul>
              {group.findings.map((finding, index) => (
                <FindingItem
                  key={signature(finding)}
                  finding={finding}
                  headline={index === 0 && more === 0}
                  isDoable={isDoable}
                  onFix={onFix}
                />
              ))}
            </ul>
          )}
        </div>
      </div>
    </li>
  );
});
