'use client';

import { useRouter } from 'next/navigation';
import { callApi } from './api';
import { useToast } from './toast';

interface PutAway {
  /** Of the resource in the API, such as /cuts/1. */
  path: string;
  said: string;
  version?: number;
  /** Where to go then, and where Undo leads; left out, the page stays and is read again. */
  goTo?: { then: string; back: string };
}

/** Puts a thing away, says so and offers to bring it back. */
export function usePutAway() {
  const router = useRouter();
  const toast = useToast();
  const show = (address: string | undefined) => (address ? router.push(address) : router.refresh());
  return async ({ path, said, version, goTo }: PutAway) => {
    const result = await callApi('DELETE', path, { version });
    if (!result.ok) return toast({ text: result.problem.title });
    show(goTo?.then);
    toast({
      text: said,
      action: { label: 'Undo', run: () => void callApi('POST', `${path}/restore`).then(() => show(goTo?.back)) },
    });
  };
}
