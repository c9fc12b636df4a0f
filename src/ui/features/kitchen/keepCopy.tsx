import { buttonLook } from '../../primitives/buttonLook';

/** One file with everything that is kept, for another disk than this one. */
export function KeepCopy() {
  return (
    <section className="panel mt-4 space-y-2 px-5 py-4">
      <h2 className="text-[17px] font-bold">A copy of everything</h2>
      <p className="text-[14px]">
        One file of plain text: every batch, marinade, tasting and setting, with checksums. Keep it on another disk than
        this one. Mince also takes a copy of its own every day and before every change to its tables.
      </p>
      <p>
        <a className={buttonLook('plain')} href="/api/v1/backup" download>
          Save a copy
        </a>
      </p>
      <p className="text-[13px] text-muted">
        <code>npm run restore -- FILE</code> brings it back into an empty kitchen.
      </p>
    </section>
  );
}
