'use client';

import { textField } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { pastDay } from '@/ui/form/dayFields';
import { Form } from '@/ui/form/Form';
import { Section } from '@/ui/Screen';
import { dayWords } from '@/words/en';

function Open({
  tank,
  from,
  about,
  since,
}: {
  readonly tank: TankView;
  readonly from: string;
  readonly about: string;
  readonly since: string;
}) {
  const { session, keep } = useCommands();
  const form = useRoomForm({
    unfinished: `claim.${tank.id}.${from}.${since}`,
    fields: { outcome: textField(), on: pastDay(todayIso) },
    start: { outcome: '', on: todayIso() },
    save: ({ outcome, on }) =>
      keep('Claim settled', [
        appendChange(session, {
          type: 'claimed',
          on: momentOn(on),
          tank: tank.id,
          from,
          about,
          outcome,
        }),
      ]),
  });
  return (
    <li className="border-b border-line py-2">
      <p>
        <strong>{from}</strong>: {about} <span className="text-slate">since {dayWords(since)}</span>
      </p>
      <Form form={form} className="mt-1 flex flex-wrap items-end gap-2">
        <TextField
          label={`Outcome with ${from}`}
          placeholder="credit, exchanged, refused"
          {...form.part('outcome')}
        />
        <TextField label="Day" max={todayIso()} {...form.part('on')} />
        <Button type="submit" waiting={form.waiting}>
          Settled
        </Button>
      </Form>
    </li>
  );
}

/** Claims with sellers that wait for an answer. */
export function Claims({ tank }: { readonly tank: TankView }) {
  const claims = useRoomState((state) => state.room.tanks[tank.id]?.claims);
  if (!claims || claims.length === 0) return null;
  return (
    <Section title="Open claims">
      <ul>
        {claims.map((claim) => (
          <Open key={`${claim.from}${claim.about}`} tank={tank} {...claim} />
        ))}
      </ul>
    </Section>
  );
}
