/** The one place of the commands that reads the machine's clock: the day on which a plan begins that sets none. */
export const today = (): string => new Date().toISOString().slice(0, 10);
