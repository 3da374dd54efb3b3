-- Functions that run with the owner's rights look nowhere but where they must, temporary tables last, and name everything with its schema:
-- a table of the caller's own making can stand in for none of theirs.
CREATE OR REPLACE FUNCTION my_home_ids(wanted text) RETURNS uuid[]
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT coalesce(array_agg(home_id), '{}')
  FROM public.membership
  WHERE person_id = nullif(current_setting('salt.person', true), '')::uuid
    AND (wanted = 'read' OR role IN ('owner', 'editor'))
$$;--> statement-breakpoint
CREATE OR REPLACE FUNCTION me() RETURNS uuid
LANGUAGE sql STABLE SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT nullif(current_setting('salt.person', true), '')::uuid
$$;--> statement-breakpoint
CREATE OR REPLACE FUNCTION refuse_rewriting() RETURNS trigger
LANGUAGE plpgsql SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  IF TG_OP = 'DELETE' AND current_user = 'salt_owner' AND current_setting('salt.erasing', true) = OLD.home_id::text THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION 'the ledger is append-only: % refused', TG_OP USING ERRCODE = 'insufficient_privilege';
END $$;--> statement-breakpoint
-- Each line follows the one before: the next number, and its hash. What is no hash at all is refused. With the owner's rights, so that the
-- last line is looked up without asking for each line anew which homes the person may see.
CREATE OR REPLACE FUNCTION check_chain() RETURNS trigger
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE last_seq integer; last_hash text;
BEGIN
  IF NEW.hash !~ '^[0-9a-f]{64}$' OR NEW.sent_hash !~ '^[0-9a-f]{64}$' THEN
    RAISE EXCEPTION 'entry carries no SHA-256 hash' USING ERRCODE = 'integrity_constraint_violation';
  END IF;
  SELECT seq, hash INTO last_seq, last_hash FROM public.entry WHERE home_id = NEW.home_id ORDER BY seq DESC LIMIT 1;
  IF NEW.seq <> coalesce(last_seq, 0) + 1 OR NEW.prev_hash <> coalesce(last_hash, repeat('0', 64)) THEN
    RAISE EXCEPTION 'entry does not continue the chain' USING ERRCODE = 'integrity_constraint_violation';
  END IF;
  RETURN NEW;
END $$;--> statement-breakpoint
CREATE OR REPLACE FUNCTION account_for_sign_in(wanted_email text)
RETURNS TABLE (person_id uuid, name text, email text, password_hash text, demo boolean)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
  SELECT a.person_id, a.name, a.email, a.password_hash, a.demo FROM public.account a WHERE a.email = wanted_email
$$;--> statement-breakpoint
CREATE OR REPLACE FUNCTION sign_up(new_person uuid, new_name text, new_email text, new_hash text, is_demo boolean) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  INSERT INTO public.account (person_id, name, email, password_hash, demo)
  VALUES (new_person, new_name, new_email, new_hash, is_demo)
  ON CONFLICT (email) DO NOTHING;
  RETURN FOUND;
END $$;--> statement-breakpoint
CREATE OR REPLACE FUNCTION create_home(new_home uuid, new_name text, new_zone text, new_hemisphere text, new_units text, new_vocabulary text, new_currency text, new_climate jsonb)
RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  INSERT INTO public.home (home_id, name, zone, hemisphere, units, vocabulary, currency, climate)
  VALUES (new_home, new_name, new_zone, new_hemisphere, new_units, new_vocabulary, new_currency, new_climate)
  ON CONFLICT (home_id) DO NOTHING;
  IF NOT FOUND THEN RETURN false; END IF;
  INSERT INTO public.home_person (home_id, person_id, name)
  SELECT new_home, a.person_id, a.name FROM public.account a WHERE a.person_id = public.me();
  INSERT INTO public.membership (home_id, person_id, role) VALUES (new_home, public.me(), 'owner');
  RETURN true;
END $$;--> statement-breakpoint
-- Outcome: 'added', 'changed', 'no-account', 'last-owner' or 'not-owner'.
CREATE OR REPLACE FUNCTION set_member(of_home uuid, member_email text, new_role text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE member public.account%ROWTYPE; known text;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM public.membership WHERE home_id = of_home AND person_id = public.me() AND role = 'owner') THEN RETURN 'not-owner'; END IF;
  SELECT * INTO member FROM public.account a WHERE a.email = member_email;
  IF NOT FOUND THEN RETURN 'no-account'; END IF;
  -- Two owners stepping down at once must not leave a home without one.
  PERFORM 1 FROM public.home WHERE home_id = of_home FOR UPDATE;
  SELECT role INTO known FROM public.membership WHERE home_id = of_home AND person_id = member.person_id;
  IF known = 'owner' AND new_role <> 'owner'
     AND NOT EXISTS (SELECT 1 FROM public.membership WHERE home_id = of_home AND role = 'owner' AND person_id <> member.person_id) THEN
    RETURN 'last-owner';
  END IF;
  INSERT INTO public.home_person (home_id, person_id, name) VALUES (of_home, member.person_id, member.name) ON CONFLICT DO NOTHING;
  INSERT INTO public.membership (home_id, person_id, role) VALUES (of_home, member.person_id, new_role)
  ON CONFLICT (home_id, person_id) DO UPDATE SET role = EXCLUDED.role;
  RETURN CASE WHEN known IS NULL THEN 'added' ELSE 'changed' END;
END $$;--> statement-breakpoint
-- Erasing a home is the only thing that deletes of the record. Leaves a line in `erasure`.
CREATE OR REPLACE FUNCTION erase_home(of_home uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
DECLARE gone integer;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM public.membership WHERE home_id = of_home AND person_id = public.me() AND role = 'owner') THEN RETURN false; END IF;
  PERFORM set_config('salt.erasing', of_home::text, true);
  DELETE FROM public.photo WHERE home_id = of_home;
  DELETE FROM public.walk WHERE home_id = of_home;
  DELETE FROM public.run WHERE home_id = of_home;
  DELETE FROM public.document WHERE home_id = of_home;
  DELETE FROM public.duty_window WHERE home_id = of_home;
  DELETE FROM public.entry WHERE home_id = of_home;
  GET DIAGNOSTICS gone = ROW_COUNT;
  DELETE FROM public.duty WHERE home_id = of_home;
  DELETE FROM public.asset_serves WHERE home_id = of_home;
  DELETE FROM public.asset WHERE home_id = of_home;
  DELETE FROM public.space WHERE home_id = of_home;
  DELETE FROM public.home_practice WHERE home_id = of_home;
  DELETE FROM public.membership WHERE home_id = of_home;
  DELETE FROM public.home_person WHERE home_id = of_home;
  DELETE FROM public.home WHERE home_id = of_home;
  INSERT INTO public.erasure (home_id, by_person, entries) VALUES (of_home, public.me(), gone);
  PERFORM set_config('salt.erasing', '', true);
  RETURN true;
END $$;
