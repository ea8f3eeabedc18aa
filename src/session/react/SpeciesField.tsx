'use client';

import dynamic from 'next/dynamic';
import type { SpeciesSearchProps } from '@/ui/SpeciesSearch';
import { useCatalogue } from './RoomProvider';
import { useWords } from './useWords';

/** The search comes after the page: its place is kept, so that nothing below jumps. */
const SpeciesSearch = dynamic(() => import('@/ui/SpeciesSearch').then((file) => file.SpeciesSearch), {
  ssr: false,
  loading: () => <div aria-hidden="true" className="h-[3.25rem]" />,
});

/** Finds a species of the room's catalogue by any of its names. */
export function SpeciesField(props: Omit<SpeciesSearchProps, 'catalogue' | 'write'>) {
  const catalogue = useCatalogue();
  const words = useWords();
  return <SpeciesSearch catalogue={catalogue} write={(cm) => words.quantity('length', cm)} {...props} />;
}
