'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { readPlan } from '@/core/assess';
import { tankOfPlan } from '@/core/commands';
import type { DocumentBodies, DraftGroup } from '@/core/records';
import { newId } from '@/session/browserStamp';
import { readPlanLink, type LinkReading } from '@/session/planLink';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { TextField } from '@/ui/Field';
import { Empty, Ledger, Screen } from '@/ui/Screen';
import { FirstFish } from './FirstFish';
import { FirstVerdict } from './FirstVerdict';
import { useFirstPlan } from './useFirstPlan';
import { useKeepPlan } from './useKeepPlan';

type Broken = Extract<LinkReading, { ok: false }>['why'];

const SAID: Readonly<Record<Broken, string>> = {
  none: 'A link of a plan holds the whole plan. Paste it here, or open it as any link.',
  broken:
    'This link was cut short or changed on the way: nothing of it can be read. Ask for it again, or for the plan as a file.',
  newer:
    'This link is from a newer Lomvik. Load this page anew to get the newest, or ask for the plan as a file.',
};

function onHash(changed: () => void): () => void {
  window.addEventListener('hashchange', changed);
  return () => window.removeEventListener('hashchange', changed);
}

/** A link pasted into a field goes where a pressed one would. */
function PasteLink() {
  return (
    <TextField
      label="Paste a link of a plan"
      wrap="max-w-[40rem]"
      defaultValue=""
      onChange={({ target }) => {
        if (readPlanLink(target.value).ok)
          window.location.hash = target.value.slice(target.value.indexOf('#'));
      }}
    />
  );
}

/** A plan that came by a link: looked at, changed, and kept as a tank when the keeper says so. */
function Plan({
  body,
  listed,
}: {
  readonly body: DocumentBodies['tank'];
  readonly listed: readonly DraftGroup[];
}) {
  const plan = useFirstPlan(useMemo(() => ({ body, listed }), [body, listed]));
  const words = useWords();
  const keep = useKeepPlan(plan);
  const { tank } = plan;
  if (!tank) return null;
  const { lengthCm, widthCm, heightCm } = tank.body.tank;
  const { temperatureC, ph } = tank.body.water;
  return (
    <div className="flex flex-col gap-4">
      {/* What it comes to stands before what it is made of. */}
      <FirstVerdict plan={plan} tank={tank} />
      <div className="grid grid-cols-1 gap-x-10 gap-y-5 lg:grid-cols-2">
        <FirstFish plan={plan} heading="Fish" />
        <section aria-labelledby="plan-tank">
          <h2 id="plan-tank" className="mb-1 text-[1rem] font-semibold">
            Tank
          </h2>
          <Ledger
            rows={[
              ['Outside', [lengthCm, widthCm, heightCm].map((cm) => words.tank('length', cm)).join(' × ')],
              [
                'Temperature',
                temperatureC === undefined ? 'not said' : words.quantity('temperature', temperatureC),
              ],
              ['pH', ph ?? 'not said'],
            ]}
          />
        </section>
      </div>
      <div className="sticky bottom-0 z-10 -mx-4 flex flex-wrap items-center gap-3 border-t border-line bg-paper px-4 py-2 desk:-mx-6 desk:px-6">
        <Button tone="main" className="max-desk:min-h-11" onClick={keep}>
          Keep as my tank
        </Button>
        <span className="text-[0.8125rem] text-slate">Nothing of it is in your room until then.</span>
      </div>
    </div>
  );
}

/** Reads the plan that stands after the # of the address. */
export function SharedPlan() {
  const hash = useSyncExternalStore(
    onHash,
    () => window.location.hash,
    () => '',
  );
  const catalogue = useCatalogue();
  const link = useMemo(() => readPlanLink(hash), [hash]);
  const read = useMemo(() => (link.ok ? readPlan(link.value.plan, catalogue) : null), [link, catalogue]);
  const given = useMemo(() => {
    if (!link.ok || !read?.ok) return null;
    return {
      body: tankOfPlan(read.value, link.value.name.trim() || 'Plan', 1),
      listed: read.value.groups.map((group) => ({ key: newId<string>(), group })),
    };
  }, [link, read]);
  return (
    <Screen title={given ? `A plan by link: ${given.body.name}` : 'A plan by link'}>
      {given ? (
        <Plan key={hash} {...given} />
      ) : (
        <>
          {!link.ok && link.why === 'none' ? (
            <Empty>{SAID.none}</Empty>
          ) : (
            <div role="alert" className="border-l-2 border-buoy pl-3">
              <p className="font-semibold text-buoy">This plan cannot be opened. Your room is as it was.</p>
              {link.ok ? read && !read.ok && <FaultList faults={read.faults} /> : <p>{SAID[link.why]}</p>}
            </div>
          )}
          <PasteLink />
        </>
      )}
    </Screen>
  );
}
