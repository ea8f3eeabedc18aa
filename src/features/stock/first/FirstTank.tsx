import { adultLengthCm } from '@/core/model';
import { useMemo } from 'react';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { coloursFor } from '@/ui/colourOf';
import { SelectField, TextField } from '@/ui/Field';
import { GlassScene } from '@/ui/scene/GlassScene';
import { sceneTank } from '@/ui/scene/sceneTank';
import type { FirstPlan } from './useFirstPlan';

const LACKS = {
  empty: undefined,
  'not understood': 'Type a size such as 75 gal, 200 L, 4 ft or 120 x 40 x 50.',
  'two measures': 'Add the height: length x width x height.',
  'no such size': 'No common size is near this: type length x width x height.',
} as const;
const NOBODY: readonly never[] = [];
/** The verdict takes some plants for granted, and says so: the drawing shows them. */
const ASSUMED_PLANTS = 'some';

function Glass({ tank, plan }: { readonly tank: TankView; readonly plan: FirstPlan }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const scene = useMemo(
    () => sceneTank({ ...tank.body.tank, plants: tank.body.tank.plants ?? ASSUMED_PLANTS }, NOBODY, tank.id),
    [tank],
  );
  const groups = useMemo(() => {
    const colours = coloursFor(plan.listed.map(({ group }) => group.species));
    return plan.listed.flatMap(({ key, group }) => {
      const profile = catalogue.byId.get(group.species);
      return profile
        ? [
            {
              key,
              profile,
              count: group.count,
              lengthCm: adultLengthCm(profile),
              colour: colours.get(profile.id) ?? '',
              planned: true,
            },
          ]
        : [];
    });
  }, [plan.listed, catalogue]);
  return (
    <GlassScene
      tank={scene}
      groups={groups}
      mode="dress"
      lit={null}
      tickCm={words.tick(scene.lengthCm).cm}
      className="max-h-56 w-full"
      label={`The tank from the front at true scale, its fish grown`}
    />
  );
}

/** What tank do you have? Typed in place; the size as it was understood, and others of that volume or length. */
export function FirstTank({ plan }: { readonly plan: FirstPlan }) {
  const words = useWords();
  const { reading, size, sizes, tank } = plan;
  const measures = (one: { lengthCm: number; widthCm: number; heightCm: number }): string =>
    [one.lengthCm, one.widthCm, one.heightCm].map((cm) => words.tank('length', cm)).join(' × ');
  return (
    <section aria-labelledby="first-tank">
      <h2 id="first-tank" className="mb-1 text-[1rem] font-semibold">
        What tank do you have?
      </h2>
      <TextField
        label="Its size"
        placeholder="75 gal, 200 L, 4 ft, 120 x 40 x 50"
        className="fig min-h-11 w-full rounded-xs border border-slate/60 bg-panel px-3 text-[1rem]"
        enterKeyHint="done"
        autoComplete="off"
        value={plan.text}
        error={reading.ok || plan.text === '' ? undefined : LACKS[reading.why]}
        onChange={({ target }) => plan.type(target.value)}
      />
      {size && (
        <div className="mt-1 flex flex-wrap items-end justify-between gap-x-4 gap-y-1">
          <p>
            <strong>{measures(size)}</strong>{' '}
            {size.name && <span className="text-slate">the usual {size.name}</span>}
          </p>
          {sizes.length > 1 && (
            <SelectField
              label="Other sizes"
              labelHidden
              value={String(Math.min(plan.chosen, sizes.length - 1))}
              onChange={({ target }) => plan.choose(Number(target.value))}
            >
              {sizes.map((one, index) => (
                <option key={one.name} value={index}>
                  {one.name}: {measures(one)}
                </option>
              ))}
            </SelectField>
          )}
        </div>
      )}
      {tank && <Glass tank={tank} plan={plan} />}
    </section>
  );
}
