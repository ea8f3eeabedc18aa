import { clsx, type ClassValue } from 'clsx';

/** Class names joined; falsy ones left out. */
export const classes = (...values: ClassValue[]): string => clsx(values);
