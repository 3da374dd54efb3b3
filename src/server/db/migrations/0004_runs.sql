CREATE TABLE "run" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"state" jsonb NOT NULL,
	"finished" boolean DEFAULT false NOT NULL,
	"begun_at" timestamp (3) with time zone NOT NULL,
	"saved_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "run_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "run_saved" ON "run" USING btree ("home_id","finished","saved_at");--> statement-breakpoint

-- Runs: members may begin and go on with them; what they leave is in the ledger.
ALTER TABLE run ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE run FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY owner_all ON run TO salt_owner USING (true) WITH CHECK (true);--> statement-breakpoint
CREATE POLICY member_reads ON run FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_writes ON run FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_changes ON run FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_deletes ON run FOR DELETE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]) AND NOT finished);--> statement-breakpoint
GRANT SELECT, INSERT, DELETE ON run TO salt_app;--> statement-breakpoint
GRANT UPDATE (revision, state, finished, saved_at) ON run TO salt_app;--> statement-breakpoint

-- Erasing a home is the only thing that deletes of the record. Leaves a line in `erasure`.
CREATE OR REPLACE FUNCTION erase_home(of_home uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE gone integer;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM membership WHERE home_id = of_home AND person_id = me() AND role = 'owner') THEN RETURN false; END IF;
  PERFORM set_config('salt.erasing', of_home::text, true);
  DELETE FROM photo WHERE home_id = of_home;
  DELETE FROM walk WHERE home_id = of_home;
  DELETE FROM run WHERE home_id = of_home;
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
END $$;
