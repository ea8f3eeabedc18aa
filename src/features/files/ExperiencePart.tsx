'use client';

import { useState } from 'react';
import type { ExperienceFile } from '@/core/evidence';
import { canonicalJson } from '@/core/kernel';
import { useWords } from '@/session/react/useWords';
import { saveText } from '@/session/saveFile';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { countOf, sayStay } from '@/words/en';
import { useRoomFiles } from './useRoomFiles';
import { WorkLine } from './WorkLine';

/** So many stays are listed at first. */
const SHOWN = 8;

/** What the file would say, stay by stay: each can be struck. */
function Stays({
  file,
  struck,
  onStrike,
}: {
  readonly file: ExperienceFile;
  readonly struck: ReadonlySet<string>;
  readonly onStrike: (id: string) => void;
}) {
  const words = useWords();
  const [isWhole, setWhole] = useState(false);
  return (
    <>
      <ul aria-label="Stays in the file">
        {(isWhole ? file.stays : file.stays.slice(0, SHOWN)).map((stay) => {
          const { where, fish, happened } = sayStay(stay, words);
          return (
            <li key={stay.id} className="border-b border-line">
              <label className="flex min-h-11 items-start gap-3 py-1.5">
                <input
                  type="checkbox"
                  className="mt-0.5 size-5 shrink-0 accent-(--deep)"
                  checked={!struck.has(stay.id)}
                  onChange={() => onStrike(stay.id)}
                />
                <span className="min-w-0">
                  {fish}
                  <span className="block text-[0.8125rem] text-slate">
                    {where}: {happened}
                  </span>
                </span>
              </label>
            </li>
          );
        })}
      </ul>
      {!isWhole && file.stays.length > SHOWN && (
        <Button tone="quiet" onClick={() => setWhole(true)}>
          Show all {file.stays.length}
        </Button>
      )}
    </>
  );
}

/** What the fish of this room lived through, as a file for other keepers: seen before it goes, and struck stay by stay. */
export function ExperiencePart() {
  const files = useRoomFiles();
  const [file, setFile] = useState<ExperienceFile | null>(null);
  const [struck, setStruck] = useState<ReadonlySet<string>>(new Set());

  // The button stays as it is meanwhile: one that cannot be pressed would lose the focus.
  const look = async (): Promise<void> => {
    if (files.work.kind === 'busy') return;
    const answer = await files.experience(() => void look());
    if (!answer.ok) return;
    setStruck(new Set());
    setFile(answer.value);
  };
  const strike = (id: string): void =>
    setStruck((before) => {
      const after = new Set(before);
      if (!after.delete(id)) after.add(id);
      return after;
    });
  const going = file && { ...file, stays: file.stays.filter(({ id }) => !struck.has(id)) };
  return (
    <Section title="Experience">
      <p className="mb-2 text-slate">
        What your fish lived through, for other keepers: which species, in what tank, for how long, and how it
        went. No names, notes, places, shops or days. Nothing is sent: you get a file to hand on.
      </p>
      {!file && (
        <div className="flex flex-col gap-2">
          <div>
            <Button onClick={() => look()}>Show what would go out</Button>
          </div>
          <WorkLine files={files} />
        </div>
      )}
      {file?.stays.length === 0 && (
        <p>Nothing yet: fish count once they have lived together for a month, or were watched.</p>
      )}
      {file && going && file.stays.length > 0 && (
        <>
          <Stays file={file} struck={struck} onStrike={strike} />
          <details className="mt-2">
            <summary className="min-h-8 cursor-pointer text-deep">The file, word for word</summary>
            <pre
              tabIndex={0}
              role="region"
              aria-label="The file"
              className="max-h-80 overflow-auto border border-line p-2 text-[0.75rem]"
            >
              {canonicalJson(going)}
            </pre>
          </details>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              tone="main"
              disabled={going.stays.length === 0}
              onClick={() => saveText(`${file.made}.lomvik-experience.json`, canonicalJson(going))}
            >
              Save {countOf(going.stays.length, 'stay')}
            </Button>
            <Button tone="quiet" onClick={() => setFile(null)}>
              Close
            </Button>
          </div>
        </>
      )}
    </Section>
  );
}
