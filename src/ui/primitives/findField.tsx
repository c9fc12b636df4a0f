'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { SearchField } from './plainFields';

const AFTER_MS = 250;

interface Props {
  label: string;
  /** Where the list lives; what is sought is added as ?find=. */
  path: string;
  find: string;
  placeholder?: string;
}

/** Seeks in a list that may be longer than its page: the server looks, and the address keeps what was sought. */
export function FindField({ label, path, find, placeholder }: Props) {
  const router = useRouter();
  const [text, setText] = useState(find);
  useEffect(() => {
    if (text.trim() === find) return;
    const timer = setTimeout(
      () => router.replace(text.trim() ? `${path}?${new URLSearchParams({ find: text.trim() })}` : path),
      AFTER_MS,
    );
    // A link that is pressed meanwhile leads away: nothing pulls back to the list.
    const onPress = ({ target }: MouseEvent) => {
      if (target instanceof Element && target.closest('a')) clearTimeout(timer);
    };
    document.addEventListener('click', onPress, true);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('click', onPress, true);
    };
  }, [text, find, path, router]);
  return <SearchField label={label} value={text} maxLength={80} placeholder={placeholder} onChange={setText} />;
}
