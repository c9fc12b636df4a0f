import { buttonLook } from '@/ui/primitives/buttonLook';
import { Link } from '@/ui/primitives/link';

export default function NotFound() {
  return (
    <section className="mx-auto max-w-xl px-5 py-20">
      <h1>There is nothing here</h1>
      <p className="mt-3">It may have been put away, or the address is not whole.</p>
      <div className="mt-6 flex gap-3">
        <Link href="/" className={buttonLook()}>
          To Today
        </Link>
        <Link href="/batches" className={buttonLook('plain')}>
          To the batches
        </Link>
      </div>
    </section>
  );
}
