'use client';

import { Menu, NotebookText, TestTube, Timer, Tally5 } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useRunningWatch, useWatchedSeconds } from '@/session/react/useRunningWatch';
import { classes } from '@/ui/classes';
import { clockFace } from '@/ui/clockFace';
import { withTank } from './links';

const ITEM =
  'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 border-t-[3px] text-[0.75rem] font-medium landscape:min-h-11 landscape:flex-row landscape:gap-2';
const AT = 'border-deep text-deep';
const ELSEWHERE = 'border-transparent text-slate';

/** What a keeper does at the glass, in reach of a thumb; the fifth opens everything else. */
export function FootBar({
  path,
  part,
  tank,
  isOpen,
  onMore,
}: {
  readonly path: string;
  /** The part of the screen that the address names. */
  readonly part: string | null;
  readonly tank: string;
  readonly isOpen: boolean;
  readonly onMore: () => void;
}) {
  const watching = useRunningWatch();
  const seconds = useWatchedSeconds(watching);
  const counts = path === '/departures' && part === 'counts';
  const links = [
    { name: 'Today', href: '/', here: path === '/', Icon: NotebookText },
    // A watch that runs is seen and reached from everywhere, whatever tank is looked at.
    {
      name: watching ? `Watch ${clockFace(seconds)}` : 'Watch',
      href: withTank('/watch', watching?.tank ?? tank),
      here: path === '/watch',
      Icon: Timer,
    },
    { name: 'Test', href: withTank('/water', tank), here: path === '/water', Icon: TestTube },
    { name: 'Count', href: `${withTank('/departures', tank)}&part=counts`, here: counts, Icon: Tally5 },
  ];
  return (
    <nav
      aria-label="At the glass"
      className="no-print fixed inset-x-0 bottom-0 z-30 flex border-t border-line bg-panel pb-[env(safe-area-inset-bottom)] desk:hidden"
    >
      {links.map(({ name, href, here, Icon }) => (
        <Link
          key={href}
          href={href}
          aria-current={here ? 'page' : undefined}
          className={classes(ITEM, here ? AT : ELSEWHERE)}
        >
          <Icon size={20} aria-hidden="true" />
          {name}
        </Link>
      ))}
      <button type="button" aria-expanded={isOpen} onClick={onMore} className={classes(ITEM, ELSEWHERE)}>
        <Menu size={20} aria-hidden="true" />
        More
      </button>
    </nav>
  );
}
