'use client';

import { memo } from 'react';
import { type Assessment, fishIn, type Trouble } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import type { SpeciesProfile } from '@/core/model';
import { countOf, everyOf } from '@/words/en';
import type { Fix, PlanEdit } from '@/core/rules';
import { useSayings } from '@/session/react/useSayings';
import { useWords } from '@/session/react/useWords';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useTrouble } from '@/session/react/useTrouble';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { VerdictMark } from '@/ui/SeverityMark';

/** So many causes are named. */
const NAMED = 3;

interface Way {
  readonly key: string;
  /** Species that are left out, or the edit that is made. */
  readonly species: readonly string[];
  readonly edit: PlanEdit | null;
  readonly said: string;
  readonly verdict: Assessment['verdict'];
}

const solvedWords = ({ solved, stops, added }: Trouble['most'][number]['problems']): string =>
  `${countOf(solved, 'problem')} solved${stops > 0 ? `, ${stops} of them ${stops === 1 ? 'a stop' : 'stops'}` : ''}${added > 0 ? `, ${added} new` : ''}`;

function waysOf({ most, changes, least }: Trouble): readonly Way[] {
  const single = [
    ...changes.map((one) => ({ ...one, species: [], key: JSON.stringify(one.edit) })),
    // What solves one problem only has its fix beside that problem.
    ...most
      .filter((one) => one.settles > 1)
      .map((one) => ({ ...one, species: [one.species], edit: null, key: one.species })),
  ]
    .filter(({ problems }) => problems.solved > problems.added)
    .sort((a, b) => b.stops - a.stops || b.settles - b.brings - (a.settles - a.brings))
    .slice(0, NAMED)
    .map(({ key, species, edit, problems, verdict }) => ({
      key,
      species,
      edit,
      verdict,
      said: solvedWords(problems),
    }));
  if (!least || least.species.length < 2) return single;
  const { species, problems, verdict } = least;
  const said = `${countOf(problems.solved, 'problem')} solved, no stops left`;
  return [{ key: species.join(), species, edit: null, verdict, said }, ...single];
}

/** The main causes of trouble: what of the tank or which species; each one press. */
export const MainCauses = memo(function MainCauses({
  tank,
  residents,
  listed,
  assessment,
  leaveOut,
  canDo,
  onFix,
}: {
  readonly tank: TankView;
  readonly residents: readonly Resident[];
  readonly listed: readonly DraftGroup[];
  readonly assessment: Assessment;
  readonly leaveOut: (profiles: readonly SpeciesProfile[]) => unknown;
  readonly canDo: (edit: PlanEdit) => boolean;
  readonly onFix: (fix: Fix) => unknown;
}) {
  const say = useSayings();
  const words = useWords();
  const fishOf = fishIn(assessment.context.planned);
  const catalogue = useCatalogue();
  const trouble = useTrouble(tank, residents, listed);
  const there = new Set<string>(listed.map((one) => one.group.species));
  const ways = (trouble === null ? [] : waysOf(trouble)).filter(({ species, edit }) =>
    edit === null ? species.every((id) => there.has(id)) : canDo(edit),
  );
  if (trouble !== null && ways.length === 0) return null;
  return (
    // Room is kept while it is looked into: nothing below jumps under the finger.
    <div className={classes('no-print mt-2', trouble === null && 'min-h-36')}>
      <p className="text-[0.75rem] text-slate">Main causes of trouble{trouble === null && ': checking…'}</p>
      {ways.length > 0 && (
        <ul aria-label="Main causes of trouble" className="flex flex-col gap-1">
          {ways.map(({ key, species, edit, said, verdict }) => {
            const profiles = species.flatMap((id) => catalogue.byId.get(id) ?? []);
            return (
              <li key={key} className="flex flex-wrap items-center gap-x-3">
                {edit === null ? (
                  <Button onClick={() => leaveOut(profiles)}>
                    Without {everyOf(species.map((id) => words.own(id, fishOf(id))))}
                  </Button>
                ) : (
                  <Button onClick={() => onFix({ edit })}>{say.fix({ edit }).replace(/\.$/, '')}</Button>
                )}
                <span className="inline-flex min-h-6 max-desk:min-h-8 items-center gap-x-3 text-[0.8125rem] whitespace-nowrap">
                  {said}
                  <VerdictMark verdict={verdict} small />
                </span>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
});
