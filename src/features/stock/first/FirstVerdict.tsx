import { useState } from 'react';
import { type CauseGroup, fishIn, groupByCause, isBad } from '@/core/assess';
import { editOf } from '@/core/rules';
import { useAssessment } from '@/session/react/useAssessment';
import { fixesOf, useTriedFixes } from '@/session/react/useTriedFixes';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { VerdictMark } from '@/ui/SeverityMark';
import { countOf, NO_PROMISE, sayAssumed } from '@/words/en';
import { useFixPress } from '../useFixPress';
import { CauseItem } from '../CauseItem';
import type { FirstPlan } from './useFirstPlan';

const NOBODY: readonly never[] = [];
/** So many findings stand open; the rest folds. */
const SHOWN = 4;
/** What a first verdict took for granted that a keeper would ask about. */
const ASKED = ['temperatureC', 'ph', 'lid', 'substrate', 'plants'];
const nothing = (): void => undefined;

/** How a finding reads, line by line, for one who has not met one. */
function Guide({ onClose }: { readonly onClose: () => void }) {
  return (
    <div className="border-l-2 border-deep py-1 pl-3 text-[0.8125rem]">
      <ol className="list-decimal pl-5">
        <li>
          The mark says how bad it is: stop, caution, note. A stop means that a fish will suffer or die.
        </li>
        <li>The sentence says what happens, and from which month if it begins later.</li>
        <li>
          A button mends it with one press; beside it stands what is left afterwards. Undo takes it back.
        </li>
        <li>“Why?” shows the numbers behind it, other ways, and how sure it is.</li>
      </ol>
      <Button tone="quiet" onClick={onClose}>
        Got it
      </Button>
    </div>
  );
}

/** The verdict on what was typed so far, with its reasons, the fixes that were tried, and what was assumed. */
export function FirstVerdict({ plan, tank }: { readonly plan: FirstPlan; readonly tank: TankView }) {
  const words = useWords();
  const assessment = useAssessment(tank, NOBODY, plan.listed);
  const tried = useTriedFixes(tank, NOBODY, plan.listed);
  const press = useFixPress(tried, (fix) => {
    const edit = editOf(fix);
    if (edit) plan.fix(edit);
  });
  const [isGuided, setIsGuided] = useState(false);
  const fishOf = fishIn(assessment.context.planned);
  const problems = groupByCause(assessment.findings.filter(isBad), fishOf);
  const notes = groupByCause(
    assessment.findings.filter(({ severity }) => severity === 'note'),
    fishOf,
  );
  const all = [...problems, ...notes];
  const assumed = assessment.assumed.filter(({ path }) => ASKED.includes(path.split('.').at(-1) ?? ''));
  const item = (group: CauseGroup) => {
    const fixes = fixesOf(tried, group);
    return (
      <CauseItem
        key={group.key}
        group={group}
        fixes={fixes}
        canDo={plan.canDo}
        onFix={press}
        onOrigin={nothing}
        onLight={nothing}
        later={group.from !== null}
      />
    );
  };
  return (
    <section aria-label="First verdict" className="border-t-2 border-ink pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p className="flex flex-wrap items-baseline gap-x-3" aria-live="polite">
          <VerdictMark verdict={assessment.today} later={assessment.later} />
          <span className="text-slate">
            {countOf(problems.length, 'problem')}, {countOf(notes.length, 'note')}
          </span>
        </p>
        <span className="flex gap-3">
          {plan.canGoBack && (
            <Button tone="quiet" onClick={plan.back}>
              Undo
            </Button>
          )}
          {problems.length > 0 && (
            <Button tone="quiet" aria-expanded={isGuided} onClick={() => setIsGuided(!isGuided)}>
              How to read a finding
            </Button>
          )}
        </span>
      </div>
      {isGuided && <Guide onClose={() => setIsGuided(false)} />}
      <ul className="grid grid-cols-1 gap-x-8 lg:grid-cols-2" data-testid="first-findings">
        {all.slice(0, SHOWN).map(item)}
      </ul>
      {all.length > SHOWN && (
        <details className="mt-1">
          <summary className="min-h-8 cursor-pointer text-slate">{all.length - SHOWN} more</summary>
          <ul className="grid grid-cols-1 gap-x-8 lg:grid-cols-2">{all.slice(SHOWN).map(item)}</ul>
        </details>
      )}
      <p className="mt-2 text-[0.8125rem] text-slate">
        {assumed.length > 0 && `Assumed: ${assumed.map((one) => sayAssumed(one, words)).join('; ')}. `}
        {NO_PROMISE}
      </p>
    </section>
  );
}
