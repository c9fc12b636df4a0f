import { heatAt, type PropertyTable } from './propertyTable';

export interface BlockSize {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
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

interface Axis {
  widths: Float64Array;
  stride: number;
  /** Heat transfer at the first and the last cell's outer face, W/m2K; 0 on a plane of symmetry. */
  first: number;
  last: number;
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
 * Cooling or warming of a block in air, its water freezing over a range: enthalpy method, locally one-dimensional implicit sweeps with the
 * apparent capacity and a quasi-enthalpy correction after Pham, which keeps the energy exact. A quarter of the block is solved, an eighth when
 * top and bottom are alike. Not for irregular or stacked pieces; supercooling is left out.
 */
export function makeBlock(table: PropertyTable, size: BlockSize & { startC: number; symmetric: boolean }, grid: Grid = USUAL_GRID, from?: BlockState): Block {
  const level = { ...grid, cells: grid.across ?? grid.cells };
  const x = widths(size.lengthMm / 1000, level, false);
  const y = widths(size.widthMm / 1000, level, false);
  const z = widths(size.heightMm / 1000, grid, !size.symmetric);
  const count = x.length * y.length * z.length;
  const heat = from ? from.heat.slice() : new Float64Array(count).fill(heatAt(table, size.startC));
  const [temp, conduct, capacity, frozen] = [new Float64Array(count), new Float64Array(count), new Float64Array(count), new Float64Array(count)];
  const longest = Math.max(x.length, y.length, z.length);
  const fields: Fields = {
    heat, temp, conduct, capacity,
    upper: new Float64Array(longest),
    right: new Float64Array(longest),
    refresh(index) {
      const place = Math.min(last, Math.max(0, (heat[index]! - table.lowest) / table.step));
      const below = Math.floor(place);
      const share = place - below;
      temp[index] = table.temperatureC[below]! + share * (table.temperatureC[below + 1]! - table.temperatureC[below]!);
      conduct[index] = table.conductivity[below]! + share * (table.conductivity[below + 1]! - table.conductivity[below]!);
      capacity[index] = table.capacity[below]! + share * (table.capacity[below + 1]! - table.capacity[below]!);
      frozen[index] = table.frozen[below]! + share * (table.frozen[below + 1]! - table.frozen[below]!);
    },
  };
  const last = table.temperatureC.length - 1 - 1e-6;
  for (let index = 0; index < count; index++) fields.refresh(index);
  let step = from?.step ?? 0;

  return {
    advance({ airC, topW, bottomW }) {
      step++;
      const axes: Axis[] = [
        { widths: x, stride: 1, first: 0, last: topW },
        { widths: y, stride: x.length, first: 0, last: topW },
        { widths: z, stride: x.length * y.length, first: size.symmetric ? 0 : bottomW, last: topW },
      ];
      for (const axis of step % 2 ? axes : [...axes].reverse()) sweep(axis, { axes, airC, stepS: grid.stepS }, fields);
      return momentOf({ x, y, z }, { temp, frozen }, (step * grid.stepS) / 60);
    },
    state: () => ({ heat: heat.slice(), step }),
    meanHeat() {
      let [sum, volume] = [0, 0];
      eachCell({ x, y, z }, (index, cell) => {
        sum += cell * heat[index]!;
        volume += cell;
      });
      return sum / volume;
    },
    section() {
      const rows = Array.from({ length: z.length }, (_, k) => k * x.length * y.length);
      const cells = rows.flatMap((row) => Array.from({ length: x.length }, (_, i) => row + i));
      return {
        lengthMm: borders(x), heightMm: borders(z),
        temperatureC: cells.map((index) => temp[index]!),
        frozen: cells.map((index) => frozen[index]!),
      };
    },
  };
}

const borders = (cells: Float64Array): number[] => {
  let at = 0;
  return [0, ...Array.from(cells, (width) => (at += width * 1000))];
};

interface Fields {
  heat: Float64Array;
  temp: Float64Array;
  conduct: Float64Array;
  capacity: Float64Array;
  upper: Float64Array;
  right: Float64Array;
  refresh: (index: number) => void;
}

/** One implicit step along one axis, line by line (Thomas algorithm). */
function sweep(axis: Axis, { axes, airC, stepS }: { axes: Axis[]; airC: number; stepS: number }, { heat, temp, conduct, capacity, refresh, upper, right }: Fields): void {
  const { widths: d, stride, first, last } = axis;
  const n = d.length;
  const [a, b] = axes.filter((one) => one !== axis) as [Axis, Axis];
  for (let i = 0; i < a.widths.length; i++) {
    for (let j = 0; j < b.widths.length; j++) {
      const base = i * a.stride + j * b.stride;
      const face = (outerW: number, cell: number) => (outerW > 0 ? 1 / (1 / outerW + d[cell]! / 2 / conduct[base + cell * stride]!) : 0);
      let below = face(first, 0);
      for (let cell = 0; cell < n; cell++) {
        const index = base + cell * stride;
        const above = cell === n - 1 ? face(last, cell) : 1 / (d[cell]! / 2 / conduct[index]! + d[cell + 1]! / 2 / conduct[index + stride]!);
        const storage = (capacity[index]! * d[cell]!) / stepS;
        const fromAir = (cell === 0 ? below * airC : 0) + (cell === n - 1 ? above * airC : 0);
        const lower = cell === 0 ? 0 : -below;
        const pivot = storage + below + above - lower * (cell === 0 ? 0 : upper[cell - 1]!);
        upper[cell] = cell === n - 1 ? 0 : -above / pivot;
        right[cell] = (storage * temp[index]! + fromAir - lower * (cell === 0 ? 0 : right[cell - 1]!)) / pivot;
        below = above;
      }
      let next = 0;
      for (let cell = n - 1; cell >= 0; cell--) {
        const index = base + cell * stride;
        next = right[cell]! - upper[cell]! * next;
        heat[index] = heat[index]! + capacity[index]! * (next - temp[index]!);
        refresh(index);
      }
    }
  }
}

type Cells = Record<'x' | 'y' | 'z', Float64Array>;

function eachCell({ x, y, z }: Cells, visit: (index: number, volume: number) => void): void {
  let index = 0;
  for (const depth of z) for (const width of y) for (const length of x) visit(index++, length * width * depth);
}

function momentOf(cells: Cells, { temp, frozen: ice }: { temp: Float64Array; frozen: Float64Array }, minutes: number): Moment {
  const { x, y, z } = cells;
  let [frozen, volume] = [0, 0];
  eachCell(cells, (index, cell) => {
    frozen += cell * ice[index]!;
    volume += cell;
  });
  const column = Array.from(z, (_, k) => temp[k * x.length * y.length]!);
  // The middle of a block that lies on metal is off centre: while it cools the warmest counts, while it warms the coldest.
  const surfaceC = column[column.length - 1]!;
  const coreC = surfaceC <= column[column.length >> 1]! ? Math.max(...column) : Math.min(...column);
  return { minutes, iceFraction: frozen / volume, coreC, surfaceC };
}
