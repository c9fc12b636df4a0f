'use client';

import { useEffect, useState, type ComponentType } from 'react';
import { Button } from './button';

type Load<P> = () => Promise<ComponentType<P>>;

/**
 * For parts of a screen that are fetched when they are needed: where the network fails, the part alone says so and is fetched again, by itself or
 * at a press; the page around it stays.
 */
export const orAgain = <P extends object>(load: Load<P>): Load<P> => () => load().catch(() => fetchedAgain(load));

function fetchedAgain<P extends object>(load: Load<P>): ComponentType<P> {
  return function FetchedAgain(props: P) {
    const [Part, setPart] = useState<ComponentType<P>>();
    const [failed, setFailed] = useState(false);
    const fetchIt = () => {
      setFailed(false);
      load().then((part) => setPart(() => part), () => setFailed(true));
    };
    useEffect(() => {
      fetchIt();
      window.addEventListener('online', fetchIt);
      return () => window.removeEventListener('online', fetchIt);
    }, []);
    if (Part) return <Part {...props} />;
    return failed ? <p role="alert" className="flex flex-wrap items-center gap-3 py-2">This part did not load. <Button look="plain" onClick={fetchIt}>Load it again</Button></p> : null;
  };
}
