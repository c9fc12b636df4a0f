export const STAGES = ['piece', 'firm', 'slice', 'tenderize', 'marinate', 'cook', 'taste'] as const;
export type Stage = (typeof STAGES)[number];

export const JOB_KEYS = [
  'temper', 'rinse-bones', 'trim', 'firm', 'slice', 'pound', 'soda', 'soda-wait', 'rinse', 'drain', 'mix', 'coat', 'marinate', 'turn', 'soak', 'thread', 'dry', 'cook', 'carve',
] as const;
export type JobKey = (typeof JOB_KEYS)[number];

/** Where the meat is meanwhile; `none` where the job does not touch it. */
export type Place = 'counter' | 'fridge' | 'freezer' | 'heat' | 'none';

export interface Task {
  key: JobKey;
  stage: Stage;
  minutes: number;
  /** True where someone has to stand there. */
  hands: boolean;
  place: Place;
}

/** The one task whose length may give: the marinade. */
export interface FlexibleTask extends Task {
  flex: { fromMin: number; toMin: number };
}

export interface Job extends Task {
  startMs: number;
  endMs: number;
}
