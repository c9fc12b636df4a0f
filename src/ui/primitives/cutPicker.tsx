'use client';

import { Command } from 'cmdk';
import { useEffect, useRef, useState } from 'react';
import { nearCuts, searchCuts, type Cut } from '@/core/pieces';
import { ANIMAL_NAMES, WORK_NAMES } from '@/core/words';

interface Props {
  label: string;
  cuts: readonly Cut[];
  value: Cut;
  onChange: (cut: Cut) => void;
}

/** A cut found by any of its names: type, arrow keys, enter. What stands in the field while nobody types is the cut chosen. */
export function CutPicker({ label, cuts, value, onChange }: Props) {
  const [typed, setTyped] = useState<string>();
  const box = useRef<HTMLDivElement>(null);
  const open = typed !== undefined;
  const exact = open ? searchCuts(typed, cuts) : [];
  const near = open && exact.length === 0 ? nearCuts(typed, cuts) : [];
  const found = exact.length ? exact : near;

  useEffect(() => {
    if (!open) return;
    const away = (event: PointerEvent) => !box.current?.contains(event.target as Node) && setTyped(undefined);
    document.addEventListener('pointerdown', away);
    return () => document.removeEventListener('pointerdown', away);
  }, [open]);

  const take = (cut: Cut) => {
    onChange(cut);
    setTyped(undefined);
  };

  return (
    <div
      ref={box}
      className="relative w-72 max-w-full"
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setTyped(undefined)}
    >
      <Command shouldFilter={false} loop label={label}>
        <Command.Input
          aria-label={label}
          value={typed ?? value.name}
          onValueChange={setTyped}
          onFocus={(event) => event.currentTarget.select()}
          onClick={() => setTyped((text) => text ?? '')}
          maxLength={120}
          placeholder="any name, US or UK"
          onKeyDown={(event) => {
            if (event.key === 'Escape') setTyped(undefined);
            if (event.key === 'ArrowDown' && !open) setTyped('');
            // Enter with the list shut belongs to the form; with the list open it takes the cut.
            if (event.key === 'Enter' && !open) event.stopPropagation();
          }}
          className="condensed h-11 w-full rounded border border-grout bg-panel px-3 text-[17px] font-semibold"
        />
        <Command.List
          className={
            open
              ? 'absolute inset-x-0 top-12 z-30 max-h-80 overflow-y-auto rounded border border-enamel bg-panel py-1'
              : 'hidden'
          }
        >
          {near.length > 0 && <p className="px-3 py-1.5 text-[14px] text-muted">No cut of that name. Near it:</p>}
          {found.map((cut) => (
            <Command.Item
              key={cut.id}
              value={cut.id}
              onSelect={() => take(cut)}
              className="cursor-pointer px-3 py-1.5 data-[selected=true]:bg-enamel-tint"
            >
              <span className="font-semibold">{cut.name}</span>{' '}
              {cut.own && <span className="rounded bg-ink px-1 text-[12px] text-white">own</span>}
              <span className="block truncate text-[13px] text-muted">
                {ANIMAL_NAMES[cut.animal].toLowerCase()}, {WORK_NAMES[cut.work]}
                {cut.otherNames.length ? `; ${cut.otherNames.slice(0, 3).join(', ')}` : ''}
              </span>
            </Command.Item>
          ))}
          {open && found.length === 0 && (
            <p className="px-3 py-2 text-[14px] text-muted">
              No cut of that name. Try another name for it, or add it under Cuts.
            </p>
          )}
        </Command.List>
      </Command>
    </div>
  );
}
