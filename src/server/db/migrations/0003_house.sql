CREATE TABLE "photo" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"asset_id" uuid,
	"caption" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"sent_sha256" text NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"by_person" uuid NOT NULL,
	"added_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "photo_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
CREATE TABLE "walk" (
	"home_id" uuid PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"state" jsonb NOT NULL,
	"finished" boolean DEFAULT false NOT NULL,
	"saved_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "space" ADD COLUMN "use" text;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_home_id_asset_id_asset_home_id_id_fk" FOREIGN KEY ("home_id","asset_id") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walk" ADD CONSTRAINT "walk_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photo_asset" ON "photo" USING btree ("home_id","asset_id");--> statement-breakpoint

-- The walk and the photos: facts of the home that members may change; photos may be taken away again.
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['walk', 'photo'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY owner_all ON %I TO salt_owner USING (true) WITH CHECK (true)', t);
    EXECUTE format('CREATE POLICY member_reads ON %I FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids(''read''))::uuid[]))', t);
    EXECUTE format('CREATE POLICY member_writes ON %I FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids(''write''))::uuid[]))', t);
    EXECUTE format('GRANT SELECT, INSERT ON %I TO salt_app', t);
  END LOOP;
END $$;--> statement-breakpoint
CREATE POLICY member_changes ON walk FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT UPDATE (revision, state, finished, saved_at) ON walk TO salt_app;--> statement-breakpoint
CREATE POLICY member_deletes ON photo FOR DELETE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT DELETE ON photo TO salt_app;--> statement-breakpoint
CREATE POLICY member_changes ON photo FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT UPDATE (asset_id) ON photo TO salt_app;--> statement-breakpoint

-- Rooms may be named anew and said to be for something; nothing of the ledger hangs on that.
CREATE POLICY member_changes ON space FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT UPDATE (name, use, storey, side) ON space TO salt_app;--> statement-breakpoint
-- Where a thing stands and what it is called may be put right; what is known of it is told by entries.
CREATE POLICY member_changes ON asset FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT UPDATE (name, space_id, installed) ON asset TO salt_app;--> statement-breakpoint

ALTER TABLE entry DROP CONSTRAINT entry_kind;--> statement-breakpoint
ALTER TABLE entry ADD CONSTRAINT entry_kind CHECK (kind IN (
  'adopted', 'retired', 'terms', 'fact', 'trait', 'done', 'skipped', 'putOff', 'paused', 'resumed', 'dismissed', 'reading', 'finding',
  'findingClosed', 'opened', 'shut', 'event', 'replaced', 'removed', 'stockMoved', 'bought', 'note', 'amends', 'voids'));--> statement-breakpoint

-- Erasing a home is the only thing that deletes of the record. Leaves a line in `erasure`.
CREATE OR REPLACE FUNCTION erase_home(of_home uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE gone integer;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM membership WHERE home_id = of_home AND person_id = me() AND role = 'owner') THEN RETURN false; END IF;
  PERFORM set_config('salt.erasing', of_home::text, true);
  DELETE FROM photo WHERE home_id = of_home;
  DELETE FROM walk WHERE home_id = of_home;
  DELETE FROM duty_window WHERE home_id = of_home;
  DELETE FROM entry WHERE home_id = of_home;
  GET DIAGNOSTICS gone = ROW_COUNT;
  DELETE FROM duty WHERE home_id = of_home;
  DELETE FROM asset_serves WHERE home_id = of_home;
  DELETE FROM asset WHERE home_id = of_home;
  DELETE FROM space WHERE home_id = of_home;
  DELETE FROM home_practice WHERE home_id = of_home;
  DELETE FROM membership WHERE home_id = of_home;
  DELETE FROM home_person WHERE home_id = of_home;
  DELETE FROM home WHERE home_id = of_home;
  INSERT INTO erasure (home_id, by_person, entries) VALUES (of_home, me(), gone);
  PERFORM set_config('salt.erasing', '', true);
  RETURN true;
END $$;--> statement-breakpoint

-- Things told of since may change what work takes: all rows are projected again when read.
UPDATE duty_window SET changes_on = projected_on;
