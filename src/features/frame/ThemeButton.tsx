'use client';

import { Moon, Sun } from 'lucide-react';
import { useTheme } from 'next-themes';
import { ICON } from './icon';

export function ThemeButton() {
  const { resolvedTheme, setTheme } = useTheme();
  const dark = resolvedTheme === 'dark';
  return (
    <button
      type="button"
      className={ICON}
      aria-label={dark ? 'Light colours' : 'Dark colours'}
      title={dark ? 'Light colours' : 'Dark colours'}
      onClick={() => setTheme(dark ? 'light' : 'dark')}
    >
      {dark ? <Sun size={16} aria-hidden="true" /> : <Moon size={16} aria-hidden="true" />}
    </button>
  );
}
