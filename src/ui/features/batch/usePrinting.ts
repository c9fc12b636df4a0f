import { useSyncExternalStore } from 'react';

function onPaper(listen: () => void): () => void {
  const paper = window.matchMedia('print');
  paper.addEventListener('change', listen);
  return () => paper.removeEventListener('change', listen);
}

/** True while the page is being printed, by button or by key: the sheet is made just then. */
export const usePrinting = (): boolean =>
  useSyncExternalStore(
    onPaper,
    () => window.matchMedia('print').matches,
    () => false,
  );
