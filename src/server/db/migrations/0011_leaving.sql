CREATE TABLE "invitation" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"email" text NOT NULL,
	"role" text NOT NULL,
	"token_hash" text NOT NULL,
	"by_person" uuid NOT NULL,
	"made_at" timestamp (3) with time zone NOT NULL,
	"expires_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "invitation_home_id_id_pk" PRIMARY KEY("home_id","id"),
	CONSTRAINT "invitation_token_hash_unique" UNIQUE("token_hash"),
	CONSTRAINT "invitation_email" UNIQUE("home_id","email")
);
--> statement-breakpoint
CREATE TABLE "home_act" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"by_person" uuid NOT NULL,
	"act" text NOT NULL,
	"about" jsonb NOT NULL,
	CONSTRAINT "home_act_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
CREATE TABLE "sign_in" (
	"id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"agent" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "document" ADD COLUMN "file_sha256" text;--> statement-breakpoint
UPDATE "document" SET "file_sha256" = encode(sha256(file), 'hex');--> statement-breakpoint
ALTER TABLE "document" ALTER COLUMN "file_sha256" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "home" ADD COLUMN "origin" jsonb;--> statement-breakpoint
ALTER TABLE "photo" ADD COLUMN "sha256" text;--> statement-breakpoint
UPDATE "photo" SET "sha256" = encode(sha256(jpeg), 'hex');--> statement-breakpoint
ALTER TABLE "photo" ALTER COLUMN "sha256" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "home_act" ADD CONSTRAINT "home_act_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "home_act_at" ON "home_act" USING btree ("home_id","at");--> statement-breakpoint
CREATE INDEX "sign_in_person" ON "sign_in" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "session_person" ON "session" USING btree (("sess" ->> 'personId'));--> statement-breakpoint

-- The homes a person may read, write or own. Every row-level policy asks this in every statement.
CREATE OR REPLACE FUNCTION my_home_ids(wanted text) RETURNS uuid[]
LANGUAGE plpgsql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  RETURN (
    SELECT coalesce(array_agg(home_id), '{}')
    FROM public.membership
    WHERE person_id = nullif(current_setting('salt.person', true), '')::uuid
      AND (wanted = 'read' OR role = 'owner' OR (wanted = 'write' AND role = 'editor'))
  );
END $$;--> statement-breakpoint

DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['invitation', 'home_act', 'sign_in'] LOOP
    EXECUTE format('ALTER TABLE public.%I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE public.%I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY owner_all ON public.%I TO salt_owner USING (true) WITH CHECK (true)', t);
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE invitation ADD CONSTRAINT invitation_role CHECK (role IN ('owner', 'editor', 'viewer'));--> statement-breakpoint
CREATE POLICY owners ON invitation TO salt_app USING (home_id = ANY ((SELECT my_home_ids('own'))::uuid[]))
  WITH CHECK (home_id = ANY ((SELECT my_home_ids('own'))::uuid[]) AND by_person = (SELECT me()));--> statement-breakpoint
GRANT SELECT, INSERT, DELETE ON invitation TO salt_app;--> statement-breakpoint
CREATE POLICY owners_read ON home_act FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids('own'))::uuid[]));--> statement-breakpoint
CREATE POLICY members_act ON home_act FOR INSERT TO salt_app
  WITH CHECK (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]) AND by_person = (SELECT me()));--> statement-breakpoint
GRANT SELECT, INSERT ON home_act TO salt_app;--> statement-breakpoint
CREATE POLICY own ON sign_in TO salt_app USING (person_id = (SELECT me())) WITH CHECK (person_id = (SELECT me()));--> statement-breakpoint
GRANT SELECT, INSERT, DELETE ON sign_in TO salt_app;--> statement-breakpoint
CREATE POLICY own_account_changes ON account FOR UPDATE TO salt_app USING (person_id = (SELECT me()));--> statement-breakpoint
GRANT SELECT (created_at), UPDATE (password_hash) ON account TO salt_app;--> statement-breakpoint

-- Every table that holds rows of a home, what points to others before what they point to. A new table is added here; a test compares.
CREATE OR REPLACE FUNCTION home_tables() RETURNS text[]
LANGUAGE sql IMMUTABLE SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT ARRAY['photo', 'walk', 'run', 'document', 'accepted_plan', 'home_checkpoint', 'duty_window', 'entry', 'duty', 'asset_serves',
    'asset', 'space', 'home_practice', 'invitation', 'home_act', 'membership', 'home_person', 'home']
$$;--> statement-breakpoint
-- A home that came back from a file may be erased again: the line is of the last time.
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
  INSERT INTO public.erasure (home_id, by_person, entries) VALUES (of_home, public.me(), gone)
  ON CONFLICT (home_id) DO UPDATE SET by_person = EXCLUDED.by_person, at = now(), entries = EXCLUDED.entries;
  PERFORM set_config('salt.erasing', '', true);
  RETURN true;
END $$;--> statement-breakpoint
DROP FUNCTION create_home(uuid, text, text, text, text, text, text, jsonb);--> statement-breakpoint
CREATE FUNCTION create_home(new_home uuid, new_name text, new_zone text, new_hemisphere text, new_units text, new_vocabulary text, new_currency text, new_climate jsonb, new_origin jsonb)
RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  INSERT INTO public.home (home_id, name, zone, hemisphere, units, vocabulary, currency, climate, origin)
  VALUES (new_home, new_name, new_zone, new_hemisphere, new_units, new_vocabulary, new_currency, new_climate, new_origin)
  ON CONFLICT (home_id) DO NOTHING;
  IF NOT FOUND THEN RETURN false; END IF;
  INSERT INTO public.home_person (home_id, person_id, name)
  SELECT new_home, a.person_id, a.name FROM public.account a WHERE a.person_id = public.me();
  INSERT INTO public.membership (home_id, person_id, role) VALUES (new_home, public.me(), 'owner');
  RETURN true;
END $$;--> statement-breakpoint

-- Of some ids, those that are accounts of others who are not in the home: nobody comes into a home under another's id.
CREATE FUNCTION ids_of_others(of_home uuid, ids uuid[]) RETURNS uuid[]
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT coalesce(array_agg(a.person_id), '{}') FROM public.account a
  WHERE a.person_id = ANY (ids) AND a.person_id IS DISTINCT FROM public.me()
    AND NOT EXISTS (SELECT 1 FROM public.home_person p WHERE p.home_id = of_home AND p.person_id = a.person_id)
$$;--> statement-breakpoint
-- Whether a home is here, whoever may see it.
CREATE FUNCTION is_home(of_home uuid) RETURNS boolean
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT EXISTS (SELECT 1 FROM public.home h WHERE h.home_id = of_home)
$$;--> statement-breakpoint
CREATE FUNCTION refuse_ids_of_others() RETURNS trigger
LANGUAGE plpgsql SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  IF cardinality(public.ids_of_others(NEW.home_id, ARRAY[NEW.person_id])) > 0 THEN
    RAISE EXCEPTION 'the id is another account''s' USING ERRCODE = 'unique_violation';
  END IF;
  RETURN NEW;
END $$;--> statement-breakpoint
CREATE TRIGGER home_person_own_id BEFORE INSERT ON home_person FOR EACH ROW EXECUTE FUNCTION refuse_ids_of_others();--> statement-breakpoint

-- Whom an invitation is for and into what: nothing where there is none, or it has run out.
CREATE FUNCTION invitation_of(wanted_hash text, at timestamptz)
RETURNS TABLE (home_id uuid, home_name text, role text, by_name text, expires_at timestamptz, mine boolean)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT i.home_id, h.name, i.role, p.name, i.expires_at,
    EXISTS (SELECT 1 FROM public.account a WHERE a.person_id = public.me() AND a.email = i.email)
  FROM public.invitation i
  JOIN public.home h ON h.home_id = i.home_id
  JOIN public.home_person p ON p.home_id = i.home_id AND p.person_id = i.by_person
  WHERE i.token_hash = wanted_hash AND i.expires_at > at
    AND EXISTS (SELECT 1 FROM public.membership m WHERE m.home_id = i.home_id AND m.person_id = i.by_person AND m.role = 'owner')
$$;--> statement-breakpoint
-- Takes an invitation, which can be done once. Outcome: 'joined', 'member', 'other-address' or 'unknown'.
CREATE FUNCTION accept_invitation(wanted_hash text, act_id uuid, at timestamptz, OUT outcome text, OUT of_home uuid)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE found_one record; own public.account%ROWTYPE;
BEGIN
  SELECT * INTO found_one FROM public.invitation_of(wanted_hash, at);
  IF NOT FOUND THEN outcome := 'unknown'; RETURN; END IF;
  of_home := found_one.home_id;
  IF NOT found_one.mine THEN outcome := 'other-address'; RETURN; END IF;
  SELECT * INTO own FROM public.account a WHERE a.person_id = public.me();
  -- Two that take it at once wait for each other here, and the second finds it gone.
  DELETE FROM public.invitation i WHERE i.token_hash = wanted_hash;
  IF NOT FOUND THEN outcome := 'unknown'; RETURN; END IF;
  INSERT INTO public.home_person (home_id, person_id, name) VALUES (of_home, own.person_id, own.name) ON CONFLICT DO NOTHING;
  INSERT INTO public.membership (home_id, person_id, role) VALUES (of_home, own.person_id, found_one.role) ON CONFLICT DO NOTHING;
  IF NOT FOUND THEN outcome := 'member'; RETURN; END IF;
  INSERT INTO public.home_act (home_id, id, at, by_person, act, about)
  VALUES (of_home, act_id, at, own.person_id, 'joined', jsonb_build_object('role', found_one.role));
  outcome := 'joined';
END $$;--> statement-breakpoint

-- Whether somebody is the only owner of a home. Owners of a home that change at once wait for each other.
CREATE FUNCTION is_last_owner(of_home uuid, person uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  PERFORM 1 FROM public.home h WHERE h.home_id = of_home FOR UPDATE;
  RETURN EXISTS (SELECT 1 FROM public.membership m WHERE m.home_id = of_home AND m.person_id = person AND m.role = 'owner')
    AND NOT EXISTS (SELECT 1 FROM public.membership m WHERE m.home_id = of_home AND m.person_id <> person AND m.role = 'owner');
END $$;--> statement-breakpoint
DROP FUNCTION set_member(uuid, text, text);--> statement-breakpoint
-- Outcome: 'changed', 'unknown', 'last-owner' or 'not-owner'.
CREATE FUNCTION set_role(of_home uuid, person uuid, new_role text, act_id uuid, at timestamptz) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  IF NOT EXISTS (SELECT 1 FROM public.membership m WHERE m.home_id = of_home AND m.person_id = public.me() AND m.role = 'owner') THEN RETURN 'not-owner'; END IF;
  IF public.is_last_owner(of_home, person) AND new_role <> 'owner' THEN RETURN 'last-owner'; END IF;
  UPDATE public.membership m SET role = new_role WHERE m.home_id = of_home AND m.person_id = person;
  IF NOT FOUND THEN RETURN 'unknown'; END IF;
  INSERT INTO public.home_act (home_id, id, at, by_person, act, about)
  VALUES (of_home, act_id, at, public.me(), 'roleChanged', jsonb_build_object('person', person, 'role', new_role));
  RETURN 'changed';
END $$;--> statement-breakpoint
-- An owner removes somebody, or a member leaves. Outcome: 'removed', 'unknown', 'last-owner' or 'not-owner'.
CREATE FUNCTION remove_member(of_home uuid, person uuid, act_id uuid, at timestamptz) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE own_role text;
BEGIN
  SELECT m.role INTO own_role FROM public.membership m WHERE m.home_id = of_home AND m.person_id = public.me();
  IF own_role IS NULL OR (own_role <> 'owner' AND person <> public.me()) THEN RETURN 'not-owner'; END IF;
  IF public.is_last_owner(of_home, person) THEN RETURN 'last-owner'; END IF;
  DELETE FROM public.membership m WHERE m.home_id = of_home AND m.person_id = person;
  IF NOT FOUND THEN RETURN 'unknown'; END IF;
  -- Invitations that somebody made go with them.
  DELETE FROM public.invitation i WHERE i.home_id = of_home AND i.by_person = person;
  INSERT INTO public.home_act (home_id, id, at, by_person, act, about)
  VALUES (of_home, act_id, at, public.me(), CASE WHEN person = public.me() THEN 'left' ELSE 'removed' END, jsonb_build_object('person', person));
  RETURN 'removed';
END $$;--> statement-breakpoint
-- Deletes the account of the transaction's person, who must not be the only owner of a home. The homes' records keep their id and name.
CREATE FUNCTION delete_account() RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  IF EXISTS (SELECT 1 FROM public.membership m WHERE m.person_id = public.me() AND public.is_last_owner(m.home_id, m.person_id)) THEN RETURN false; END IF;
  DELETE FROM public.invitation i WHERE i.by_person = public.me()
    OR i.email = (SELECT a.email FROM public.account a WHERE a.person_id = public.me());
  DELETE FROM public.membership m WHERE m.person_id = public.me();
  DELETE FROM public.sign_in s WHERE s.person_id = public.me();
  DELETE FROM public.account a WHERE a.person_id = public.me();
  RETURN true;
END $$;--> statement-breakpoint
-- The access history of a home for its owners, newest first: its acts, and the members' sign-ins since they joined.
CREATE FUNCTION acts_of(of_home uuid, before timestamptz, most integer)
RETURNS TABLE (id uuid, at timestamptz, by_person uuid, act text, about jsonb)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT * FROM (
    SELECT h.id, h.at, h.by_person, h.act, h.about FROM public.home_act h WHERE h.home_id = of_home
    UNION ALL
    SELECT s.id, s.at, s.person_id, 'signedIn', jsonb_build_object('agent', s.agent)
    FROM public.sign_in s JOIN public.membership m ON m.person_id = s.person_id AND m.home_id = of_home
    WHERE s.at >= coalesce((SELECT max(j.at) FROM public.home_act j
      WHERE j.home_id = of_home AND j.by_person = s.person_id AND j.act = 'joined'), '-infinity')
  ) all_of_them
  WHERE of_home = ANY (public.my_home_ids('own')) AND all_of_them.at < before
  ORDER BY all_of_them.at DESC, all_of_them.id DESC LIMIT most
$$;--> statement-breakpoint
REVOKE EXECUTE ON ALL FUNCTIONS IN SCHEMA public FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION create_home(uuid, text, text, text, text, text, text, jsonb, jsonb), ids_of_others(uuid, uuid[]),
  is_home(uuid), refuse_ids_of_others(), invitation_of(text, timestamptz), accept_invitation(text, uuid, timestamptz),
  set_role(uuid, uuid, text, uuid, timestamptz), remove_member(uuid, uuid, uuid, timestamptz), delete_account(),
  acts_of(uuid, timestamptz, integer) TO salt_app;
