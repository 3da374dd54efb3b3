CREATE TABLE "home_practice" (
	"home_id" uuid NOT NULL,
	"code" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"practice" jsonb,
	"hidden" boolean NOT NULL,
	CONSTRAINT "home_practice_home_id_code_pk" PRIMARY KEY("home_id","code")
);
--> statement-breakpoint
ALTER TABLE "duty" ADD COLUMN "companions" jsonb;--> statement-breakpoint
ALTER TABLE "duty_window" ADD COLUMN "asks" text;--> statement-breakpoint
ALTER TABLE "duty_window" ADD COLUMN "book_by" date;--> statement-breakpoint
ALTER TABLE "duty_window" ADD COLUMN "order_by" date;--> statement-breakpoint
ALTER TABLE "duty_window" ADD COLUMN "sleep" jsonb;--> statement-breakpoint
ALTER TABLE "home" ADD COLUMN "climate" jsonb;--> statement-breakpoint
ALTER TABLE "home_practice" ADD CONSTRAINT "home_practice_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint

-- A home's own practices, and what it hides of the catalogue: facts of the home that may be changed.
ALTER TABLE home_practice ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE home_practice FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY owner_all ON home_practice TO salt_owner USING (true) WITH CHECK (true);--> statement-breakpoint
CREATE POLICY member_reads ON home_practice FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_writes ON home_practice FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_changes ON home_practice FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE ON home_practice TO salt_app;--> statement-breakpoint

-- The one fact of a home that may be changed as yet: where its climate comes from.
CREATE POLICY member_sets_climate ON home FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT UPDATE (climate) ON home TO salt_app;--> statement-breakpoint

DROP FUNCTION create_home(uuid, text, text, text, text, text, text);--> statement-breakpoint
CREATE FUNCTION create_home(new_home uuid, new_name text, new_zone text, new_hemisphere text, new_units text, new_vocabulary text, new_currency text, new_climate jsonb)
RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  INSERT INTO home (home_id, name, zone, hemisphere, units, vocabulary, currency, climate)
  VALUES (new_home, new_name, new_zone, new_hemisphere, new_units, new_vocabulary, new_currency, new_climate)
  ON CONFLICT (home_id) DO NOTHING;
  IF NOT FOUND THEN RETURN false; END IF;
  INSERT INTO home_person (home_id, person_id, name) SELECT new_home, person_id, account.name FROM account WHERE person_id = me();
  INSERT INTO membership (home_id, person_id, role) VALUES (new_home, me(), 'owner');
  RETURN true;
END $$;--> statement-breakpoint
-- The only thing that deletes. Leaves a line in `erasure`.
CREATE OR REPLACE FUNCTION erase_home(of_home uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE gone integer;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM membership WHERE home_id = of_home AND person_id = me() AND role = 'owner') THEN RETURN false; END IF;
  PERFORM set_config('salt.erasing', of_home::text, true);
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
REVOKE EXECUTE ON FUNCTION create_home(uuid, text, text, text, text, text, text, jsonb) FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION create_home(uuid, text, text, text, text, text, text, jsonb) TO salt_app;--> statement-breakpoint

-- The engine knows more now than when these rows were written: all are projected again when read.
UPDATE duty_window SET changes_on = projected_on;
