ALTER TABLE "duty_window" DROP CONSTRAINT "duty_window_home_id_duty_id_duty_home_id_id_fk";
--> statement-breakpoint
-- Every row-level policy asks this in every statement. PL/pgSQL keeps the plan of its query for the connection, where a function in SQL is planned
-- anew in each statement.
CREATE OR REPLACE FUNCTION my_home_ids(wanted text) RETURNS uuid[]
LANGUAGE plpgsql STABLE SECURITY DEFINER SET search_path = pg_catalog, public, pg_temp AS $$
BEGIN
  RETURN (
    SELECT coalesce(array_agg(home_id), '{}')
    FROM public.membership
    WHERE person_id = nullif(current_setting('salt.person', true), '')::uuid
      AND (wanted = 'read' OR role IN ('owner', 'editor'))
  );
END $$;
