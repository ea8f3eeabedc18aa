'use client';

import { PasteButton } from '@/session/react/PasteButton';
import { SpeciesField } from '@/session/react/SpeciesField';
import { useWords } from '@/session/react/useWords';
import { draftChange, newTank, tankChange } from '@/core/commands';
import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { STANDARD_TANKS, type StandardTank } from '@/catalogue/standardTanks';
import { commonName, type SpeciesProfile, type TankFigure } from '@/core/model';
import { parseQuantity, type TankId } from '@/core/kernel';
import { everyOf, termOf } from '@/words/en';
import { fishFirst, type Place, type ApproachAnswer, ASK_ENGINEER_L, USUAL_CLEARANCE_CM } from '@/core/tank';
import { newId } from '@/session/browserStamp';
import { useCommands } from '@/session/react/useCommands';
import { useSettings, useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { Caution } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';

const OFFERED = 5;

interface PlaceTexts {
  readonly width: string;
  readonly clearance: string;
  readonly depth: string;
  readonly height: string;
}
const PLACE_FIELDS = [
  ['width', 'Length of the wall'],
  ['clearance', 'Free space at each end'],
  ['depth', 'Depth'],
  ['height', 'Height of the place'],
] as const;

/** A length as typed; null when blank, undefined when it is none. */
function lengthOf(text: string, unit: string): number | null | undefined {
  if (text.trim() === '') return null;
  const parsed = parseQuantity('length', text, unit);
  return parsed.ok && parsed.quantity.core > 0 ? parsed.quantity.core : undefined;
}

const MEASURES = [
  ['lengthCm', 'Length'],
  ['widthCm', 'Width'],
  ['heightCm', 'Height'],
  ['litres', 'Volume'],
] as const;

function Need({
  answer,
  measure,
}: {
  readonly answer: ApproachAnswer<StandardTank>;
  readonly measure: keyof TankFigure;
}) {
  const words = useWords();
  const value = answer.least[measure];
  if (value === null) return <span className="text-slate">any</span>;
  return (
    <>
      <span className="fig block">{words.tank(measure === 'litres' ? 'volume' : 'length', value)}</span>
      <span className="block text-[12px] text-slate">{everyOf(answer.drivers[measure].map(commonName))}</span>
    </>
  );
}

/** What the place makes of an approach's answer, in one sentence. */
function placeWords(answer: ApproachAnswer<StandardTank>, asked: boolean): string {
  if (answer.carry.length === 0)
    return 'No common size carries them together: choose a custom tank, or fewer species.';
  const [smallest] = answer.carry;
  if (!asked) return `The smallest common size is ${smallest?.name ?? ''}.`;
  if (answer.fit.length === 0)
    return `No size that carries them fits this place: the smallest is ${smallest?.name ?? ''}.`;
  return `${answer.fit.length} of the ${answer.carry.length} common sizes that carry them fit this place.`;
}

/** From the fish: the wished species, what each approach asks for them together and why, and whether a place takes it. */
export function FromFish({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const router = useRouter();
  const settings = useSettings();
  const words = useWords();
  const { run } = useCommands();
  const tanks = useTanks();
  const [wished, setWished] = useState<readonly SpeciesProfile[]>([]);
  const [texts, setTexts] = useState<PlaceTexts>({
    width: '',
    clearance: settings.length === 'in' ? '5 in' : `${USUAL_CLEARANCE_CM} cm`,
    depth: '',
    height: '',
  });
  const place = useMemo<Place>(
    () => ({
      widthCm: lengthOf(texts.width, settings.length) ?? null,
      clearanceCm: lengthOf(texts.clearance, settings.length) ?? 0,
      depthCm: lengthOf(texts.depth, settings.length) ?? null,
      heightCm: lengthOf(texts.height, settings.length) ?? null,
    }),
    [texts, settings.length],
  );
  const asked = place.widthCm !== null || place.depthCm !== null || place.heightCm !== null;
  const answers = useMemo(() => fishFirst(wished, place, STANDARD_TANKS), [wished, place]);
  const middle = answers.find((answer) => answer.approach === 'middle');
  const offered = (asked ? middle?.fit : middle?.carry)?.slice(0, OFFERED) ?? [];

  const wish = (profiles: readonly SpeciesProfile[]): void =>
    setWished((before) => [...new Set([...before, ...profiles])]);
  const start = async (size: StandardTank): Promise<void> => {
    const id = newId<TankId>();
    const name = `${commonName(wished[0] as SpeciesProfile)} tank`;
    const groups = wished.map((profile) => ({
      key: newId<string>(),
      group: { species: profile.id, count: profile.company.comfortableGroup, lengthCm: profile.size.soldCm },
    }));
    if (
      !(await run(`New tank: ${name}`, [
        tankChange(id, newTank(name, 'display', size, tanks.length + 1)),
        draftChange(id, groups),
      ]))
    )
      return;
    onOpenChange(false);
    router.push(`/stock?tank=${id}`);
  };

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="Start with fish"
      about="Name the fish you want and, if you like, the place. Lomvik finds the tank that carries them; compatibility comes next, on the stock list."
    >
      <div className="flex max-h-[75dvh] flex-col gap-3 overflow-y-auto">
        <div className="flex items-end gap-2">
          <div className="min-w-0 flex-1">
            <SpeciesField label="A fish you want" onPick={(profile) => wish([profile])} />
          </div>
          <PasteButton withNumbers={false} onTake={(taken) => wish(taken.map(({ profile }) => profile))} />
        </div>
        {wished.length > 0 && (
          <ul className="flex flex-wrap gap-1.5">
            {wished.map((profile) => (
              <li key={profile.id} className="flex items-center gap-1 border border-line px-2">
                {commonName(profile)}
                <button
                  type="button"
                  className="grid size-6 place-items-center text-slate"
                  aria-label={`Without ${commonName(profile)}`}
                  onClick={() => setWished(wished.filter((one) => one !== profile))}
                >
                  <X size={13} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        )}
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
          {PLACE_FIELDS.map(([name, label]) => (
            <TextField
              key={name}
              label={label}
              placeholder={name === 'clearance' ? '' : 'any'}
              value={texts[name]}
              error={
                lengthOf(texts[name], settings.length) === undefined
                  ? 'Type a length such as 120 cm or 4 ft.'
                  : undefined
              }
              onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
            />
          ))}
        </div>
        {wished.length > 0 && (
          <>
            <Table
              caption="Tank by approach"
              heads={[
                'Approach',
                ...MEASURES.map(([, label]) => label),
                asked ? 'Your place' : 'Common sizes',
              ]}
            >
              {answers.map((answer) => (
                <Row key={answer.approach}>
                  <Cell>{termOf(answer.approach)}</Cell>
                  {MEASURES.map(([measure]) => (
                    <Cell key={measure}>
                      <Need answer={answer} measure={measure} />
                    </Cell>
                  ))}
                  <Cell>{placeWords(answer, asked)}</Cell>
                </Row>
              ))}
            </Table>
            <div className="flex flex-wrap gap-2">
              {offered.map((size, index) => (
                <Button key={size.name} tone={index === 0 ? 'main' : 'plain'} onClick={() => start(size)}>
                  Start with {size.name}
                </Button>
              ))}
            </div>
            {offered.length > 0 && (
              <Caution>
                Sizes are nominal: measure before you buy. A filled tank is heavy; from about{' '}
                {words.quantity('volume', ASK_ENGINEER_L)}, and in old or rented buildings, ask a structural
                engineer.
              </Caution>
            )}
          </>
        )}
      </div>
    </Dialog>
  );
}
