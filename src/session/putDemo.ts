import { latestOf } from '@/core/evidence';
import { monthOf } from '@/core/kernel';
import { clubFiles } from '@/demo/club';
import { demoRoom } from '@/demo/demoRoom';
import { experienceStore } from '@/store/experience/experienceStore';
import { todayIso } from './today';
import type { Session } from './types';

const CLUB = 1;

/** The experience files of the made-up club, as if its keeper had been handed them. */
async function handClubIn(today: string): Promise<void> {
  const store = experienceStore('demo');
  const held = latestOf(clubFiles(CLUB, monthOf(today))).map((file, i) => ({
    file,
    name: `club-${i + 1}.lomvik-experience.json`,
    takenOn: today,
  }));
  await store.remove('all');
  await store.put(held);
}

/** Puts the made-up room in the place of what is there, with the club's experience beside it. */
export async function putDemo(session: Session): Promise<void> {
  const today = todayIso();
  await session.replaceAll(demoRoom(today));
  // The room does without it where the browser keeps no second database.
  await handClubIn(today).catch(() => undefined);
}
