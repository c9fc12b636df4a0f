/** A form with a field that could not be read is not sent with other numbers: the first such field gets the focus. @returns whether there is one */
export function focusFirstInvalid(form: HTMLElement): boolean {
  const bad = form.querySelector<HTMLElement>('[aria-invalid="true"]');
  bad?.focus();
  return bad !== null;
}

export const NOT_READ = 'One field could not be read: it says what is wrong beside it.';
