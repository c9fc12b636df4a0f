import Link from 'next/link';
import { buttonLook } from './buttonLook';

interface Props {
  total: number;
  offset: number;
  limit: number;
  /** Where the list lives; the offset is added as ?from=. */
  href: string;
  words: { before: string; after: string };
}

/** Back and on through a list that is longer than its page. */
export function Pager({ total, offset, limit, href, words }: Props) {
  if (total <= limit) return null;
  return (
    <nav aria-label="Pages" className="mt-5 flex items-center gap-4">
      {offset > 0 && (
        <Link className={buttonLook('plain')} href={`${href}?from=${Math.max(0, offset - limit)}`}>
          {words.before}
        </Link>
      )}
      <span className="text-muted">
        {offset + 1} to {Math.min(total, offset + limit)} of {total}
      </span>
      {offset + limit < total && (
        <Link className={buttonLook('plain')} href={`${href}?from=${offset + limit}`}>
          {words.after}
        </Link>
      )}
    </nav>
  );
}
