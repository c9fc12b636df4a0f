import type { Versioned } from '@/data/tables';

/** The fields that every stored resource shares. */
export const stampsOf = (row: Versioned) => ({
  id: row.id,
  version: row.version,
  createdAt: row.created_at.toISOString(),
  updatedAt: row.updated_at.toISOString(),
});
