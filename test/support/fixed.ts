/** The databases that test files copy: a migrated one, and one with the demo homes as they stand at {@link CLOCK_AT}. */
export const TEMPLATE = 'salt_template';
export const DEMO_TEMPLATE = 'salt_template_demo';
export const PASSWORDS = { owner: 'owner-of-tests', app: 'app-of-tests' };

/** The instant every browser test lives at. */
export const CLOCK_AT = '2026-11-24T18:00:00Z';
export const DEMO_PASSWORD = 'salt-and-water';
