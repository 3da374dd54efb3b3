-- An invitation, an act and a sign-in.
INSERT INTO public.invitation (home_id, id, email, role, token_hash, by_person, made_at, expires_at)
VALUES ('01a21d80-8d61-77e8-a06b-22d8a122ea01', '01a21d80-8fa2-71ec-ab98-b6f160f7b701', 'wren@example.org', 'editor',
  'bec55be9b14a16a3b3ad767787a6aab5c4709f174cceea490f6364dedd5214f4', '01a21d80-8d2e-729a-aca7-567662ae2443',
  '2026-11-24T18:00:00.000Z', '2026-12-01T18:00:00.000Z');
INSERT INTO public.home_act (home_id, id, at, by_person, act, about)
VALUES ('01a21d80-8d61-77e8-a06b-22d8a122ea01', '01a21d80-8fa2-71ec-ab98-b6f160f7b702', '2026-11-24T18:00:00.000Z',
  '01a21d80-8d2e-729a-aca7-567662ae2443', 'invited', '{"email": "wren@example.org", "role": "editor"}');
INSERT INTO public.sign_in (id, person_id, at, agent)
VALUES ('01a21d80-8fa2-71ec-ab98-b6f160f7b703', '01a21d80-8d2e-729a-aca7-567662ae2443', '2026-11-24T18:00:00.000Z', 'seed');
