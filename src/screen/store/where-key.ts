/** The key under which a window stores where the teacher was in a lesson. */
export const whereKey = (id: string) => `yellow-stair:where:${id}`;
