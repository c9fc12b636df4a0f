'use client';

import clsx from 'clsx';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState, type ComponentType } from 'react';
import type { EventResource } from '@/contract/resources';
import type { BatchPage } from '@/contract/views';
import { planBatch, type Surroundings } from '@/core/batches';
import type { Cut } from '@/core/pieces';
import { jobProgress } from '@/core/progress';
import { STAGES, type Stage } from '@/core/scheduling';
import { formatClock, formatDay } from '@/core/times';
import { formatMass } from '@/core/units';
import { STAGE_NAMES } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { CautionList } from '../../primitives/cautionNote';
import { orAgain } from '../../primitives/orAgain';
import { useSettled } from '../../primitives/useSettled';
import { callApi } from '../../shell/api';
import { fetchCuts } from '../../shell/fetchCuts';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { BatchWorkProvider, type BatchWork } from './batchContext';
import { SaveNote } from './saveNote';
import { stageLines } from './stageLines';
import { toInputs } from './batchFields';
import { usePrinting } from './usePrinting';
import { useBatchDraft } from './useBatchDraft';

// Each stage is fetched when it is first shown, and all of them soon after the page is at rest.
const pieceStage = () => import('./stagePiece');
const firmStage = () => import('./stageFirm');
const sliceStage = () => import('./stageSlice');
const tenderizeStage = () => import('./stageTenderize');
const marinateStage = () => import('./stageMarinate');
const cookStage = () => import('./stageCook');
const tasteStage = () => import('./stageTaste');
const StagePiece = dynamic(orAgain(() => pieceStage().then((stage) => stage.StagePiece)));
const PieceFigures = dynamic(orAgain(() => pieceStage().then((stage) => stage.PieceFigures)));
const StageFirm = dynamic(orAgain(() => firmStage().then((stage) => stage.StageFirm)));
const FirmFigures = dynamic(orAgain(() => firmStage().then((stage) => stage.FirmFigures)));
const StageSlice = dynamic(orAgain(() => sliceStage().then((stage) => stage.StageSlice)));
const SliceFigures = dynamic(orAgain(() => sliceStage().then((stage) => stage.SliceFigures)));
const StageTenderize = dynamic(orAgain(() => tenderizeStage().then((stage) => stage.StageTenderize)));
const TenderizeFigures = dynamic(orAgain(() => tenderizeStage().then((stage) => stage.TenderizeFigures)));
const StageMarinate = dynamic(orAgain(() => marinateStage().then((stage) => stage.StageMarinate)));
const MarinateFigures = dynamic(orAgain(() => marinateStage().then((stage) => stage.MarinateFigures)));
const StageCook = dynamic(orAgain(() => cookStage().then((stage) => stage.StageCook)));
const CookFigures = dynamic(orAgain(() => cookStage().then((stage) => stage.CookFigures)));
const Record = dynamic(orAgain(() => import('./record').then((record) => record.Record)));
const StageTaste = dynamic(orAgain(() => tasteStage().then((stage) => stage.StageTaste)));
// Below the fold, or on paper: not needed for the first look.
const jobList = () => import('./jobList');
const paperPlan = () => import('./paperPlan');
const JobList = dynamic(
  orAgain(() => jobList().then((list) => list.JobList)),
  { ssr: false, loading: () => <p className="min-h-96 text-muted">Counting back.</p> },
);
const PaperPlan = dynamic(
  orAgain(() => paperPlan().then((paper) => paper.PaperPlan)),
  { ssr: false },
);
const FETCH_STAGES_AFTER_MS = 1500;

type BatchScreenProps = BatchPage & { stage: Stage };

/** A number and its unit stay on one line. */
const keepUnits = (text: string) => text.replace(/(\d) (?=(?:°C|°F|h|g|kg|lb|oz|mm|in|min)\b)/g, '$1\u00a0');

const FIGURES: Record<Stage, ComponentType | undefined> = {
  piece: PieceFigures,
  firm: FirmFigures,
  slice: SliceFigures,
  tenderize: TenderizeFigures,
  marinate: MarinateFigures,
  cook: CookFigures,
  taste: undefined,
};

export function BatchScreen({
  batch,
  cut: firstCut,
  marinades,
  sodaIngredient,
  measures,
  zone,
  freezer,
  slicer,
  currency,
  ownCuts,
  events: knownEvents,
  tastings,
  stage: firstStage,
}: BatchScreenProps) {
  const draft = useBatchDraft(batch);
  const { fields, change, pin, undo, canUndo } = draft;
  const saved = draft.state.kind === 'saved';
  const [stage, setStage] = useState<Stage>(firstStage);
  const [tasted, setTasted] = useState(tastings);
  const [events, setEvents] = useState(knownEvents);
  const record = useCallback((event: EventResource) => setEvents((before) => [...before, event]), []);
  const { style } = usePreferences();
  const alive = useAlive();
  const toast = useToast();
  const router = useRouter();

  const inputs = useMemo(() => toInputs(fields), [fields]);
  const [cuts, setCuts] = useState<readonly Cut[]>(() => [...ownCuts, firstCut]);
  const cut = cuts.find(({ id }) => id === fields.cutId) ?? firstCut;
  const takeCut = useCallback(
    (taken: Cut) => {
      setCuts((before) => (before.some(({ id }) => id === taken.id) ? before : [...before, taken]));
      change({ cutId: taken.id });
    },
    [change],
  );
  // A draft of another visit, or the other side of a conflict, may be of a cut that this page was not given.
  useEffect(() => {
    if (cuts.some(({ id }) => id === fields.cutId)) return;
    return fetchCuts((catalogue) => setCuts((before) => [...before, ...catalogue]));
  }, [cuts, fields.cutId]);

  const marinade = marinades.find((one) => one.id === fields.marinadeId) ?? marinades[0]!;
  const around = useMemo<Surroundings>(
    () => ({ cut, marinade, sodaIngredient, measures, zone, freezer, slicer }),
    [cut, marinade, sodaIngredient, measures, zone, freezer, slicer],
  );
  const plan = useMemo(() => planBatch(inputs, around), [inputs, around]);
  const progress = useMemo(
    () =>
      jobProgress(
        events.map(({ id, kind, jobKey, at, payload }) => ({ id, kind, jobKey, atMs: Date.parse(at), payload })),
      ),
    [events],
  );
  const work = useMemo<BatchWork>(
    () => ({
      fields,
      inputs,
      plan,
      cut,
      cuts,
      takeCut,
      around,
      marinade,
      marinades,
      zone,
      currency,
      batchId: batch.id,
      mealId: fields.mealId,
      saved,
      events,
      record,
      change,
      pin,
    }),
    [
      fields,
      inputs,
      plan,
      cut,
      cuts,
      takeCut,
      around,
      marinade,
      marinades,
      zone,
      currency,
      batch.id,
      saved,
      events,
      record,
      change,
      pin,
    ],
  );
  const planned = useMemo(() => ({ plan, inputs, cut, marinade }), [plan, inputs, cut, marinade]);
  // The list of jobs is long; while a slider moves it follows a moment later.
  const listed = useSettled(planned, 90);
  const lines = stageLines(plan, inputs, style);
  const Figures = FIGURES[stage];
  const printing = usePrinting();
  const next = STAGES[STAGES.indexOf(stage) + 1];

  const current = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    current.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [stage]);

  const goTo = useCallback((to: Stage) => {
    setStage(to);
    window.history.replaceState(null, '', `?stage=${to}`);
  }, []);

  useEffect(() => {
    const timer = setTimeout(
      () =>
        [pieceStage, firmStage, sliceStage, tenderizeStage, marinateStage, cookStage, tasteStage, paperPlan].forEach(
          (fetchStage) => void fetchStage().catch(() => undefined),
        ),
      FETCH_STAGES_AFTER_MS,
    );
    return () => clearTimeout(timer);
  }, []);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      const digit = STAGES[Number(event.key) - 1];
      if (digit && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) goTo(digit);
      if ((event.ctrlKey || event.metaKey) && !event.shiftKey && event.key.toLowerCase() === 'z' && !typing) {
        event.preventDefault();
        undo();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [goTo, undo]);

  const remove = async () => {
    const result = await callApi('DELETE', `/batches/${batch.id}`);
    if (!result.ok) {
      toast({ text: result.problem.title });
      return;
    }
    router.push('/batches');
    toast({
      text: `${fields.name} was put away.`,
      action: {
        label: 'Undo',
        run: () => void callApi('POST', `/batches/${batch.id}/restore`).then(() => router.push(`/batches/${batch.id}`)),
      },
    });
  };

  return (
    <BatchWorkProvider value={work}>
      {printing && (
        <PaperPlan plan={plan} inputs={inputs} cut={cut} marinade={marinade} zone={zone} name={fields.name} />
      )}
      <div className="no-print grid grid-cols-[minmax(0,1fr)] wide:min-h-[calc(100dvh-3.5rem)] wide:grid-cols-[216px_minmax(0,1fr)_296px] wide:grid-rows-[auto_1fr]">
        <aside className="border-grout bg-panel px-4 py-5 wide:row-span-2 wide:border-r">
          <label className="block">
            <span className="sr-only">Name of the batch</span>
            <textarea
              value={fields.name}
              maxLength={120}
              rows={1}
              aria-label="Name of the batch"
              onChange={(event) =>
                event.target.value.trim() && change({ name: event.target.value.replace(/\s+/g, ' ') })
              }
              className="condensed -mx-1 field-sizing-content w-full resize-none rounded border border-transparent bg-transparent px-1 text-[21px] font-bold leading-tight hover:border-grout focus:border-grout"
            />
          </label>
          <p className="mt-1 text-[14px] text-muted">
            {cut.name}, {formatMass(fields.massG, style)} · serves {fields.people}
            <br />
            {formatDay(inputs.tableAtMs, zone, style.locale)}, {formatClock(inputs.tableAtMs, zone, style.locale)}
          </p>
          <nav aria-label="Stages" className="-mx-4 mt-3 flex overflow-x-auto wide:block">
            {STAGES.map((one, index) => (
              <button
                key={one}
                ref={one === stage ? current : undefined}
                type="button"
                disabled={!alive}
                onClick={() => goTo(one)}
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
                  <span className="block text-[13px] leading-snug text-muted">
                    {one === 'taste'
                      ? tasted.length
                        ? `${tasted.length} ${tasted.length === 1 ? 'tasting' : 'tastings'}`
                        : 'Not yet'
                      : keepUnits(lines[one])}
                  </span>
                </span>
              </button>
            ))}
          </nav>
          <div className="mt-3 flex flex-wrap items-center gap-x-3 gap-y-2 wide:flex-col wide:items-stretch">
            {plan.schedule.ok ? (
              <Link href={`/cook?batch=${batch.id}`} className={buttonLook('main')}>
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
            <Button look="quiet" className="text-[14px]" onClick={remove}>
              Put this batch away
            </Button>
            <SaveNote draft={draft} />
          </div>
        </aside>

        <section aria-label={STAGE_NAMES[stage]} className="min-w-0 space-y-5 px-4 py-5 wide:px-6">
          <h1>{STAGE_NAMES[stage]}</h1>
          {!plan.schedule.ok && stage !== 'taste' && <JobList {...planned} zone={zone} />}
          {stage === 'piece' && <StagePiece />}
          {stage === 'firm' && <StageFirm />}
          {stage === 'slice' && <StageSlice />}
          {stage === 'tenderize' && <StageTenderize />}
          {stage === 'marinate' && <StageMarinate />}
          {stage === 'cook' && (
            <StageCook batchId={batch.id} acknowledged={events.some(({ kind }) => kind === 'caution-acknowledged')} />
          )}
          {stage === 'taste' && <StageTaste batchId={batch.id} tastings={tasted} zone={zone} onKept={setTasted} />}
        </section>

        <aside
          aria-label="What it means"
          className="space-y-2.5 border-grout bg-panel px-4 py-5 wide:col-start-3 wide:row-span-2 wide:row-start-1 wide:border-l"
        >
          {Figures && <Figures />}
          {stage === 'taste' && <Record lines={lines} events={events} zone={zone} />}
          <CautionList cautions={plan.cautions.filter((caution) => caution.stage === stage)} />
          {next && (
            <Button
              look="plain"
              className="w-full"
              onClick={() => {
                goTo(next);
                window.scrollTo({ top: 0 });
              }}
            >
              Next: {STAGE_NAMES[next].toLowerCase()}
            </Button>
          )}
        </aside>

        {stage !== 'taste' && plan.schedule.ok && (
          <section aria-label="Jobs" className="below-the-fold min-w-0 px-4 pb-8 pt-3 wide:px-6">
            <h2 className="mb-2">The jobs, counted back from the table</h2>
            <JobList {...listed} zone={zone} progress={progress} />
          </section>
        )}
      </div>
    </BatchWorkProvider>
  );
}
