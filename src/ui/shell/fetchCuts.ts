import type { Cut } from '@/core/pieces';

/** Fetches the catalogue of cuts; where the network is away it comes once that is back. Returns what gives it up. */
export function fetchCuts(onCuts: (cuts: readonly Cut[]) => void): () => void {
  let wanted = true;
  const fetchThem = () => {
    import('@/core/pieces').then(
      ({ CUTS }) => wanted && onCuts(CUTS),
      () => wanted && window.addEventListener('online', fetchThem, { once: true }),
    );
  };
  fetchThem();
  return () => {
    wanted = false;
    window.removeEventListener('online', fetchThem);
  };
}
