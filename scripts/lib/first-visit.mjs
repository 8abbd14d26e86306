const [FIRST, OVER] = ["yellow-stair-first-visit", "over"];

/** The state of a browser in which Yellow Stair was used before: newcomers' offers are not shown there. */
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
