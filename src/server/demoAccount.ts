/** The account a demo installation offers on its own machine; refused everywhere else. */
export const DEMO_EMAIL = 'demo@salt-ledger.example';
