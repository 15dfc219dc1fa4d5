/** The time zone of the machine the page is on. */
export const timeZoneHere = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone
