'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { ReactNode, useCallback, useEffect, useMemo, useState, type ComponentType } from 'react';
import type { EventResource } from '@/contract/resources';
import type { BatchPage } from '@/contract/views';
import type { Remedy, Surroundings } from '@/core/batches';
import { LIMITS, withFacts } from '@/core/batches';
import type { Cut } from '@/core/pieces';
import { facts, type Facts } from '@/core/progress';
import { stagesOf, type Stage } from '@/core/ways';
import { STAGE_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { CautionList } from '../../primitives/cautionNote';
import { orAgain } from '../../primitives/orAgain';
import { useSettled } from '../../primitives/useSettled';
import { toBatchEvent } from '../../shell/batchEvents';
import { fetchCuts } from '../../shell/fetchCuts';
import { usePreferences } from '../../shell/preferences';
import { BatchWorkProvider, type BatchWork } from './batchContext';
import { BatchRail } from './batchRail';
import { BeginStrip } from './beginStrip';
import { BrokenNote } from './brokenNote';
import { nameOfField } from './fieldNames';
import { MeasuredNote } from './measuredNote';
import { PlanNotes } from './planNotes';
import { stageLines } from './stageLines';
import { toInputs } from './batchFields';
import { usePrinting } from './usePrinting';
import { useBatchDraft } from './useBatchDraft';
import { useSafePlan } from './useSafePlan';
import { useStageKeys, useStageOfAddress } from './useStage';

// Each stage is fetched when it is first shown, and all of them soon after the page is at rest.
const pieceStage = () => import('./stagePiece');
const firmStage = () => import('./stageFirm');
const firmFigures = () => import('./firmFigures');
const sliceStage = () => import('./stageSlice');
const sliceFigures = () => import('./sliceFigures');
const tenderizeStage = () => import('./stageTenderize');
const marinateStage = () => import('./stageMarinate');
const cookStage = () => import('./stageCook');
const tasteStage = () => import('./stageTaste');
const StagePiece = dynamic(orAgain(() => pieceStage().then((stage) => stage.StagePiece)));
const PieceFigures = dynamic(orAgain(() => pieceStage().then((stage) => stage.PieceFigures)));
const StageFirm = dynamic(orAgain(() => firmStage().then((stage) => stage.StageFirm)));
const FirmFigures = dynamic(orAgain(() => firmFigures().then((figures) => figures.FirmFigures)));
const StageSlice = dynamic(orAgain(() => sliceStage().then((stage) => stage.StageSlice)));
const SliceFigures = dynamic(orAgain(() => sliceFigures().then((figures) => figures.SliceFigures)));
const StageTenderize = dynamic(orAgain(() => tenderizeStage().then((stage) => stage.StageTenderize)));
const TenderizeFigures = dynamic(orAgain(() => tenderizeStage().then((stage) => stage.TenderizeFigures)));
const StageMarinate = dynamic(orAgain(() => marinateStage().then((stage) => stage.StageMarinate)));
const MarinateFigures = dynamic(orAgain(() => marinateStage().then((stage) => stage.MarinateFigures)));
const StageCook = dynamic(orAgain(() => cookStage().then((stage) => stage.StageCook)));
const CookFigures = dynamic(orAgain(() => cookStage().then((stage) => stage.CookFigures)));
const Record = dynamic(orAgain(() => import('./record').then((record) => record.Record)));
const StageTaste = dynamic(orAgain(() => tasteStage().then((stage) => stage.StageTaste)));
// Below the fold, or on paper: not needed for the first look.
const liveJobs = () => import('./liveJobs');
const paperPlan = () => import('./paperPlan');
const LiveJobs = dynamic(
  orAgain(() => liveJobs().then((jobs) => jobs.LiveJobs)),
  { ssr: false, loading: () => <p className="min-h-96 text-muted">Counting back.</p> },
);
const PaperPlan = dynamic(
  orAgain(() => paperPlan().then((paper) => paper.PaperPlan)),
  { ssr: false },
);
const ALL_PARTS = [
  pieceStage,
  firmStage,
  firmFigures,
  sliceStage,
  sliceFigures,
  tenderizeStage,
  marinateStage,
  cookStage,
  tasteStage,
  paperPlan,
];
const FETCH_STAGES_AFTER_MS = 1500;

const NO_STAGES: readonly Stage[] = [];
const NOBODY: BatchPage['neighbours'] = [];

type BatchScreenProps = BatchPage & { stage: Stage };

const FIGURES: Record<Stage, ComponentType | undefined> = {
  piece: PieceFigures,
  firm: FirmFigures,
  slice: SliceFigures,
  tenderize: TenderizeFigures,
  marinate: MarinateFigures,
  cook: CookFigures,
  taste: undefined,
};

export function BatchScreen(page: BatchScreenProps) {
  const { batch, zone } = page;
  const draft = useBatchDraft(batch);
  const { undo, change, pin } = draft;
  const [stage, goTo] = useStageOfAddress(page.stage);
  const [tasted, setTasted] = useState(page.tastings);
  const [events, setEvents] = useState(page.events);
  const record = useCallback((event: EventResource) => setEvents((before) => [...before, event]), []);
  const { style } = usePreferences();
  const truth = useMemo(() => facts(events.map(toBatchEvent)), [events]);
  const { work, broken } = useBatchPlan(page, draft, { events, record, measured: truth.measured });
  useFetchStages();
  useEffect(() => {
    document.title = `${draft.fields.name}: ${STAGE_NAMES[stage].toLowerCase()} · Mince`;
  }, [draft.fields.name, stage]);

  const planned = useMemo(() => work && { plan: work.plan, inputs: work.inputs, around: work.around }, [work]);
  // The list of jobs is long; while a slider moves it follows a moment later.
  const listed = useSettled(planned, 90);
  const printing = usePrinting();
  const takeRemedy = useCallback(
    ({ pins, tableAtMs }: Remedy['change']) => {
      if (pins) pin(pins);
      if (tableAtMs !== undefined) change({ tableAt: new Date(tableAtMs).toISOString() });
    },
    [pin, change],
  );

  const stages = work ? stagesOf(work.inputs.way, work.plan.slice.shape) : NO_STAGES;
  useStageKeys(stages, goTo, undo);

  if (!work || !planned) return <NoPlan name={draft.fields.name} broken={broken} onBack={draft.takeBack} />;
  const { plan, cut, marinade, inputs } = work;
  const lines = stageLines(plan, style);
  return (
    <BatchWorkProvider value={work}>
      {printing && (
        <PaperPlan plan={plan} inputs={inputs} cut={cut} marinade={marinade} zone={zone} name={draft.fields.name} />
      )}
      <div className="no-print grid grid-cols-[minmax(0,1fr)] wide:min-h-[calc(100dvh-3.5rem)] wide:grid-cols-[216px_minmax(0,1fr)_296px] wide:grid-rows-[auto_1fr]">
        <BatchRail stage={stage} stages={stages} lines={lines} tastings={tasted.length} draft={draft} onGo={goTo} />
        <section aria-label={STAGE_NAMES[stage]} className="min-w-0 space-y-5 px-4 py-5 wide:px-6">
          <div className="flex flex-wrap items-baseline justify-between gap-x-6">
            <h1>{STAGE_NAMES[stage]}</h1>
            {stage !== 'taste' && <BeginStrip plan={plan} zone={zone} begunMs={begunAt(truth)} />}
          </div>
          {broken && <BrokenNote changed={broken.map(nameOfField)} onBack={draft.takeBack} />}
          {stage !== 'taste' && <MeasuredNote measured={truth.measured} />}
          {stage !== 'taste' && <PlanNotes {...work} onTake={takeRemedy} begun={truth.jobs.size > 0} />}
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
        <Meaning stage={stage} next={stages[stages.indexOf(stage) + 1]} plan={plan} onGo={goTo}>
          {stage === 'taste' && <Record lines={lines} events={events} zone={zone} />}
        </Meaning>
        {stage !== 'taste' && plan.schedule.ok && listed && (
          <LiveJobs listed={listed} neighbours={work.around.meal ? page.neighbours : NOBODY} truth={truth} />
        )}
      </div>
    </BatchWorkProvider>
  );
}

const begunAt = ({ jobs }: Facts) =>
  [...jobs.values()].flatMap(({ startedAtMs = [] }) => startedAtMs).sort((a, b) => a - b)[0];

interface NoPlanProps {
  name: string;
  broken?: string[];
  onBack: () => void;
}

/** Nothing could be planned yet: the change that broke it, or a marinade that is still to come. */
const NoPlan = ({ name, broken, onBack }: NoPlanProps) => (
  <div className="space-y-4 p-6">
    <h1>{name}</h1>
    {broken ? (
      <BrokenNote changed={broken.map(nameOfField)} onBack={onBack} />
    ) : (
      <p role="status">
        The marinade or the cut of this batch is not in this page; it is being fetched. Nothing is planned until it is
        here.
      </p>
    )}
  </div>
);

interface MeaningProps {
  stage: Stage;
  next: Stage | undefined;
  plan: BatchWork['plan'];
  onGo: (stage: Stage) => void;
  children: ReactNode;
}

/** The stage in figures, its cautions, and the way on. */
function Meaning({ stage, next, plan, onGo, children }: MeaningProps) {
  const Figures = FIGURES[stage];
  return (
    <aside
      aria-label="What it means"
      className="space-y-2.5 border-grout bg-panel px-4 py-5 wide:col-start-3 wide:row-span-2 wide:row-start-1 wide:border-l"
    >
      {Figures && <Figures />}
      {children}
      <CautionList cautions={plan.cautions.filter((caution) => caution.stage === stage)} />
      {next && (
        <Button
          look="plain"
          className="w-full"
          onClick={() => {
            onGo(next);
            window.scrollTo({ top: 0 });
          }}
        >
          Next: {STAGE_NAMES[next].toLowerCase()}
        </Button>
      )}
    </aside>
  );
}

/** The batch as every stage works with it; no work while its own marinade is not here. */
function useBatchPlan(
  page: BatchScreenProps,
  draft: ReturnType<typeof useBatchDraft>,
  { events, record, measured }: Pick<BatchWork, 'events' | 'record'> & Pick<Facts, 'measured'>,
): { work?: BatchWork; broken?: string[] } {
  const { batch, neighbours, away, marinades, kitchen, zone, currency } = page;
  const { fields, change, pin } = draft;
  const saved = draft.state.kind === 'saved';
  const { cut, cuts, takeCut } = useCuts(page, fields.cutId, change);
  const marinade = marinades.find(({ id }) => id === fields.marinadeId);
  useFetchMissing(marinade === undefined || cut === undefined);
  // In another meal it has other neighbours; they come with the page that is loaded then.
  const meal = useMemo(
    () => (fields.mealId === batch.mealId ? { id: batch.id, neighbours } : undefined),
    [fields.mealId, batch.mealId, batch.id, neighbours],
  );
  const around = useMemo<Surroundings | undefined>(
    () => cut && marinade && { ...kitchen, cut, marinade, away, meal },
    [kitchen, cut, marinade, away, meal],
  );
  const asked = useMemo(() => withFacts(toInputs(fields), measured), [fields, measured]);
  const { plan, inputs, broken } = useSafePlan(asked, around);
  const work = useMemo<BatchWork | undefined>(
    () =>
      plan &&
      around && {
        fields,
        inputs,
        plan,
        cut: around.cut,
        cuts,
        takeCut,
        around,
        marinade: around.marinade,
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
      },
    [
      fields,
      inputs,
      plan,
      cuts,
      takeCut,
      around,
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
  return { work, broken };
}

/** Cuts met so far; a draft of another visit, or the other side of a conflict, may be of one that this page was not given. */
function useCuts(
  { ownCuts, cut: firstCut }: Pick<BatchScreenProps, 'ownCuts' | 'cut'>,
  cutId: string,
  change: ReturnType<typeof useBatchDraft>['change'],
) {
  const [cuts, setCuts] = useState<readonly Cut[]>(() => [...ownCuts, firstCut]);
  useEffect(() => {
    if (cuts.some(({ id }) => id === cutId)) return;
    return fetchCuts((catalogue) => setCuts((before) => [...before, ...catalogue]));
  }, [cuts, cutId]);
  const takeCut = useCallback(
    (taken: Cut) => {
      setCuts((before) => (before.some(({ id }) => id === taken.id) ? before : [...before, taken]));
      // Another cut lies as tall as it usually does.
      change({ cutId: taken.id, heightMm: Math.max(LIMITS.heightMm.min, taken.usualHeightMm) });
    },
    [change],
  );
  return { cut: [firstCut, ...cuts].find(({ id }) => id === cutId), cuts, takeCut };
}

/** The other side of a conflict may have a marinade or cut made since: the page is asked for again, once, and nothing is planned with a wrong one. */
function useFetchMissing(missing: boolean) {
  const router = useRouter();
  useEffect(() => {
    if (missing) router.refresh();
  }, [missing, router]);
}

function useFetchStages() {
  useEffect(() => {
    const timer = setTimeout(
      () => ALL_PARTS.forEach((fetchStage) => void fetchStage().catch(() => undefined)),
      FETCH_STAGES_AFTER_MS,
    );
    return () => clearTimeout(timer);
  }, []);
}
