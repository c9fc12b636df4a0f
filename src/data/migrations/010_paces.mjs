/** Why: how quick a cook's hands are is learned from what was done; what was done before is forgotten at a press. */

export async function up(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.timestamp('paces_since', { useTz: true });
  });
}

export async function down(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.dropColumn('paces_since');
  });
}
