'use client';

import { useCallback } from 'react';
import type { DocumentBodies } from '@/core/records';
import { tankEdit, useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';

type Body = DocumentBodies['tank'];

/** Ways to change a tank, each one entry on the undo list. They answer with what was refused and why, or null. */
export function useTankEdits(tank: TankView) {
  const { keepTyped } = useCommands();
  const save = useCallback(
    async (label: string, remake: (body: Body) => Body): Promise<string | null> =>
      keepTyped(`${tank.body.name}: ${label}`, tankEdit(tank.id, remake)),
    [keepTyped, tank.id, tank.body.name],
  );
  const measure = useCallback(
    (label: string, part: 'tank' | 'water', name: string, core: number | undefined, text: string) =>
      save(label, (body) => {
        const { [name]: _old, ...entered } = body.entered ?? {};
        const { [name]: _gone, ...others } = body[part] as Record<string, unknown>;
        const value = core === undefined ? {} : { [name]: Math.round(core * 1000) / 1000 };
        return {
          ...body,
          [part]: { ...others, ...value },
          entered: core === undefined ? entered : { ...entered, [name]: text },
        };
      }),
    [save],
  );
  return { save, measure };
}
