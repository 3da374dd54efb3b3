-- A round that was begun.
INSERT INTO public.run (home_id, id, revision, state, finished, begun_at, saved_at) VALUES ('01a21d80-8d61-77e8-a06b-22d8a122ea01', '01a21d80-8f91-72e3-9594-db97d5d517da', 1, '{"at":null,"stop":null,"begun":true,"items":[],"round":null,"title":"Spring","states":{},"version":1,"gathered":[]}', false, '2026-11-24T18:00:00.000Z', '2026-11-24T18:00:00.000Z');
