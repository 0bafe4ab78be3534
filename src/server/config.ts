/** Read when the first query is made; nothing else looks at the environment. The start script sets the address of the database it started. */
export const config = (): { readonly databaseUrl: string } => ({
  databaseUrl: process.env.OVEN_DATABASE_URL ?? 'postgresql://oven@127.0.0.1:54329/oven',
});
