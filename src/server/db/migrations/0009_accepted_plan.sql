CREATE TABLE "accepted_plan" (
	"home_id" uuid PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"seed" integer NOT NULL,
	"moves" integer NOT NULL,
	"seq" integer NOT NULL,
	"weeks" jsonb NOT NULL,
	"saved_by" uuid NOT NULL,
	"saved_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "accepted_plan" ADD CONSTRAINT "accepted_plan_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint

CALL guard_home_table('accepted_plan', 'write', 'write', NULL);--> statement-breakpoint

ALTER TABLE entry DROP CONSTRAINT entry_kind;--> statement-breakpoint
ALTER TABLE entry ADD CONSTRAINT entry_kind CHECK (kind IN (
  'adopted', 'retired', 'terms', 'fact', 'trait', 'done', 'skipped', 'putOff', 'paused', 'resumed', 'dismissed', 'reading', 'finding',
  'findingClosed', 'opened', 'shut', 'event', 'replaced', 'removed', 'stockMoved', 'bought', 'note', 'household', 'placed', 'unplaced',
  'amends', 'voids'));--> statement-breakpoint

-- Every table that holds rows of a home, what points to others before what they point to. A new table is added here; a test compares.
CREATE OR REPLACE FUNCTION home_tables() RETURNS text[]
LANGUAGE sql IMMUTABLE SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT ARRAY['photo', 'walk', 'run', 'document', 'accepted_plan', 'home_checkpoint', 'duty_window', 'entry', 'duty', 'asset_serves',
    'asset', 'space', 'home_practice', 'membership', 'home_person', 'home']
$$;
