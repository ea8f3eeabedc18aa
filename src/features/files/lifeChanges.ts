import type { LifeFile } from '@/core/formats/lifeFile';
import type { Change } from '@/core/gate/change';
import type { DocumentId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { newId } from '@/session/browserStamp';
import { appendChange, putChange } from '@/session/react/useCommands';
import type { Session } from '@/session/session';

/** A fish that comes with its story: its arrival today, and what its former keeper wrote of it. */
export function lifeChanges(session: Session, life: LifeFile, tank: TankId): readonly Change[] {
  const id = newId<ResidentId>();
  return [
    appendChange(session, {
      type: 'came',
      on: session.stamp.now(),
      tank,
      species: life.species,
      members: [
        {
          id,
          name: life.name,
          count: life.count,
          individual: life.count === 1,
          sex: life.count === 1 ? (life.sex as 'male' | 'female' | 'unknown') : 'unknown',
          males: null,
          females: null,
        },
      ],
      lengthCm: life.lengthCm,
      origin: life.origin as 'tank-bred' | 'wild' | 'unknown',
      from: life.keeper,
      note: 'Came with its story.',
      way: 'private',
      bornAbout: life.bornAbout,
    }),
    putChange('former-life', `former-life-${id}` as DocumentId, {
      resident: id,
      keeper: life.keeper,
      story: [...life.story],
      lengths: [...life.lengths],
    }),
  ];
}
