'use client';

import { SpeciesSearch, type SpeciesSearchProps } from '@/ui/SpeciesSearch';
import { useCatalogue } from './RoomProvider';
import { useWords } from './useWords';

/** Finds a species of the room's catalogue by any of its names. */
export function SpeciesField(props: Omit<SpeciesSearchProps, 'catalogue' | 'write'>) {
  const catalogue = useCatalogue();
  const words = useWords();
  return <SpeciesSearch catalogue={catalogue} write={(cm) => words.quantity('length', cm)} {...props} />;
}
