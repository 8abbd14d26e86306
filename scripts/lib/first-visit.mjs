const [FIRST, OVER] = ["yellow-stair-first-visit", "over"];

/** What a browser keeps in which Yellow Stair has been used before: nothing is offered to a newcomer there. */
export const usedBefore = (origin) => ({
  cookies: [
    {
      name: FIRST,
      value: OVER,
      domain: new URL(origin).hostname,
      path: "/",
      expires: -1,
      httpOnly: false,
      secure: false,
      sameSite: /** @type {const} */ ("Strict"),
    },
  ],
  origins: [{ origin, localStorage: [{ name: FIRST, value: OVER }] }],
});
