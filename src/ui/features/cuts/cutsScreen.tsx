'use client';

import { useState } from 'react';
import { ANIMALS, searchCuts, type Cut } from '@/core/pieces';
import { ANIMAL_NAMES, FAT_NAMES, WORK_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { Link } from '../../primitives/link';
import { FLESH } from '../drawing/flesh';
import { SearchField } from '../../primitives/plainFields';

/** Every cut, found by any of its names. */
export function CutsScreen({ cuts }: { cuts: readonly Cut[] }) {
  const [text, setText] = useState('');
  const found = searchCuts(text, cuts);
  const groups = text
    ? [{ name: undefined, list: found }]
    : [
        { name: 'Your own', list: found.filter(({ own }) => own) },
        ...ANIMALS.map((animal) => ({
          name: ANIMAL_NAMES[animal],
          list: found.filter((cut) => !cut.own && cut.animal === animal),
        })),
      ];
  return (
    <div className="mx-auto max-w-6xl px-4 py-6 wide:px-6">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <h1 className="grow">Cuts</h1>
        <Link href="/cuts/new" className={buttonLook('plain')}>
          Add a cut of your own
        </Link>
      </div>
      <Alive className="mt-4 max-w-md">
        <SearchField
          label="Find by any name"
          value={text}
          maxLength={120}
          placeholder="topside, onglet, Boston butt"
          onChange={setText}
        />
      </Alive>
      {found.length === 0 && (
        <div className="mt-5">
          <EmptyState title="No cut of that name" text="Try another name for it, or add it as a cut of your own.">
            <Link href="/cuts/new" className={buttonLook()}>
              Add it
            </Link>
          </EmptyState>
        </div>
      )}
      {groups
        .filter(({ list }) => list.length > 0)
        .map(({ name, list }) => (
          <section key={name ?? 'found'} className="mt-6">
            {name && <h2>{name}</h2>}
            <ul className="mt-2 grid gap-2.5 sm:grid-cols-2 wide:grid-cols-3">
              {list.map((cut) => (
                <CutCard key={cut.id} cut={cut} />
              ))}
            </ul>
          </section>
        ))}
    </div>
  );
}

/** One cut of the list, with a hint of its shape and fibres. */
const CutCard = ({ cut }: { cut: Cut }) => (
  <li>
    <Link href={`/cuts/${cut.id}`} className="panel flex h-full gap-3 px-3.5 py-3 hover:border-enamel">
      <svg width="34" height="26" viewBox="0 0 34 26" aria-hidden="true" className="mt-1 shrink-0">
        <rect
          x="1"
          y={cut.form === 'slab' ? 8 : 3}
          width="32"
          height={cut.form === 'slab' ? 11 : 20}
          rx={cut.form === 'round' ? 10 : 4}
          fill={FLESH[cut.animal].fill}
          stroke={FLESH[cut.animal].line}
        />
        <path
          d={cut.grainDeg > 45 ? 'M7 10v7M13 10v7M19 10v7M25 10v7' : 'M5 10h24M5 13.5h24M5 17h24'}
          stroke={FLESH[cut.animal].line}
          strokeWidth="1.2"
        />
      </svg>
      <span className="min-w-0">
        <span className="block font-semibold wrap-anywhere">{cut.name}</span>
        <span className="block text-[13px] text-muted">
          {WORK_NAMES[cut.work]}, {FAT_NAMES[cut.fat]}
        </span>
        <span className="line-clamp-2 text-[13px] text-muted">{cut.otherNames.join(', ')}</span>
      </span>
    </Link>
  </li>
);
