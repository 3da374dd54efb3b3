-- A past folded by an older projection: nobody reads it.
INSERT INTO public.home_checkpoint (home_id, version, up_to, house, content, seal) VALUES ('01a21d80-8d61-77e8-a06b-22d8a122ea01', 1, '2026-11-01', 'h', '{}', 's');
