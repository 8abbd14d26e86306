/** At the start of the server: the tables are brought up to date, and the demo lessons loaded where asked for. */
export async function register() {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { startData } = await import("./data/start");
  await startData();
}
