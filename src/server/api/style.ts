/** The API speaks metric English. */
export const API_STYLE = { system: 'metric', locale: 'en' } as const;
