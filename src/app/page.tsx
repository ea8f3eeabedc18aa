'use client';

import dynamic from 'next/dynamic';
import { TodayScreen } from '@/features/today/TodayScreen';

// Only an empty room asks its first questions.
const FirstMinute = dynamic(
  () => import('@/features/stock/first/FirstMinute').then((file) => file.FirstMinute),
  {
    ssr: false,
  },
);

export default function Page() {
  return <TodayScreen empty={(more) => <FirstMinute more={more} />} />;
}
