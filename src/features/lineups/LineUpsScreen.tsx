'use client';

import { useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Screen } from '@/ui/Screen';
import { MovesPart } from './MovesPart';
import { SizePart } from './SizePart';
import { useWishes } from './useWishes';
import { WishesPart } from './WishesPart';

const PARTS = [
  ['wishes', 'From wishes'],
  ['size', 'Smallest tank'],
  ['moves', 'Moving fish'],
] as const;

export function LineUpsScreen() {
  const tank = useTank();
  return tank ? <LineUps key={tank.id} tank={tank} /> : <NoTank title="Line-ups" />;
}

/** What of all that is wished can live together in a tank. */
function LineUps({ tank }: { readonly tank: TankView }) {
  const wishes = useWishes(tank);
  const part = usePart(PARTS);
  return (
    <Screen title={`Line-ups for ${tank.body.name}`}>
      <PartNav
        label="Ways to find a line-up"
        parts={PARTS}
        current={part}
        href={(id) => `/lineups?tank=${tank.id}${id === 'wishes' ? '' : `&part=${id}`}`}
      />
      {part === 'wishes' && <WishesPart tank={tank} wishes={wishes} />}
      {part === 'size' && <SizePart tank={tank} wishes={wishes} />}
      {part === 'moves' && <MovesPart tank={tank} wishes={wishes} />}
    </Screen>
  );
}
