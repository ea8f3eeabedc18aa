import { use, useEffect, useState } from 'react';
import { dressFault, dressVocabulary } from '@/plates/book';
import { type Drawn, pictureAsked } from './usePicture';

/** The words that a dress can use. Suspends until they are there. */
export const useDressWords = () => use(dressVocabulary());

/** What is wrong with a dress of the keeper's own, in words; null while it can be drawn. Keep the profile's identity. */
export function useDressFault(profile: Drawn): string | null {
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let isNew = true;
    void dressFault(pictureAsked(profile, null, 'plate')).then((told) => {
      if (isNew) setFault(told);
    });
    return () => {
      isNew = false;
    };
  }, [profile]);
  return fault;
}
