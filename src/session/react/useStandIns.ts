import { useState } from 'react';
import { recall, remember } from '../browserMemory';
import { useRooms } from './RoomProvider';

const KEY = 'lomvik.standIns';

/**
 * Whether simulated shops and devices show: always in the demo room; in the keeper's own only when they were switched on by
 * name, in this browser.
 */
export function useStandIns(
  what: 'shops' | 'probe',
): readonly [isShown: boolean, show: (isShown: boolean) => void] {
  const { name } = useRooms();
  const key = `${KEY}.${what}`;
  const [isOn, setIsOn] = useState(() => recall('localStorage', key) === 'on');
  return [
    name === 'demo' || isOn,
    (isShown) => {
      remember('localStorage', key, isShown ? 'on' : 'off');
      setIsOn(isShown);
    },
  ];
}
