import { dayField, says } from '@/core/kernel';

const NOT_IN_THE_FUTURE = says({ is: 'not in the future' });

/** The day on which something happened: today or earlier. Days are `YYYY-MM-DD`; today is asked when the day is. */
export const pastDay = (today: () => string) =>
  dayField().test('past', NOT_IN_THE_FUTURE, (day) => !day || day <= today());

/** A day to come, or none. */
export const comingDay = (today: () => string) =>
  dayField()
    .optional()
    .test('coming', says({ is: 'day' }), (day) => !day || day > today());
