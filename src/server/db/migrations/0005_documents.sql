CREATE TABLE "document" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"asset_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"title" text NOT NULL,
	"cover_ends" date,
	"file_name" text NOT NULL,
	"type" text NOT NULL,
	"sha256" text NOT NULL,
	"size" integer NOT NULL,
	"file" "bytea" NOT NULL,
	"by_person" uuid NOT NULL,
	"added_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "document_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
ALTER TABLE "document" ADD CONSTRAINT "document_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "document" ADD CONSTRAINT "document_home_id_asset_id_asset_home_id_id_fk" FOREIGN KEY ("home_id","asset_id") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint

-- Papers: members may add and take away; nothing of one is changed.
ALTER TABLE document ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE document FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY owner_all ON document TO salt_owner USING (true) WITH CHECK (true);--> statement-breakpoint
CREATE POLICY member_reads ON document FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_writes ON document FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
CREATE POLICY member_deletes ON document FOR DELETE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('write'))::uuid[]));--> statement-breakpoint
GRANT SELECT, INSERT, DELETE ON document TO salt_app;--> statement-breakpoint

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
  DELETE FROM document WHERE home_id = of_home;
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
