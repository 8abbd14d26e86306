/** What a browser keeps in which Yellow Stair has been used before: nothing is offered to a newcomer there. */
export const usedBefore = (origin) => ({
  cookies: [],
  origins: [{ origin, localStorage: [{ name: "yellow-stair-first-visit", value: "over" }] }],
});
