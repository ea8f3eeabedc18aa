import { useRouter } from 'next/navigation';
import { draftChange, tankChange } from '@/core/commands';
import type { TankId } from '@/core/kernel';
import { newId } from '@/session/browserStamp';
import { useCommands } from '@/session/react/useCommands';
import { useTanks } from '@/session/react/useTanks';
import type { FirstPlan } from './useFirstPlan';

/** Makes what was planned a tank of the room, and goes there. */
export function useKeepPlan(plan: FirstPlan): () => Promise<void> {
  const router = useRouter();
  const { run } = useCommands();
  const tanks = useTanks();
  const { tank, listed } = plan;
  return async () => {
    if (!tank) return;
    const id = newId<TankId>();
    const body = { ...tank.body, order: tanks.length + 1 };
    if (!(await run(`New tank: ${body.name}`, [tankChange(id, body), draftChange(id, listed)]))) return;
    plan.clear();
    router.push(`/stock?tank=${id}`);
  };
}
