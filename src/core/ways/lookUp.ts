import { ALL_WAYS } from './all';
import { SHAPE_ROWS, type Band, type Shape } from './shape';
import { STAGES, type Stage, type WayRecipe } from './way';

export type Way = (typeof ALL_WAYS)[number]['id'];
export const WAYS = ALL_WAYS.map(({ id }) => id) as [Way, ...Way[]];

/** What a cut or a marinade is for: a way that is planned here, or drying. */
export type Use = Way | 'jerky';
export const USES: [Use, ...Use[]] = [...WAYS, 'jerky'];

const byId = new Map<string, WayRecipe>(ALL_WAYS.map((way) => [way.id, way]));

export const isWay = (id: string): id is Way => byId.has(id);

/** @throws RangeError for a way that is not there */
export function wayRecipe(way: Way): WayRecipe {
  const found = byId.get(way);
  if (!found) throw new RangeError(`there is no way “${way}”`);
  return found;
}

/** Shapes that a way goes with, the usual one first. */
export const shapesOf = (way: Way): Shape[] => Object.keys(wayRecipe(way).shapes) as Shape[];

/** The customary thickness of a shape in a way; for a shape it does not usually take, that of the shape. */
export const bandOf = (way: Way, shape: Shape): Band => wayRecipe(way).shapes[shape] ?? SHAPE_ROWS[shape].band;

/** The stages of a batch in the order of their work: what is cut after the heat has its Slice behind Cook. */
export function stagesOf(way: Way, shape: Shape): readonly Stage[] {
  const { stages, slicedAfterHeat = [] } = wayRecipe(way);
  if (!slicedAfterHeat.includes(shape)) return stages;
  return stages.flatMap((stage): Stage[] => (stage === 'slice' ? [] : stage === 'cook' ? ['cook', 'slice'] : [stage]));
}

/** Whether a name from outside is that of a stage. */
export const stageNamed = (name: unknown): Stage | undefined => STAGES.find((stage) => stage === name);
