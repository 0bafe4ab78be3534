/** The colours of the pages on one device: by day, by night, or as the device has it. */
export const THEMES = ['day', 'night', 'device'] as const;
export type Theme = (typeof THEMES)[number];

/** What a cookie says; by day where it says nothing known. */
export const themeOf = (said: string | undefined): Theme => THEMES.find((theme) => theme === said) ?? 'day';
