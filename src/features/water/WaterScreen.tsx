'use client';

import dynamic from 'next/dynamic';
import { useTell } from '@/session/react/useTell';
import { useStandIns } from '@/session/react/useStandIns';
import { Button } from '@/ui/Button';
import { useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { ChangeForm } from './ChangeForm';
import { OutlookPart } from './OutlookPart';
import { TestForm } from './TestForm';
import { useWaterLog, type WaterLog } from '@/session/react/useWaterLog';
import { dayWords } from '@/words/en';

const CareCard = dynamic(() => import('./CareCard').then((file) => file.CareCard), { ssr: false });
const FaultCard = dynamic(() => import('./FaultCard').then((file) => file.FaultCard), { ssr: false });
const FilterCard = dynamic(() => import('./FilterCard').then((file) => file.FilterCard), { ssr: false });
const ProbeCard = dynamic(() => import('./ProbeCard').then((file) => file.ProbeCard), { ssr: false });

const SHOWN = 12;

function LastTests({ log }: { readonly log: WaterLog }) {
  const tell = useTell();
  const done = [...log.tests, ...log.changes].sort((a, b) => (a.on < b.on ? 1 : -1)).slice(0, SHOWN);
  return (
    <Section title="Log">
      {done.length === 0 && <Empty>Two nitrate tests a week apart start the forecast.</Empty>}
      <ol>
        {done.map((event) => (
          <li key={event.id} className="grid grid-cols-[5rem_1fr] gap-2 border-b border-line py-1">
            <time dateTime={event.on} className="fig text-slate">
              {dayWords(event.on)}
            </time>
            <span>{tell(event)}</span>
          </li>
        ))}
      </ol>
    </Section>
  );
}

export function WaterScreen() {
  const tank = useTank();
  return tank ? <Water key={tank.id} tank={tank} /> : <NoTank title="Water" />;
}

/** The water of a tank: measured, changed, and what is coming. */
function Water({ tank }: { readonly tank: TankView }) {
  const log = useWaterLog(tank);
  const [hasProbe, showProbe] = useStandIns('probe');
  return (
    <Screen title={`Water of ${tank.body.name}`}>
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
        <div className="flex min-w-0 flex-col gap-5">
          <TestForm tank={tank} />
          <ChangeForm tank={tank} />
          <FilterCard tank={tank} />
          <FaultCard tank={tank} />
          <CareCard tank={tank} />
          {hasProbe ? (
            <ProbeCard tank={tank} />
          ) : (
            <p>
              <Button tone="quiet" onClick={() => showProbe(true)}>
                Try the simulated probe
              </Button>
            </p>
          )}
        </div>
        <div className="flex min-w-0 flex-col gap-5">
          <OutlookPart log={log} />
          <LastTests log={log} />
        </div>
      </div>
    </Screen>
  );
}
