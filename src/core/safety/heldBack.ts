/** A part split off before the mix met raw meat is clean; one taken afterwards is raw and must be boiled or thrown away. */
export function heldBackState(part: { massG: number; splitAfterMixing: boolean }): 'none' | 'clean' | 'raw' {
  if (part.splitAfterMixing) return 'raw';
  return part.massG > 0 ? 'clean' : 'none';
}
