'use client';

import { Pin } from 'lucide-react';
import { type Assessment, fishIn, groupByCause, isBad } from '@/core/assess';
import type { KeptWish } from '@/core/records';
import { adultLengthCm, commonName } from '@/core/model';
import { CROWDED, NITRATE_BUDGET } from '@/core/rules';
import { useKeptHere } from '@/session/react/useExperience';
import { useWords } from '@/session/react/useWords';
import { countOf, fixed, listed, sayKeptHere, sayInstead, sayWishesMet, tenth, type Words } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import type { TankView } from '@/session/react/useTanks';
import type { Found } from '@/workers/lineUpsWork';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { useSceneTank } from '@/session/react/useSceneTank';
import { GlassScene } from '@/ui/scene/GlassScene';
import { FishPlate } from '@/ui/plates/FishPlate';
import { Ledger } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import type { Wishes } from './useWishes';

const LAYERS = [
  ['top', 'Top'],
  ['middle', 'Middle'],
  ['bottom', 'Bottom'],
] as const;

/** How full the layers are, each against the point at which it counts as crowded. */
function Layers({ assessment }: { readonly assessment: Assessment }) {
  return (
    <div
      className="flex flex-col gap-0.5"
      role="img"
      aria-label={LAYERS.map(
        ([id, name]) => `${name} ${Math.round((assessment.layers[id] / CROWDED) * 100)}% full`,
      ).join(', ')}
    >
      {LAYERS.map(([id]) => (
        <span key={id} className="block h-1.5 w-full bg-water">
          <span
            className="block h-full bg-deep"
            style={{ width: `${Math.min(100, (assessment.layers[id] / CROWDED) * 100)}%` }}
          />
        </span>
      ))}
    </div>
  );
}

/** What all share of the water, in a few words. */
function waterWords({ context }: Assessment, words: Words): string {
  const { temperatureC, ph } = context.shared;
  return [
    temperatureC ? words.range('temperature', temperatureC) : 'no shared temperature',
    ph ? `pH ${tenth(ph[0])} to ${tenth(ph[1])}` : 'no shared pH',
  ].join(', ');
}

/** What the species of a line-up cost as far as prices are known. */
function cost(groups: Found['groups'], wishes: readonly KeptWish[], living: Wishes['living']): string {
  const bought = groups.filter((group) => !living.has(group.species));
  const prices = bought.map((group) => {
    const price = wishes.find((wish) => wish.species === group.species)?.price;
    return price === undefined ? null : price * group.count;
  });
  const known = prices.filter((price) => price !== null);
  if (known.length === 0) return 'no prices given';
  const sum = fixed(
    known.reduce((total, price) => total + price, 0),
    2,
  );
  return known.length < prices.length ? `${sum}, ${prices.length - known.length} unpriced` : sum;
}

interface Props {
  readonly tank: TankView;
  readonly wishes: Wishes;
  readonly found: Found;
  readonly assessment: Assessment;
  readonly place: number;
  /** Species of the best of them. */
  readonly best: readonly string[];
  /** Worth as much as the best. */
  readonly isAsGood: boolean;
  readonly colours: ReadonlyMap<string, string>;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onAdopt: () => Promise<boolean>;
}

/** One line-up of several side by side. */
export function LineUpColumn(props: Props) {
  const { tank, wishes, found, assessment, place, best, isAsGood, colours, chosen, onChoose, onAdopt } =
    props;
  const catalogue = useCatalogue();
  const words = useWords();
  const scene = useSceneTank(tank);
  const kept = new Set(found.groups.map(({ species }) => species));
  const rows = found.groups.flatMap((group) => {
    const profile = catalogue.byId.get(group.species);
    return profile ? [{ group, profile }] : [];
  });
  const here = useKeptHere();
  const keptBefore = rows.flatMap(({ profile }) => here?.get(profile.id) ?? []);
  const open = rows.filter(({ profile }) => !wishes.living.has(profile.id)).map(({ profile }) => profile.id);
  const problems = groupByCause(assessment.findings.filter(isBad), fishIn(assessment.context.planned)).length;
  return (
    <article
      aria-label={`Line-up ${place}`}
      className={classes(
        'flex w-72 shrink-0 flex-col gap-2 border-t-2 pt-2',
        chosen ? 'border-deep' : 'border-line',
      )}
    >
      <header className="flex items-baseline justify-between gap-2">
        <button
          type="button"
          aria-pressed={chosen}
          className="text-left hover:underline"
          onClick={onChoose}
          title="See what this one leaves out, and why"
        >
          <span className="block font-semibold">{sayWishesMet(kept, wishes.body.wishes)}</span>
          <span className="block text-[0.75rem] text-slate">
            {place === 1
              ? 'The best'
              : `${sayInstead([...kept], best, words.many)}${isAsGood ? '; as good' : ''}`}
          </span>
        </button>
        <span className="inline-flex items-baseline gap-2">
          <VerdictMark verdict={assessment.today} later={assessment.later} small />
          {problems > 0 && (
            <span className="whitespace-nowrap text-[0.75rem] text-slate">
              {countOf(problems, 'problem')}
            </span>
          )}
        </span>
      </header>
      {found.favourites && (
        <p className="text-[0.75rem] text-slate">
          {found.favourites.length === 0
            ? 'Around none of the favourites'
            : `Around ${found.favourites
                .map((id) => {
                  const profile = catalogue.byId.get(id);
                  return profile ? commonName(profile) : id;
                })
                .join(', ')}`}
        </p>
      )}
      <GlassScene
        tank={scene}
        groups={rows.map(({ group, profile }) => ({
          key: profile.id,
          profile,
          count: group.count,
          lengthCm: adultLengthCm(profile),
          colour: colours.get(profile.id) ?? '',
          planned: false,
        }))}
        widthPx={300}
        className="h-32 w-full"
        label={`Line-up ${place}, grown, from the front at true scale`}
      />
      <ul>
        {rows.map(({ group, profile }) => {
          const wish = wishes.body.wishes.find((one) => one.species === profile.id);
          return (
            <li key={profile.id} className="flex items-center gap-1.5 border-b border-line">
              <span
                className="inline-block h-6 w-1 shrink-0"
                style={{ background: colours.get(profile.id) }}
                aria-hidden="true"
              />
              <span className="fig w-6 text-right">{group.count}</span>
              <FishPlate profile={profile} className="h-5 w-9" />
              <span className="min-w-0 flex-1 truncate">{commonName(profile)}</span>
              {wish ? (
                <button
                  type="button"
                  aria-pressed={wish.mustHave === true}
                  aria-label={`${commonName(profile)} must be there`}
                  title="Lock and search again"
                  className={classes(
                    'grid size-6 max-desk:size-8 place-items-center rounded-xs',
                    wish.mustHave === true ? 'bg-deep text-on-deep' : 'text-slate hover:text-ink',
                  )}
                  onClick={() => wishes.lock([profile.id], wish.mustHave !== true)}
                >
                  <Pin size={12} aria-hidden="true" />
                </button>
              ) : (
                <span className="grid min-h-6 max-desk:min-h-8 items-center pr-1 text-[0.75rem] text-slate">
                  in the tank
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <Ledger
        rows={[
          ['Shared water', waterWords(assessment, words)],
          ['Layers', <Layers key="layers" assessment={assessment} />],
          [
            'Nitrate a week',
            `${tenth(assessment.context.load.nitrateMgLWeek)} of ${words.quantity('concentration', wishes.body.nitrateBudget ?? NITRATE_BUDGET)}`,
          ],
          ['Cost', cost(found.groups, wishes.body.wishes, wishes.living)],
          [
            'Leaves out',
            found.leftOut.length === 0
              ? 'nothing'
              : listed(found.leftOut.map(({ species }) => words.many(species))),
          ],
          ...(keptBefore.length === 0
            ? []
            : [['Lived here before', keptBefore.map((one) => sayKeptHere(one, words)).join('; ')] as const]),
        ]}
      />
      <div className="flex flex-wrap gap-1">
        <Button tone={place === 1 ? 'main' : 'plain'} onClick={onAdopt}>
          Save as draft
        </Button>
        <Button tone="quiet" onClick={() => wishes.lock(open, true)}>
          Lock these, search again
        </Button>
      </div>
    </article>
  );
}
