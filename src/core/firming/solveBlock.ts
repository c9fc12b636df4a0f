import { heatAt, type PropertyTable } from './propertyTable';

export const SOLVED_SHAPES = ['block', 'slab', 'round'] as const;
/** A slab is so wide that its edges do not count; a round lies on its side, its height the diameter. */
export type SolvedShape = (typeof SOLVED_SHAPES)[number];

export interface BlockSize {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  /** Left out: a block. */
  shape?: SolvedShape;
}

/** What the block lies in. */
export interface Ambient {
  airC: number;
  /** Heat transfer to the air, W/m2K; the sides take the top's. */
  topW: number;
  bottomW: number;
}

export interface Grid {
  cells: number;
  /** Cells along length and width, where they differ from those of the height. */
  across?: number;
  /** Each cell toward the surface is this much smaller. */
  ratio: number;
  stepS: number;
}

export const USUAL_GRID: Grid = { cells: 8, ratio: 0.8, stepS: 60 };

export interface Moment {
  minutes: number;
  /** Ice as a share of the water, over the whole block. */
  iceFraction: number;
  coreC: number;
  surfaceC: number;
}

/** Widths from the middle to the surface, or from face to face when both ends are faces. */
function widths(sideM: number, { cells, ratio }: Grid, mirrored: boolean): Float64Array {
  const half = Array.from({ length: cells }, (_, index) => ratio ** index);
  const total = half.reduce((sum, width) => sum + width, 0);
  const scaled = half.map((width) => (width * sideM) / 2 / total);
  return Float64Array.from(mirrored ? [...[...scaled].reverse(), ...scaled] : scaled);
}

/** Cells along one direction: how wide, how much volume and how much face each has per unit of the other directions. */
interface Cells {
  widths: Float64Array;
  volumes: Float64Array;
  /** Face before each cell, and after the last. */
  faces: Float64Array;
}

const straight = (cells: Float64Array): Cells => ({
  widths: cells,
  volumes: cells,
  faces: new Float64Array(cells.length + 1).fill(1),
});

/** From the axis of a round outward. */
function radial(cells: Float64Array): Cells {
  let radius = 0;
  const faces = Float64Array.from([0, ...Array.from(cells, (width) => (radius += width))]);
  return { widths: cells, volumes: cells.map((_, index) => (faces[index + 1]! ** 2 - faces[index]! ** 2) / 2), faces };
}

/** A direction in which nothing differs. */
const even = (): Cells => straight(new Float64Array([1]));

interface Axis extends Cells {
  stride: number;
  /** Heat transfer at the outer face of the first and of the last cell, W/m2K; 0 on a plane of symmetry. */
  outerW: Float64Array;
}

/** Where a block stands, to go on from. */
export interface BlockState {
  heat: Float64Array;
  step: number;
}

export interface Block {
  /** One time step in these surroundings. */
  advance: (ambient: Ambient) => Moment;
  state: () => BlockState;
  /** Heat in the block per volume, J/m3: for the books. */
  meanHeat: () => number;
  /** Temperatures of a cut through the middle along length and height, row by row from the bottom; cell borders in mm from the middle. */
  section: () => { lengthMm: number[]; heightMm: number[]; temperatureC: number[]; frozen: number[] };
}

/**
 * Cooling or warming of a block, slab or round in air, its water freezing over a range: enthalpy method, locally one-dimensional implicit sweeps with the
 * apparent capacity and a quasi-enthalpy correction after Pham, which keeps the energy exact. A quarter of the block is solved, an eighth when
 * top and bottom are alike. Not for irregular or stacked pieces; supercooling is left out.
 */
export function makeBlock(
  table: PropertyTable,
  size: BlockSize & { startC: number; symmetric: boolean },
  grid: Grid = USUAL_GRID,
  from?: BlockState,
): Block {
  const level = { ...grid, cells: grid.across ?? grid.cells };
  const { shape = 'block' } = size;
  const mirrored = !size.symmetric && shape !== 'round';
  const x = shape === 'slab' ? even() : straight(widths(size.lengthMm / 1000, level, false));
  const y = shape === 'block' ? straight(widths(size.widthMm / 1000, level, false)) : even();
  const upright = widths(size.heightMm / 1000, grid, mirrored);
  const z = shape === 'round' ? radial(upright) : straight(upright);
  const [nx, ny, nz] = [x.widths.length, y.widths.length, z.widths.length];
  const count = nx * ny * nz;
  const heat = from ? from.heat.slice() : new Float64Array(count).fill(heatAt(table, size.startC));
  const [temp, resist, capacity, ice] = [
    new Float64Array(count),
    new Float64Array(count),
    new Float64Array(count),
    new Float64Array(count),
  ];
  const longest = Math.max(nx, ny, nz);
  const fields: Fields = {
    table,
    packed: pack(table),
    heat,
    temp,
    resist,
    capacity,
    upper: new Float64Array(longest),
    right: new Float64Array(longest),
  };
  lookUp(fields);
  const volumes = volumesOf({ x, y, z });
  const whole = volumes.reduce((sum, volume) => sum + volume, 0);
  const axes: [Axis, Axis, Axis] = [x, y, z].map((cells, axis) => ({
    ...cells,
    stride: [1, nx, nx * ny][axis]!,
    outerW: new Float64Array(2),
  })) as [Axis, Axis, Axis];
  let step = from?.step ?? 0;

  return {
    advance({ airC, topW, bottomW }) {
      step++;
      const [along, over, up] = axes;
      along.outerW[1] = shape === 'slab' ? 0 : topW;
      over.outerW[1] = shape === 'block' ? topW : 0;
      up.outerW.set([mirrored ? bottomW : 0, shape === 'round' ? (topW + bottomW) / 2 : topW]);
      const surroundings = { airC, stepS: grid.stepS };
      if (step % 2) sweep(along, over, up, surroundings, fields);
      else sweep(up, along, over, surroundings, fields);
      sweep(over, along, up, surroundings, fields);
      if (step % 2) sweep(up, along, over, surroundings, fields);
      else sweep(along, over, up, surroundings, fields);

      lookUpIce(table, heat, ice);
      let frozen = 0;
      for (let index = 0; index < count; index++) frozen += volumes[index]! * ice[index]!;
      return { minutes: (step * grid.stepS) / 60, iceFraction: frozen / whole, ...coreAndSurface(temp, nx * ny, nz) };
    },
    state: () => ({ heat: heat.slice(), step }),
    meanHeat: () => volumes.reduce((sum, volume, index) => sum + volume * heat[index]!, 0) / whole,
    section() {
      lookUpIce(table, heat, ice);
      const rows = Array.from({ length: nz }, (_, k) => k * nx * ny);
      const cells = rows.flatMap((row) => Array.from({ length: nx }, (_, i) => row + i));
      return {
        lengthMm: borders(x.widths),
        heightMm: borders(z.widths),
        temperatureC: cells.map((index) => temp[index]!),
        frozen: cells.map((index) => ice[index]!),
      };
    },
  };
}

const borders = (cells: Float64Array): number[] => {
  let at = 0;
  return [0, ...Array.from(cells, (width) => (at += width * 1000))];
};

interface Fields {
  table: PropertyTable;
  packed: Float64Array;
  heat: Float64Array;
  temp: Float64Array;
  /** Resistance of half a metre, 1/(2k): times a cell's width it is the way from its middle to its face. */
  resist: Float64Array;
  capacity: Float64Array;
  upper: Float64Array;
  right: Float64Array;
}

/** Temperatures, conductivities and capacities of all cells from their heat. Plain loops and arrays from here on: this runs millions of times a second. */
function lookUp({ table: { lowest, step }, packed, heat, temp, resist, capacity }: Fields): void {
  const last = packed.length / 3 - 1 - 1e-6;
  const perStep = 1 / step;
  for (let index = 0; index < heat.length; index++) {
    const wished = (heat[index]! - lowest) * perStep;
    const place = wished < 0 ? 0 : wished > last ? last : wished;
    const below = place | 0;
    const share = place - below;
    const at = 3 * below;
    temp[index] = packed[at]! + share * (packed[at + 3]! - packed[at]!);
    resist[index] = packed[at + 1]! + share * (packed[at + 4]! - packed[at + 1]!);
    capacity[index] = packed[at + 2]! + share * (packed[at + 5]! - packed[at + 2]!);
  }
}

/** What is looked up together lies together. */
function pack({ temperatureC, conductivity, capacity }: PropertyTable): Float64Array {
  const packed = new Float64Array(3 * temperatureC.length);
  for (let entry = 0; entry < temperatureC.length; entry++)
    packed.set([temperatureC[entry]!, 0.5 / conductivity[entry]!, capacity[entry]!], 3 * entry);
  return packed;
}

function lookUpIce({ lowest, step, frozen }: PropertyTable, heat: Float64Array, ice: Float64Array): void {
  const last = frozen.length - 1 - 1e-6;
  for (let index = 0; index < heat.length; index++) {
    const wished = (heat[index]! - lowest) / step;
    const place = wished < 0 ? 0 : wished > last ? last : wished;
    const below = place | 0;
    ice[index] = frozen[below]! + (place - below) * (frozen[below + 1]! - frozen[below]!);
  }
}

/** One implicit step along one axis, line by line (Thomas algorithm). */
function sweep(axis: Axis, a: Axis, b: Axis, { airC, stepS }: { airC: number; stepS: number }, fields: Fields): void {
  const { widths: d, volumes, faces, stride, outerW } = axis;
  const [first, last] = [outerW[0]!, outerW[1]!];
  const { heat, temp, resist, capacity, upper, right } = fields;
  const n = d.length;
  const perStep = 1 / stepS;
  const [na, nb] = [a.widths.length, b.widths.length];
  for (let i = 0; i < na; i++) {
    for (let j = 0; j < nb; j++) {
      const base = i * a.stride + j * b.stride;
      let below = first > 0 ? faces[0]! / (1 / first + d[0]! * resist[base]!) : 0;
      let [beforeUpper, beforeRight] = [0, 0];
      for (let cell = 0; cell < n; cell++) {
        const index = base + cell * stride;
        const inside = d[cell]! * resist[index]!;
        const above =
          cell < n - 1
            ? faces[cell + 1]! / (inside + d[cell + 1]! * resist[index + stride]!)
            : last > 0
              ? faces[n]! / (1 / last + inside)
              : 0;
        const storage = capacity[index]! * volumes[cell]! * perStep;
        let known = storage * temp[index]!;
        if (cell === 0) known += below * airC;
        if (cell === n - 1) known += above * airC;
        const lower = cell === 0 ? 0 : below;
        const perPivot = 1 / (storage + below + above + lower * beforeUpper);
        beforeRight = (known + lower * beforeRight) * perPivot;
        beforeUpper = cell === n - 1 ? 0 : -above * perPivot;
        upper[cell] = beforeUpper;
        right[cell] = beforeRight;
        below = above;
      }
      let next = 0;
      for (let cell = n - 1; cell >= 0; cell--) {
        const index = base + cell * stride;
        next = right[cell]! - upper[cell]! * next;
        heat[index] = heat[index]! + capacity[index]! * (next - temp[index]!);
      }
    }
  }
  lookUp(fields);
}

function volumesOf({ x, y, z }: Record<'x' | 'y' | 'z', Cells>): Float64Array {
  const volumes = new Float64Array(x.volumes.length * y.volumes.length * z.volumes.length);
  let index = 0;
  for (const depth of z.volumes)
    for (const width of y.volumes) for (const length of x.volumes) volumes[index++] = length * width * depth;
  return volumes;
}

/** Of the column through the middle, from below to above. Where it lies on metal the middle is off centre: while it cools the warmest counts, while it warms the coldest. */
function coreAndSurface(temp: Float64Array, layer: number, layers: number): Pick<Moment, 'coreC' | 'surfaceC'> {
  const surfaceC = temp[(layers - 1) * layer]!;
  const cooling = surfaceC <= temp[(layers >> 1) * layer]!;
  let coreC = temp[0]!;
  for (let k = 1; k < layers; k++)
    coreC = cooling ? Math.max(coreC, temp[k * layer]!) : Math.min(coreC, temp[k * layer]!);
  return { coreC, surfaceC };
}
