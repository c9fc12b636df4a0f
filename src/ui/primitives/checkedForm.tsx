import type { ReactNode } from 'react';

const NOT_READ = 'One field could not be read: it says what is wrong beside it.';

interface Props {
  className: string;
  problem: string | undefined;
  onProblem: (problem: string | undefined) => void;
  onKeep: () => void;
  children: ReactNode;
}

/** A form with a field that could not be read is not sent with other numbers: the first such field gets the focus, and what was said of it goes with the next key. */
export const CheckedForm = ({ className, problem, onProblem, onKeep, children }: Props) => (
  <form
    className={className}
    onInput={() => problem === NOT_READ && onProblem(undefined)}
    onSubmit={(event) => {
      event.preventDefault();
      const bad = event.currentTarget.querySelector<HTMLElement>('[aria-invalid="true"]');
      bad?.focus();
      if (bad) onProblem(NOT_READ);
      else onKeep();
    }}
  >
    {children}
  </form>
);
