'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { MarinadeResource, MarinadeWrite } from '@/contract/resources';
import { formatNumber } from '@/core/units';
import { listOf } from '@/core/words';
import { Button } from '../../primitives/button';
import { postOnce } from '../../shell/tryOnce';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';

/** Marinades that come with Mince and are not in this book: newer than it, put away or renamed. One press brings them in, one takes them out again. */
export function MissingStarters({ missing }: { missing: readonly MarinadeWrite[] }) {
  const router = useRouter();
  const toast = useToast();
  const { style } = usePreferences();
  const [busy, setBusy] = useState(false);
  if (missing.length === 0) return null;
  const said = (these: readonly { name: string }[]) => listOf(these.map(({ name }) => `“${name}”`));
  const many =
    missing.length > 1
      ? `${formatNumber(missing.length, style.locale)} marinades that come`
      : 'One marinade that comes';

  const bringIn = async () => {
    setBusy(true);
    const made: MarinadeResource[] = [];
    let problem: string | undefined;
    for (const body of missing) {
      const result = await postOnce<MarinadeResource>('/marinades', body);
      if (!result.ok) {
        problem = result.problem.title;
        break;
      }
      made.push(result.data);
    }
    setBusy(false);
    router.refresh();
    const takeOut = async () => {
      for (const { id, version } of made) await callApi('DELETE', `/marinades/${id}`, { version });
      router.refresh();
    };
    toast({
      text: problem ?? `${said(made)}: in the book.`,
      ...(made.length > 0 ? { action: { label: 'Undo', run: () => void takeOut() } } : {}),
    });
  };

  return (
    <section
      className="mt-6 flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-grout pt-4"
      aria-label="Not in your book"
    >
      <p className="min-w-0 flex-1 basis-72 text-[14px] text-muted">
        {many} with Mince {missing.length > 1 ? 'are' : 'is'} not in this book: {said(missing)}.
      </p>
      <Button look="plain" onClick={bringIn} disabled={busy}>
        {missing.length > 1 ? 'Bring them in' : 'Bring it in'}
      </Button>
    </section>
  );
}
