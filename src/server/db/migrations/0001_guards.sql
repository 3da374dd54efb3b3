-- Who may see and write what. Runs as salt_owner; the server works as salt_app, which owns nothing.

-- Homes of the person this transaction is for. `wanted` is 'read' or 'write'.
CREATE FUNCTION my_home_ids(wanted text) RETURNS uuid[]
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT coalesce(array_agg(home_id), '{}')
  FROM membership
  WHERE person_id = nullif(current_setting('salt.person', true), '')::uuid
    AND (wanted = 'read' OR role IN ('owner', 'editor'))
$$;--> statement-breakpoint
CREATE FUNCTION me() RETURNS uuid LANGUAGE sql STABLE AS $$
  SELECT nullif(current_setting('salt.person', true), '')::uuid
$$;--> statement-breakpoint

ALTER TABLE membership ADD CONSTRAINT membership_role CHECK (role IN ('owner', 'editor', 'viewer'));--> statement-breakpoint
ALTER TABLE entry ADD CONSTRAINT entry_kind CHECK (kind IN (
  'adopted', 'retired', 'terms', 'fact', 'trait', 'done', 'skipped', 'putOff', 'paused', 'resumed', 'reading', 'finding',
  'findingClosed', 'opened', 'shut', 'event', 'replaced', 'stockMoved', 'bought', 'note', 'amends', 'voids'));--> statement-breakpoint

-- Row-level security, forced on the owner too; the owner's own policy serves migrations and the functions below.
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['home', 'home_person', 'membership', 'space', 'asset', 'asset_serves', 'duty', 'entry', 'duty_window', 'account', 'erasure'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY owner_all ON %I TO salt_owner USING (true) WITH CHECK (true)', t);
  END LOOP;
  FOREACH t IN ARRAY ARRAY['home', 'home_person', 'membership', 'space', 'asset', 'asset_serves', 'duty', 'entry', 'duty_window'] LOOP
    EXECUTE format('CREATE POLICY member_reads ON %I FOR SELECT TO salt_app USING (home_id = ANY ((SELECT my_home_ids(''read''))::uuid[]))', t);
    EXECUTE format('GRANT SELECT ON %I TO salt_app', t);
  END LOOP;
  FOREACH t IN ARRAY ARRAY['home_person', 'space', 'asset', 'asset_serves', 'duty', 'entry'] LOOP
    EXECUTE format('CREATE POLICY member_writes ON %I FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids(''write''))::uuid[]))', t);
    EXECUTE format('GRANT INSERT ON %I TO salt_app', t);
  END LOOP;
END $$;--> statement-breakpoint

-- The schedule is a cache: whoever may read the home may refresh it, for its rows follow from the ledger alone.
CREATE POLICY schedule_insert ON duty_window FOR INSERT TO salt_app WITH CHECK (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]));--> statement-breakpoint
CREATE POLICY schedule_update ON duty_window FOR UPDATE TO salt_app USING (home_id = ANY ((SELECT my_home_ids('read'))::uuid[]));--> statement-breakpoint
GRANT INSERT, UPDATE ON duty_window TO salt_app;--> statement-breakpoint

CREATE POLICY own_account ON account FOR SELECT TO salt_app USING (person_id = (SELECT me()));--> statement-breakpoint
GRANT SELECT (person_id, name, email, demo) ON account TO salt_app;--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON session, attempt TO salt_app;--> statement-breakpoint

-- The ledger is append-only, whatever rights a role may have.
CREATE FUNCTION refuse_rewriting() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND current_user = 'salt_owner' AND current_setting('salt.erasing', true) = OLD.home_id::text THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION 'the ledger is append-only: % refused', TG_OP USING ERRCODE = 'insufficient_privilege';
END $$;--> statement-breakpoint
CREATE TRIGGER entry_append_only BEFORE UPDATE OR DELETE ON entry FOR EACH ROW EXECUTE FUNCTION refuse_rewriting();--> statement-breakpoint
CREATE TRIGGER entry_no_truncate BEFORE TRUNCATE ON entry FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();--> statement-breakpoint

-- Each line follows the one before: the next number, and its hash.
CREATE FUNCTION check_chain() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE last_seq integer; last_hash text;
BEGIN
  SELECT seq, hash INTO last_seq, last_hash FROM entry WHERE home_id = NEW.home_id ORDER BY seq DESC LIMIT 1;
  IF NEW.seq <> coalesce(last_seq, 0) + 1 OR NEW.prev_hash <> coalesce(last_hash, repeat('0', 64)) THEN
    RAISE EXCEPTION 'entry does not continue the chain' USING ERRCODE = 'integrity_constraint_violation';
  END IF;
  RETURN NEW;
END $$;--> statement-breakpoint
CREATE TRIGGER entry_chain BEFORE INSERT ON entry FOR EACH ROW EXECUTE FUNCTION check_chain();--> statement-breakpoint

-- What must happen before a person is known, or needs more than one home's view, goes through these functions only.
CREATE FUNCTION account_for_sign_in(wanted_email text)
RETURNS TABLE (person_id uuid, name text, email text, password_hash text, demo boolean)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT person_id, name, email, password_hash, demo FROM account WHERE account.email = wanted_email
$$;--> statement-breakpoint
CREATE FUNCTION sign_up(new_person uuid, new_name text, new_email text, new_hash text, is_demo boolean) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  INSERT INTO account (person_id, name, email, password_hash, demo)
  VALUES (new_person, new_name, new_email, new_hash, is_demo)
  ON CONFLICT (email) DO NOTHING;
  RETURN FOUND;
END $$;--> statement-breakpoint
CREATE FUNCTION create_home(new_home uuid, new_name text, new_zone text, new_hemisphere text, new_units text, new_vocabulary text, new_currency text)
RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  INSERT INTO home (home_id, name, zone, hemisphere, units, vocabulary, currency)
  VALUES (new_home, new_name, new_zone, new_hemisphere, new_units, new_vocabulary, new_currency)
  ON CONFLICT (home_id) DO NOTHING;
  IF NOT FOUND THEN RETURN false; END IF;
  INSERT INTO home_person (home_id, person_id, name) SELECT new_home, person_id, account.name FROM account WHERE person_id = me();
  INSERT INTO membership (home_id, person_id, role) VALUES (new_home, me(), 'owner');
  RETURN true;
END $$;--> statement-breakpoint
-- Outcome: 'added', 'changed', 'no-account', 'last-owner' or 'not-owner'.
CREATE FUNCTION set_member(of_home uuid, member_email text, new_role text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE member account%ROWTYPE; known text;
BEGIN
  IF NOT EXISTS (SELECT 1 FROM membership WHERE home_id = of_home AND person_id = me() AND role = 'owner') THEN RETURN 'not-owner'; END IF;
  SELECT * INTO member FROM account WHERE account.email = member_email;
  IF NOT FOUND THEN RETURN 'no-account'; END IF;
  -- Two owners stepping down at once must not leave a home without one.
  PERFORM 1 FROM home WHERE home_id = of_home FOR UPDATE;
  SELECT role INTO known FROM membership WHERE home_id = of_home AND person_id = member.person_id;
  IF known = 'owner' AND new_role <> 'owner'
     AND NOT EXISTS (SELECT 1 FROM membership WHERE home_id = of_home AND role = 'owner' AND person_id <> member.person_id) THEN
    RETURN 'last-owner';
  END IF;
  INSERT INTO home_person (home_id, person_id, name) VALUES (of_home, member.person_id, member.name) ON CONFLICT DO NOTHING;
  INSERT INTO membership (home_id, person_id, role) VALUES (of_home, member.person_id, new_role)
  ON CONFLICT (home_id, person_id) DO UPDATE SET role = EXCLUDED.role;
  RETURN CASE WHEN known IS NULL THEN 'added' ELSE 'changed' END;
END $$;--> statement-breakpoint
-- The only thing that deletes. Leaves a line in `erasure`.
CREATE FUNCTION erase_home(of_home uuid) RETURNS boolean
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
  DELETE FROM membership WHERE home_id = of_home;
  DELETE FROM home_person WHERE home_id = of_home;
  DELETE FROM home WHERE home_id = of_home;
  INSERT INTO erasure (home_id, by_person, entries) VALUES (of_home, me(), gone);
  PERFORM set_config('salt.erasing', '', true);
  RETURN true;
END $$;--> statement-breakpoint

REVOKE EXECUTE ON ALL FUNCTIONS IN SCHEMA public FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION me(), my_home_ids(text), account_for_sign_in(text), sign_up(uuid, text, text, text, boolean),
  create_home(uuid, text, text, text, text, text, text), set_member(uuid, text, text), erase_home(uuid) TO salt_app;
