import { readKept, writeKept } from './deviceStorage';

const KEY = 'mince.tab';
let own: string | undefined;

/**
 * The name of this tab, the same after a reload. A doubled tab begins with a copy of all that its twin keeps, so a name found there counts
 * only if the page that had it was left.
 */
export function tabName(): string {
  if (own) return own;
  const [known, left] = (readKept(KEY, 'tab') ?? '').split(' ');
  own = known && left ? known : Math.random().toString(36).slice(2, 12);
  const name = own;
  writeKept(KEY, name, 'tab');
  window.addEventListener('pagehide', () => writeKept(KEY, `${name} left`, 'tab'));
  window.addEventListener('pageshow', () => writeKept(KEY, name, 'tab'));
  return name;
}
