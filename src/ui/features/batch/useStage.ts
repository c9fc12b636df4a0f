'use client';

import { useCallback, useEffect, useState } from 'react';
import { stageNamed, type Stage } from '@/core/ways';

const stageOf = (search: string) => stageNamed(new URLSearchParams(search).get('stage'));

/** The stage that the address names; each step is one in the browser's history, so that Back walks the stages. */
export function useStageOfAddress(first: Stage): [Stage, (to: Stage) => void] {
  const [stage, setStage] = useState(first);
  const goTo = useCallback((to: Stage) => {
    if (stageOf(window.location.search) !== to) window.history.pushState(null, '', `?stage=${to}`);
    setStage(to);
  }, []);
  useEffect(() => {
    const back = () => setStage(stageOf(window.location.search) ?? first);
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, [first]);
  return [stage, goTo];
}

/** Digits go to a stage, Ctrl+Z takes back, unless someone is typing. */
export function useStageKeys(stages: readonly Stage[], goTo: (stage: Stage) => void, undo: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      if (typing || event.altKey) return;
      const command = event.ctrlKey || event.metaKey;
      const digit = stages[Number(event.key) - 1];
      if (digit && !command) goTo(digit);
      if (command && !event.shiftKey && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        undo();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [stages, goTo, undo]);
}
