/** How long a request may take to come, ms: its head, all of it, and how often that is looked at. */
export const PATIENCE = {
  headersTimeout: 10_000,
  requestTimeout: 30_000,
  connectionsCheckingInterval: 2000,
};
