/** Where a window keeps where the teacher was in a lesson. */
export const whereKey = (id: string) => `yellow-stair:where:${id}`;
