/** A pattern of LIKE that holds this text as it stands: its own signs are no wildcards. */
export const containing = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;
