'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import type { Batch } from '@/contract/resources';
import { BatchPlan, comesSliced, LIMITS } from '@/core/batches';
import { WAYS } from '@/core/ways';
import type { Marinade } from '@/core/marinades';
import { formatDay } from '@/core/times';
import {
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  joinFigure,
  lengthFigure,
  massFigure,
} from '@/core/units';
import { fibreWords, heatWords, SHAPE_UNITS, SODA_NAMES, SODA_REASONS, WAY_NAMES, WORK_NAMES } from '@/core/words';
import { ArrivalChoice } from '../batch/arrivalChoice';
import { Alive } from '../../primitives/alive';
import { Choice } from '../../primitives/choice';
import { CutPicker } from '../../primitives/cutPicker';
import { CheckedForm } from '../../primitives/checkedForm';
import { orAgain } from '../../primitives/orAgain';
import { InstantField } from '../../primitives/instantField';
import { CountField, LengthField, MassField, SidesField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { BeginStrip } from '../batch/beginStrip';
import { PlanNotes } from '../batch/planNotes';
import { useSend } from '../../shell/useSend';
import { useNewBatch, isFor, NewBatchProps } from './useNewBatch';

const HandsList = dynamic(
  orAgain(() => import('./handsList').then((list) => list.HandsList)),
  { ssr: false, loading: () => <p className="mt-2 min-h-60 text-kitchen-muted">Counting back.</p> },
);

const SELECT_LOOK =
  'condensed h-11 w-64 max-w-full rounded border border-grout bg-panel px-3 text-[17px] font-semibold';

/** A full plan from eight answers, each already filled in; what it means stands beside them and follows every key. */
export function NewBatchScreen(page: NewBatchProps) {
  const router = useRouter();
  const asked = useNewBatch(page);
  const { answers, drop, takeRemedy, cut, marinade, inputs, around, plan, broken, joins } = asked;
  const { problem, setProblem, busy, make } = useSend();

  const create = async () => {
    const batch = await make<Batch>('/batches', { ...answers, mealId: joins?.id });
    if (!batch) return;
    drop();
    router.push(`/batches/${batch.id}`);
  };

  if (!plan || !marinade || !around)
    return <p className="p-6">There is no marinade in the book yet. Add one under Marinades first.</p>;
  return (
    <CheckedForm
      className="grid wide:min-h-[calc(100dvh-3.5rem)] wide:grid-cols-[minmax(0,1fr)_400px]"
      problem={problem}
      onProblem={setProblem}
      onKeep={() => void create()}
    >
      <div className="px-4 py-6 wide:px-8">
        <h1>What is on the board?</h1>
        <Alive className="mt-4">
          <MeatQuestions asked={asked} plan={plan} />
          <TableQuestions asked={asked} plan={plan} marinade={marinade} page={page} />
        </Alive>
      </div>

      <aside
        className="dark-ground flex flex-col bg-enamel px-6 py-6 text-kitchen-text wide:px-7"
        aria-label="So far this means"
      >
        <BeginStrip plan={plan} zone={page.zone} dark />
        {broken && (
          <p role="alert" className="mt-3 rounded bg-ox px-3 py-2">
            This cannot be planned; what is shown is the last plan that could.
          </p>
        )}
        <div className="mt-3">
          <PlanNotes plan={plan} inputs={inputs} around={around} onTake={takeRemedy} dark />
        </div>
        <SoFar plan={plan} />
        <h2 className="mt-7 text-kitchen-muted">Your hands are needed</h2>
        {plan.schedule.ok && <HandsList plan={plan} inputs={inputs} cut={cut} marinade={marinade} zone={page.zone} />}
        <div className="grow" />
        {problem && (
          <p role="alert" className="mt-4 rounded bg-ox px-3 py-2">
            {problem} Your answers are still here.
          </p>
        )}
        <div className="mt-6 flex flex-wrap items-center gap-4">
          <button
            type="submit"
            disabled={busy}
            className="min-h-12 rounded bg-kitchen-text px-5 font-semibold text-enamel hover:bg-white disabled:opacity-60"
          >
            Put it on the board
          </button>
          <span className="text-kitchen-muted">everything can change later</span>
        </div>
      </aside>
    </CheckedForm>
  );
}

interface QuestionsProps {
  asked: ReturnType<typeof useNewBatch>;
  plan: BatchPlan;
}

/** The way, the piece, its weight and size, the slices. */
function MeatQuestions({ asked, plan }: QuestionsProps) {
  const { style } = usePreferences();
  const { answers, change, takeUsual, cuts, cut, sliced } = asked;
  const { band } = plan.slice;
  return (
    <>
      <Row name="It becomes">
        <Choice
          label="It becomes"
          value={answers.way}
          options={WAYS.map((value) => ({ value, name: WAY_NAMES[value] }))}
          onChange={(way) => takeUsual({ way })}
        />
      </Row>
      <Row
        name="The piece"
        hint={`${WORK_NAMES[cut.work]}${cut.otherNames.length ? `; also ${cut.otherNames.slice(0, 2).join(', ')}` : ''}`}
      >
        <CutPicker
          label="The piece"
          cuts={cuts}
          value={cut}
          onChange={(taken) => takeUsual({ cutId: taken.id, heightMm: taken.usualHeightMm, pins: {} }, taken)}
        />
      </Row>
      <Row name="Weight">
        <MassField
          hideLabel
          label="Weight"
          value={answers.massG}
          {...LIMITS.massG}
          onChange={(massG) => change({ massG })}
          hint={`${answers.pins.readyToCut ? 'all of it' : `about ${formatMass(plan.piece.meatG, style)}`} is meat for the pan`}
        />
      </Row>
      <Row name="It comes">
        <ArrivalChoice
          cut={cut}
          pins={answers.pins}
          onPins={(arrival) => change({ pins: { ...answers.pins, ...arrival } })}
        />
      </Row>
      {!comesSliced(cut) && <HowTall asked={asked} plan={plan} />}
      <Row name="Slices">
        <LengthField
          hideLabel
          label="Slices"
          value={answers.thicknessMm}
          {...LIMITS.thicknessMm}
          step={0.5}
          onChange={(thicknessMm) => change({ thicknessMm, ...(comesSliced(cut) ? { heightMm: thicknessMm } : {}) })}
          hint={
            sliced
              ? 'as the shop cut it'
              : `${formatLength(band.from, style)} to ${formatLength(band.to, style)} is usual for ${SHAPE_UNITS[plan.slice.shape][1]}`
          }
        />
      </Row>
    </>
  );
}

/** Height alone, or all three sides as measured. */
function HowTall({ asked, plan }: QuestionsProps) {
  const { style } = usePreferences();
  const { answers, takeUsual } = asked;
  return (
    <Row name="How tall it lies">
      <SidesField
        hideLabel
        label="How tall it lies"
        {...LIMITS.heightMm}
        side={LIMITS.sideMm}
        value={{ lengthMm: answers.pins.lengthMm, widthMm: answers.pins.widthMm, heightMm: answers.heightMm }}
        onChange={({ heightMm, ...sides }) =>
          takeUsual({ heightMm, pins: { ...answers.pins, lengthMm: undefined, widthMm: undefined, ...sides } })
        }
        hint={
          answers.pins.lengthMm === undefined
            ? `or all three, ${style.system === 'us' ? '8 x 5 x 1 3/4' : '200 x 120 x 45'}; now ${formatLength(plan.piece.lengthMm, style)} × ${formatLength(plan.piece.widthMm, style)} by weight`
            : 'length × width × height, as measured'
        }
      />
    </Row>
  );
}

interface TableQuestionsProps extends QuestionsProps {
  marinade: Marinade;
  page: Pick<NewBatchProps, 'marinades' | 'zone'>;
}

/** The marinade, for how many, and when. */
function TableQuestions({ asked, plan, marinade, page: { marinades, zone } }: TableQuestionsProps) {
  const { style } = usePreferences();
  const { answers, change, inputs, joins } = asked;
  const { tableAtMs } = inputs;
  return (
    <>
      <Row name="Marinade" hint={`${formatDuration(marinade.minutes.from)} to ${formatDuration(marinade.minutes.to)}`}>
        <select
          aria-label="Marinade"
          className={SELECT_LOOK}
          value={answers.marinadeId}
          onChange={(event) => change({ marinadeId: event.target.value })}
        >
          <optgroup label={`Made for ${WAY_NAMES[answers.way].toLowerCase()}`}>
            {marinades.filter(isFor(answers.way)).map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </optgroup>
          <optgroup label="Others">
            {marinades
              .filter((one) => !isFor(answers.way)(one))
              .map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
          </optgroup>
        </select>
      </Row>
      <Row name="People">
        <CountField
          hideLabel
          label="People"
          unit="people"
          value={answers.people}
          {...LIMITS.people}
          onChange={(people) => change({ people })}
          hint={`${formatMass(plan.piece.perPersonG, style)} each, raw`}
        />
      </Row>
      <Row
        name="On the table"
        hint={joins ? `joins ${joins.name}` : `${formatDay(tableAtMs, zone, style.locale)}, kitchen clock`}
      >
        <InstantField
          label="On the table"
          hideLabel
          instantMs={tableAtMs}
          zone={zone}
          onChange={(instantMs) => change({ tableAt: new Date(instantMs).toISOString() })}
        />
      </Row>
    </>
  );
}

/** The plan in six figures. */
function SoFar({ plan }: { plan: BatchPlan }) {
  const { style } = usePreferences();
  return (
    <>
      <h2 className="mt-4 text-kitchen-muted">So far this means</h2>
      <dl className="mt-3 grid grid-cols-2 gap-x-4 gap-y-5">
        <Result
          figure={formatNumber(plan.slice.pieceCount, style.locale)}
          label={`${SHAPE_UNITS[plan.slice.shape][plan.slice.pieceCount === 1 ? 0 : 1]}, ${joinFigure(massFigure(plan.piece.meatG / Math.max(1, plan.slice.pieceCount), style))} each`}
        />
        <Result
          figure={joinFigure(lengthFigure(plan.slice.fibreLengthMm, style))}
          label={`in a bite: ${fibreWords(plan.slice.fibreLengthMm, style).split(',')[0]}`}
        />
        {plan.tenderize.choice === 'skip' ? (
          <Result figure="none" label={`soda. ${SODA_REASONS[plan.tenderize.judgement.sodaReason]}`} />
        ) : (
          <Result
            figure={joinFigure(massFigure(plan.tenderize.schools[plan.tenderize.choice].sodaG, style))}
            label={`soda. ${SODA_NAMES[plan.tenderize.choice]}: ${plan.tenderize.schools[plan.tenderize.choice].spoken.spoken}`}
          />
        )}
        <Result
          figure={`${formatNumber(plan.marinate.uptake.equilibriumSaltPercent, style.locale, 1)} %`}
          label="salt in the meat, in the end"
        />
        <Result
          figure={plan.marinate.minutes === 0 ? 'none' : formatDuration(plan.marinate.minutes)}
          label={`in ${joinFigure(massFigure(plan.marinate.onMeat.massG, style))} of marinade`}
        />
        <Result
          figure={formatNumber(plan.cook.sticks || plan.cook.rounds, style.locale)}
          label={`${heatWords(plan, style).rounds.replace(/^[\d.,]+ /, '')}, ${heatWords(plan, style).minutes}`}
        />
      </dl>
    </>
  );
}

function Row({ name, hint, children }: { name: string; hint?: string; children: React.ReactNode }) {
  return (
    <div className="grid items-center gap-x-4 gap-y-1.5 border-t border-grout py-3 sm:grid-cols-[9.5rem_1fr]">
      <span className="font-semibold">{name}</span>
      <div className="flex min-w-0 flex-wrap items-center gap-x-3 gap-y-1">
        {children}
        {hint && <span className="text-[13px] text-muted">{hint}</span>}
      </div>
    </div>
  );
}

function Result({ figure, label }: { figure: string; label: string }) {
  return (
    <div>
      <dt className="sr-only">{label}</dt>
      <dd>
        <span className="figure block text-[40px]">{figure}</span>
        <span aria-hidden="true" className="mt-1 block text-[14px] leading-snug text-kitchen-muted">
          {label}
        </span>
      </dd>
    </div>
  );
}
