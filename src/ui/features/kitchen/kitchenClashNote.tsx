import { HEAT_METHODS } from '@/core/ways';
import { FREEZER_NAMES, HEAT_PLACE_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { kitchenFieldsOf, type KitchenFields } from './kitchenFields';
import type { KitchenClash } from './useKitchenForm';

const NAMES: Record<keyof KitchenFields, string> = {
  name: 'Name',
  zone: 'Kitchen clock',
  measures: 'Spoons and cups',
  currency: 'Currency',
  slicerStacks: 'Stacks of the slicing machine',
  tempC: 'How cold the freezer is',
  lies: 'A piece usually lies',
  cooks: 'Cooks at work',
  heats: 'At once on the heat',
};

function said(key: keyof KitchenFields, fields: KitchenFields): string {
  if (key === 'slicerStacks' || key === 'measures') return `${fields[key].length}`;
  if (key === 'tempC') return `${fields.tempC} °C`;
  if (key === 'heats')
    return HEAT_METHODS.map((heat) => `${fields.heats[heat] ?? 1} ${HEAT_PLACE_NAMES[heat]}`).join(', ');
  return key === 'lies' ? FREEZER_NAMES[fields.lies] : String(fields[key]);
}

interface Props {
  clash: KitchenClash;
  mine: KitchenFields;
  onSettle: (side: 'mine' | 'theirs') => void;
}

/** What was changed here and elsewhere to different things, to choose from; all else is joined. */
export function KitchenClashNote({ clash: { keys, theirs }, mine, onSettle }: Props) {
  const there = kitchenFieldsOf(theirs);
  return (
    <section role="alert" className="rounded border-2 border-ox px-4 py-3">
      <h2 className="text-[17px] font-bold">This was changed elsewhere too</h2>
      <dl className="mt-2 space-y-1">
        {keys.map((key) => (
          <div key={key} className="flex flex-wrap gap-x-2">
            <dt className="font-medium">{NAMES[key]}:</dt>
            <dd className="wrap-anywhere">
              {said(key, mine)} here, {said(key, there)} there
            </dd>
          </div>
        ))}
      </dl>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={() => onSettle('mine')}>Keep mine</Button>
        <Button look="plain" onClick={() => onSettle('theirs')}>
          Take theirs
        </Button>
      </div>
    </section>
  );
}
