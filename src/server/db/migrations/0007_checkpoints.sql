CREATE TABLE "home_checkpoint" (
	"home_id" uuid PRIMARY KEY NOT NULL,
	"version" integer NOT NULL,
	"up_to" date NOT NULL,
	"house" text NOT NULL,
	"content" text NOT NULL,
	"seal" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "home_checkpoint" ADD CONSTRAINT "home_checkpoint_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "entry_date" ON "entry" USING btree ("home_id","date");--> statement-breakpoint

-- What every table of a home's rows needs: only members see them, and only those with the right named may write them ('read': whoever
-- sees the home; 'write': owners and editors; NULL: nobody).
CREATE PROCEDURE guard_home_table(name text, inserts text, updates text, deletes text)
LANGUAGE plpgsql SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE
  ours constant text := 'home_id = ANY ((SELECT public.my_home_ids(%L))::uuid[])';
BEGIN
  EXECUTE format('ALTER TABLE public.%I ENABLE ROW LEVEL SECURITY', name);
  EXECUTE format('ALTER TABLE public.%I FORCE ROW LEVEL SECURITY', name);
  EXECUTE format('CREATE POLICY owner_all ON public.%I TO salt_owner USING (true) WITH CHECK (true)', name);
  EXECUTE format('CREATE POLICY member_reads ON public.%I FOR SELECT TO salt_app USING (' || ours || ')', name, 'read');
  EXECUTE format('GRANT SELECT ON public.%I TO salt_app', name);
  IF inserts IS NOT NULL THEN
    EXECUTE format('CREATE POLICY member_inserts ON public.%I FOR INSERT TO salt_app WITH CHECK (' || ours || ')', name, inserts);
    EXECUTE format('GRANT INSERT ON public.%I TO salt_app', name);
  END IF;
  IF updates IS NOT NULL THEN
    EXECUTE format('CREATE POLICY member_updates ON public.%I FOR UPDATE TO salt_app USING (' || ours || ')', name, updates);
    EXECUTE format('GRANT UPDATE ON public.%I TO salt_app', name);
  END IF;
  IF deletes IS NOT NULL THEN
    EXECUTE format('CREATE POLICY member_deletes ON public.%I FOR DELETE TO salt_app USING (' || ours || ')', name, deletes);
    EXECUTE format('GRANT DELETE ON public.%I TO salt_app', name);
  END IF;
END $$;--> statement-breakpoint
CALL guard_home_table('home_checkpoint', 'read', 'read', 'read');--> statement-breakpoint

-- Every table that holds rows of a home, what points to others before what they point to. A new table is added here; a test compares.
CREATE FUNCTION home_tables() RETURNS text[]
LANGUAGE sql IMMUTABLE SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT ARRAY['photo', 'walk', 'run', 'document', 'home_checkpoint', 'duty_window', 'entry', 'duty', 'asset_serves', 'asset', 'space',
    'home_practice', 'membership', 'home_person', 'home']
$$;--> statement-breakpoint
-- Erasing a home is the only thing that deletes of the record. Leaves a line in `erasure`.
CREATE OR REPLACE FUNCTION erase_home(of_home uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE t text; deleted integer; gone integer := 0;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM public.membership WHERE home_id = of_home AND person_id = public.me() AND role = 'owner') THEN RETURN false; END IF;
  PERFORM set_config('salt.erasing', of_home::text, true);
  FOREACH t IN ARRAY public.home_tables() LOOP
    EXECUTE format('DELETE FROM public.%I WHERE home_id = $1', t) USING of_home;
    GET DIAGNOSTICS deleted = ROW_COUNT;
    IF t = 'entry' THEN gone := deleted; END IF;
  END LOOP;
  INSERT INTO public.erasure (home_id, by_person, entries) VALUES (of_home, public.me(), gone);
  PERFORM set_config('salt.erasing', '', true);
  RETURN true;
END $$;
