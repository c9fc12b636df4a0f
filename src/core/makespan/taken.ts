import { SAME_MIN } from './project';

/** How much of one hand or place is taken, from each time on until the next; the last stands for ever at none. */
export class Taken {
  private readonly times: number[] = [-Infinity];
  private readonly counts: number[] = [0];

  constructor(private readonly capacity: number) {}

  /** The first time from `at` on when one more can take it for so long. */
  freeFrom(at: number, minutes: number): number {
    const { times, counts, capacity } = this;
    let begin = at;
    for (let index = this.indexAt(begin); index < times.length; index++) {
      if (index + 1 < times.length && times[index + 1]! <= begin + SAME_MIN) continue;
      if (times[index]! >= begin + minutes - SAME_MIN) break;
      if (counts[index]! >= capacity) begin = times[index + 1]!;
    }
    return begin;
  }

  take(from: number, to: number) {
    this.add(from, to, 1);
  }

  giveBack(from: number, to: number) {
    this.add(from, to, -1);
  }

  private add(from: number, to: number, by: 1 | -1) {
    const first = this.breakAt(from);
    const last = this.breakAt(to);
    for (let index = first; index < last; index++) this.counts[index]! += by;
    // What is no step any more is forgotten.
    for (const index of [last, first])
      if (index > 0 && this.counts[index] === this.counts[index - 1]) {
        this.times.splice(index, 1);
        this.counts.splice(index, 1);
      }
  }

  /** The index that begins exactly then, made where there is none. */
  private breakAt(time: number): number {
    const index = this.indexAt(time);
    if (this.times[index] === time) return index;
    this.times.splice(index + 1, 0, time);
    this.counts.splice(index + 1, 0, this.counts[index]!);
    return index + 1;
  }

  /** The last index that begins at or before a time. */
  private indexAt(time: number): number {
    let low = 0;
    let high = this.times.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (this.times[middle]! <= time) low = middle;
      else high = middle - 1;
    }
    return low;
  }
}
