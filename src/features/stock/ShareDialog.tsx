'use client';

import { useMemo } from 'react';
import { toast } from '@/ui/toast';
import { encode } from 'uqr';
import type { PlanFile } from '@/core/model';
import { planLink } from '@/session/planLink';
import { twinAddress } from '@/session/roomAddress';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

/** Longer links make codes that a phone no longer reads from a screen. */
const LONGEST_CODE = 1200;
const QUIET = 4;

/** A link as a code that a phone reads: dark on white whatever the colours of the page. */
function Code({ link }: { readonly link: string }) {
  const { size, data } = useMemo(() => encode(link, { ecc: 'L', border: QUIET }), [link]);
  const path = data
    .flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('');
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label="Code of the link, for the camera of a phone"
      className="plate mx-auto w-full max-w-72"
      shapeRendering="crispEdges"
    >
      <path d={`M0 0h${size}v${size}H0z`} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}

/** A tank with its list as a link and as a code. The plan is in the link itself: no server keeps it. */
export function ShareDialog({
  name,
  plan,
  onClose,
}: {
  readonly name: string;
  readonly plan: PlanFile;
  readonly onClose: () => void;
}) {
  const { origin, href } = window.location;
  const link = useMemo(() => planLink(origin, name, plan), [origin, name, plan]);
  if (link === null)
    return (
      <Dialog open onOpenChange={onClose} title={`${name} as a link`}>
        <p>This list with its notes is too long for a link. Save it as a plan under Files.</p>
      </Dialog>
    );
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(link);
      toast('Link copied');
    } catch {
      toast.error('The browser did not allow copying. Mark the link and copy it yourself.');
    }
  };
  const send = async (): Promise<void> => {
    // Left without sending: nothing to say.
    await navigator.share({ title: name, url: link }).catch(() => undefined);
  };
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title={`${name} as a link`}
      about="The link holds the tank and the list, not your diary. It is sent to nobody until you send it."
    >
      <div className="flex flex-col gap-3">
        <TextField label="Link" readOnly value={link} onFocus={({ target }) => target.select()} />
        <div className="flex flex-wrap gap-2">
          <Button tone="main" onClick={copy}>
            Copy link
          </Button>
          {'share' in navigator && <Button onClick={send}>Send</Button>}
        </div>
        {link.length <= LONGEST_CODE ? (
          <Code link={link} />
        ) : (
          <p className="text-slate">
            This list is too long for a code. Send the link, or the plan as a file.
          </p>
        )}
        {twinAddress(href) !== null && (
          <p className="text-[0.8125rem] text-slate">
            {origin.replace(/^https?:\/\//, '')} is this machine only. Elsewhere the link is pasted into that
            Lomvik: Files, Open, Paste a link.
          </p>
        )}
      </div>
    </Dialog>
  );
}
