import { dayField } from '@/core/kernel';

/** The day on which something happened: today or earlier. Days are `YYYY-MM-DD`; today is asked when the day is. */
export const pastDay = (meaning: string, today: () => string) =>
  dayField(meaning).test('past', `${meaning}, today or earlier`, (day) => !day || day <= today());

/** A day to come, or none. */
export const comingDay = (meaning: string, today: () => string) =>
  dayField(meaning)
    .optional()
    .test('coming', `${meaning}, a day to come`, (day) => !day || day > today());
