'use client';

import { useEffect, useState, type ComponentType } from 'react';
import { Button } from './button';

/** Parts that are missing: one press fetches them all. */
const missing = new Set<() => void>();

type Load<P> = () => Promise<ComponentType<P>>;

/**
 * For parts of a screen that are fetched when they are needed: where the network fails, the part alone says so and is fetched again, by itself or
 * at a press; the page around it stays.
 */
export const orAgain =
  <P extends object>(load: Load<P>): Load<P> =>
  () =>
    load().catch(() => fetchedAgain(load));

const fetchMissing = () => missing.forEach((fetchIt) => fetchIt());

function fetchedAgain<P extends object>(load: Load<P>): ComponentType<P> {
  return function FetchedAgain(props: P) {
    const [Part, setPart] = useState<ComponentType<P>>();
    const [failed, setFailed] = useState(false);
    useEffect(() => {
      const fetchIt = () => {
        setFailed(false);
        load().then(
          (part) => {
            missing.delete(fetchIt);
            setPart(() => part);
          },
          () => setFailed(true),
        );
      };
      missing.add(fetchIt);
      fetchIt();
      window.addEventListener('online', fetchIt);
      return () => {
        missing.delete(fetchIt);
        window.removeEventListener('online', fetchIt);
      };
    }, []);
    if (Part) return <Part {...props} />;
    return failed ? (
      <p role="alert" className="flex flex-wrap items-center gap-3 py-2">
        This part did not load.{' '}
        <Button look="plain" onClick={fetchMissing}>
          Load it again
        </Button>
      </p>
    ) : null;
  };
}
