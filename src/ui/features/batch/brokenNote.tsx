'use client';

import { Button } from '../../primitives/button';

/** Says which change could not be planned and takes it back at a press; what is shown meanwhile is the last plan that could. */
export function BrokenNote({ changed, onBack }: { changed: readonly string[]; onBack: () => void }) {
  return (
    <div role="alert" className="flex flex-wrap items-center gap-4 rounded border-2 border-ox bg-ox-tint px-4 py-3">
      <p className="min-w-0 grow">
        <strong>This cannot be planned.</strong> {changed.length ? `Changed: ${changed.join(', ')}. ` : ''}
        The last plan that could be made stays on the screen.
      </p>
      <Button look="plain" onClick={onBack}>
        Take it back
      </Button>
    </div>
  );
}
