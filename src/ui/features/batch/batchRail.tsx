'use client';

import clsx from 'clsx';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import type { Stage } from '@/core/ways';
import { formatClock, formatDay } from '@/core/times';
import { formatMass } from '@/core/units';
import { STAGE_NAMES } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { Link } from '../../primitives/link';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { writeTimers } from '../../shell/runningTimers';
import { useToast } from '../../shell/toast';
import { useBatchWork } from './batchContext';
import { SaveNote } from './saveNote';
import type { useBatchDraft } from './useBatchDraft';

interface Props {
  stage: Stage;
  /** In the order of the work. */
  stages: readonly Stage[];
  lines: Record<Exclude<Stage, 'taste'>, string>;
  tastings: number;
  draft: ReturnType<typeof useBatchDraft>;
  onGo: (stage: Stage) => void;
}

/** A number and its unit stay on one line. */
const keepUnits = (text: string) => text.replace(/(\d) (?=(?:°C|°F|h|g|kg|lb|oz|mm|in|min)\b)/g, '$1\u00a0');

/** Name, stages with their one-line results, and what can be done with the whole batch. */
export function BatchRail({ stage, stages, lines, tastings, draft, onGo }: Props) {
  const { fields, inputs, cut, plan, zone, batchId, change } = useBatchWork();
  const { style } = usePreferences();
  const { undo, canUndo } = draft;
  const putAway = usePutAway();
  return (
    <aside className="border-grout bg-panel px-4 py-5 wide:row-span-2 wide:border-r">
      <label className="block">
        <span className="sr-only">Name of the batch</span>
        <textarea
          value={fields.name}
          maxLength={120}
          rows={1}
          aria-label="Name of the batch"
          onChange={(event) => event.target.value.trim() && change({ name: event.target.value.replace(/\s+/g, ' ') })}
          className="condensed -mx-1 field-sizing-content w-full resize-none rounded border border-transparent bg-transparent px-1 text-[21px] font-bold leading-tight hover:border-grout focus:border-grout"
        />
      </label>
      <p className="mt-1 text-[14px] text-muted">
        {cut.name}, {formatMass(fields.massG, style)} · serves {fields.people}
        <br />
        {formatDay(inputs.tableAtMs, zone, style.locale)}, {formatClock(inputs.tableAtMs, zone, style.locale)}
      </p>
      <StageList
        stage={stage}
        stages={stages}
        onGo={onGo}
        say={(one) =>
          one === 'taste'
            ? tastings
              ? `${tastings} ${tastings === 1 ? 'tasting' : 'tastings'}`
              : 'Not yet'
            : keepUnits(lines[one])
        }
      />
      <div className="mt-3 flex flex-wrap items-center gap-x-3 gap-y-2 wide:flex-col wide:items-stretch">
        {plan.schedule.ok ? (
          <Link href={`/cook?batch=${batchId}`} className={buttonLook('main')}>
            Start cooking
          </Link>
        ) : (
          <span aria-disabled="true" className={clsx(buttonLook('main'), 'opacity-50')}>
            Start cooking
          </span>
        )}
        <Button look="plain" onClick={undo} disabled={!canUndo}>
          Undo
        </Button>
        <Button look="quiet" className="text-[14px]" onClick={() => window.print()}>
          Print the plan
        </Button>
        <Button look="quiet" className="text-[14px]" onClick={putAway}>
          Put this batch away
        </Button>
        <SaveNote draft={draft} />
      </div>
    </aside>
  );
}

function StageList({
  stage,
  stages,
  onGo,
  say,
}: Pick<Props, 'stage' | 'stages'> & {
  onGo: (stage: Stage) => void;
  say: (stage: Stage) => string;
}) {
  const alive = useAlive();
  const current = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    current.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [stage]);
  return (
    <nav aria-label="Stages" className="-mx-4 mt-3 flex overflow-x-auto wide:block">
      {stages.map((one, index) => (
        <button
          key={one}
          ref={one === stage ? current : undefined}
          type="button"
          disabled={!alive}
          onClick={() => onGo(one)}
          aria-current={one === stage ? 'step' : undefined}
          className={clsx(
            'flex min-w-44 shrink-0 gap-3 border-b-4 px-4 py-2.5 text-left wide:w-full wide:border-b-0 wide:border-l-4',
            one === stage ? 'border-enamel bg-enamel-tint' : 'border-transparent hover:bg-tile',
          )}
        >
          <span
            aria-hidden="true"
            className={clsx(
              'figure mt-0.5 flex size-6 shrink-0 items-center justify-center text-[16px]',
              one === stage ? 'text-enamel' : 'text-muted',
            )}
          >
            {index + 1}
          </span>
          <span className="min-w-0">
            <span className="block font-semibold">{STAGE_NAMES[one]}</span>
            <span className="block text-[13px] leading-snug text-muted">{say(one)}</span>
          </span>
        </button>
      ))}
    </nav>
  );
}

function usePutAway(): () => Promise<void> {
  const { batchId, fields } = useBatchWork();
  const toast = useToast();
  const router = useRouter();
  return async () => {
    const result = await callApi('DELETE', `/batches/${batchId}`);
    if (!result.ok) {
      toast({ text: result.problem.title });
      return;
    }
    // No timer of a batch that was put away goes on ringing.
    writeTimers([batchId], []);
    router.push('/batches');
    toast({
      text: `${fields.name} was put away.`,
      action: {
        label: 'Undo',
        run: () => void callApi('POST', `/batches/${batchId}/restore`).then(() => router.push(`/batches/${batchId}`)),
      },
    });
  };
}
