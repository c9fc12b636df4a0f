import { Link } from './link';
import { buttonLook } from './buttonLook';

interface Props {
  total: number;
  offset: number;
  limit: number;
  /** Where the list lives; the offset is added as ?from=. */
  href: string;
  /** What is sought in it. */
  find?: string;
  words: { before: string; after: string };
}

/** Back and on through a list that is longer than its page. */
export function Pager({ total, offset, limit, href, find, words }: Props) {
  if (total <= limit) return null;
  const at = (from: number) => `${href}?${new URLSearchParams({ ...(find ? { find } : {}), from: String(from) })}`;
  return (
    <nav aria-label="Pages" className="mt-5 flex items-center gap-4">
      {offset > 0 && (
        <Link className={buttonLook('plain')} href={at(Math.max(0, offset - limit))}>
          {words.before}
        </Link>
      )}
      <span className="text-muted">
        {offset + 1} to {Math.min(total, offset + limit)} of {total}
      </span>
      {offset + limit < total && (
        <Link className={buttonLook('plain')} href={at(offset + limit)}>
          {words.after}
        </Link>
      )}
    </nav>
  );
}
