'use client';

import { useId, useMemo, useState, type FormEvent } from 'react';
import { STANDARD_TANKS, tanksToChoose } from '@/catalogue/standardTanks';
import { assess, roomPlan } from '@/core/assess';
import { foldName } from '@/core/model';
import { furnishTank, readTank } from '@/core/tank';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useListed, useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { useTabState } from '@/session/react/useTabState';
import { useUnits } from '@/session/react/useUnits';
import { useWords } from '@/session/react/useWords';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Section } from '@/ui/Screen';
import { SideBySide, type Compared } from './SideBySide';

/** So many other tanks stand beside this one. */
const MOST = 3;

/** This list, judged in other tanks: one of the room, or a size that is typed. The water and the routine stay. */
export function InAnotherTank({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const units = useUnits();
  const words = useWords();
  const all = useTanks();
  const tanks = useMemo(() => all.filter(({ id }) => id !== tank.id), [all, tank.id]);
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const options = useId();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const [chosen, setChosen] = useTabState<readonly string[]>(`elsewhere.${tank.id}`, []);
  /** What a text means: a tank of the room by its name, or a size; null where it means nothing. */
  const bodyOf = useMemo(
    () =>
      (text: string): TankView['body'] | null => {
        const own = tanks.find(({ body }) => foldName(body.name) === foldName(text));
        if (own) return own.body;
        const read = readTank(text, STANDARD_TANKS, units);
        const [size] = read.ok ? read.sizes : [];
        if (!size) return null;
        const { lengthCm, widthCm, heightCm } = size;
        const { lid, substrate, plants, hides } = tank.body.tank;
        return {
          ...tank.body,
          name: text,
          tank: { lengthCm, widthCm, heightCm, lid, substrate, plants, hides },
        };
      },
    [tanks, units, tank.body],
  );
  const columns = useMemo<readonly Compared[]>(() => {
    const judge = (id: string, name: string, body: TankView['body']): Compared => ({
      id,
      name,
      assessment: assess(roomPlan(body, residents, listed, catalogue, todayIso()), catalogue, todayIso()),
    });
    return [
      judge(tank.id, tank.body.name, tank.body),
      ...chosen.flatMap((text) => {
        const body = bodyOf(text);
        if (!body) return [];
        const { lengthCm, widthCm, heightCm } = furnishTank(body.tank).furnished;
        const size = [lengthCm, widthCm, heightCm].map((cm) => words.tank('length', cm)).join(' × ');
        return [judge(`at ${text}`, `${text} (${size})`, body)];
      }),
    ];
  }, [tank, chosen, bodyOf, residents, listed, catalogue, words]);
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const text = typed.trim();
    if (!bodyOf(text)) return setFault('A tank of yours, or a size: 125 gal, 180x60x60 cm, 6 ft.');
    setFault(undefined);
    setChosen((before) => [...before.filter((one) => one !== text), text].slice(-MOST));
    setTyped('');
  };
  if (residents.length + listed.length === 0) return null;
  return (
    <Section title="This list in another tank" aside="as it would be judged there, same water and routine">
      <form className="mb-2 flex flex-wrap items-end gap-2" onSubmit={add}>
        <TextField
          label="Another tank"
          wrap="w-64"
          list={options}
          placeholder="125 gal, 180x60x60, a tank of yours"
          value={typed}
          error={fault}
          onChange={({ target }) => setTyped(target.value)}
        />
        <datalist id={options}>
          {[...tanks.map(({ body }) => body.name), ...tanksToChoose(units).map(({ name }) => name)].map(
            (name) => (
              <option key={name} value={name} />
            ),
          )}
        </datalist>
        <Button type="submit">Compare</Button>
        {chosen.length > 0 && (
          <Button tone="quiet" onClick={() => setChosen([])}>
            Clear
          </Button>
        )}
      </form>
      {columns.length > 1 && <SideBySide columns={columns} />}
    </Section>
  );
}
