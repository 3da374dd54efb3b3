-- A plan without tasks.
INSERT INTO public.accepted_plan (home_id, revision, seed, moves, seq, weeks, saved_by, saved_at)
VALUES ('01a21d80-8d61-77e8-a06b-22d8a122ea01', 1, 1, 0, 0, '{}', '01a21d80-8d2e-729a-aca7-567662ae2443', '2026-11-27T10:00:00Z');
