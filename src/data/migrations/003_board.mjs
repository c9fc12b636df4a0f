/** Why: more ways to cook, cuts of the cook's own, the freezer and the slicing machine as the kitchen has learned them, and its currency. */
const WAYS_NOW = "way in ('stir-fry', 'flat-skewers', 'cube-skewers', 'table-grill', 'thin-steak')";

export async function up(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.jsonb('freezer');
    t.jsonb('slicer_stacks');
    t.text('currency').notNullable().defaultTo('EUR');
    t.check("currency ~ '^[A-Z]{3}$'", [], 'household_currency_code');
  });
  await knex.raw('alter table batch drop constraint batch_way_known');
  await knex.raw(`alter table batch add constraint batch_way_known check (${WAYS_NOW})`);
  await knex.schema.createTable('cut', (t) => {
    t.uuid('id').primary().defaultTo(knex.raw('gen_random_uuid()'));
    t.uuid('household_id').notNullable().references('household.id').onDelete('CASCADE');
    t.text('name').notNullable();
    t.text('animal').notNullable();
    t.smallint('cut_version').notNullable();
    t.jsonb('cut').notNullable();
    t.integer('version').notNullable().defaultTo(1);
    t.timestamp('created_at').notNullable().defaultTo(knex.fn.now());
    t.timestamp('updated_at').notNullable().defaultTo(knex.fn.now());
    t.timestamp('deleted_at');
    t.check('length(name) between 1 and 120');
    t.index(['household_id', 'name']);
  });
}

export async function down(knex) {
  await knex.schema.dropTable('cut');
  await knex.raw('alter table batch drop constraint batch_way_known');
  // Ways that were not there before go to the nearest that was: no batch is lost on the way back.
  await knex.raw("update batch set way = 'flat-skewers' where way = 'cube-skewers'");
  await knex.raw("update batch set way = 'stir-fry' where way in ('table-grill', 'thin-steak')");
  await knex.raw("alter table batch add constraint batch_way_known check (way in ('stir-fry', 'flat-skewers'))");
  await knex.schema.alterTable('household', (t) => {
    t.dropColumn('currency');
    t.dropColumn('slicer_stacks');
    t.dropColumn('freezer');
  });
}
