export type ScoreKey = 'tenderness' | 'juiciness' | 'salt' | 'sweetness' | 'mush' | 'soapiness';

interface Scale {
  name: string;
  steps: readonly number[];
  words: readonly string[];
  marks: (step: number) => string;
}

const good: Pick<Scale, 'steps' | 'marks'> = { steps: [1, 2, 3, 4, 5], marks: String };
const balance: Pick<Scale, 'steps' | 'marks'> = {
  steps: [-2, -1, 0, 1, 2],
  marks: (step) => (step === 0 ? 'right' : step > 0 ? `+${step}` : `−${-step}`),
};
const fault: Pick<Scale, 'steps' | 'marks'> = {
  steps: [0, 1, 2, 3],
  marks: (step) => (step === 0 ? 'none' : String(step)),
};

/** The scales people compare by, and their words. */
export const SCALES: Record<ScoreKey, Scale> = {
  tenderness: { name: 'Tenderness', ...good, words: ['leather', 'tough', 'some chew', 'tender', 'melting'] },
  juiciness: { name: 'Juiciness', ...good, words: ['dry', 'a little dry', 'fair', 'juicy', 'dripping'] },
  salt: {
    name: 'Salt',
    ...balance,
    words: ['far too little', 'a little flat', 'right', 'a little salty', 'far too salty'],
  },
  sweetness: {
    name: 'Sweetness',
    ...balance,
    words: ['far too little', 'a little too little', 'right', 'a little sweet', 'far too sweet'],
  },
  mush: { name: 'Mush', ...fault, words: ['none', 'a little soft', 'mushy', 'ruined'] },
  soapiness: { name: 'Soapiness', ...fault, words: ['none', 'a trace', 'soapy', 'ruined'] },
};

export function scoreWords(score: ScoreKey, value: number): string {
  const { steps, words } = SCALES[score];
  return words[steps.indexOf(value)] ?? '';
}
