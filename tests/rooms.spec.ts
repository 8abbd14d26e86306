import { expect, type Locator, type Page, test } from "@playwright/test";
import { faultsOf } from "./support/axe";
import { addLesson, climb, openBoard, place } from "./support/lessons";

const colorOf = (part: Locator, name: "color" | "background-color") =>
  part.evaluate((element, of) => getComputedStyle(element).getPropertyValue(of), name);
const room = (page: Page) => page.locator("html");

async function choose(page: Page, menu: string, name: string) {
  await page.getByRole("button", { name: menu, exact: true }).click();
  await page.getByRole("menuitem", { name }).click();
}

test("a dark room is chosen, followed by every window, kept, and not printed", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "In a dark room" });
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "24")).toBeVisible();
  const other = await context.newPage();
  await other.goto("/");
  await choose(page, "More", "Dark room");
  await expect(room(page)).toHaveAttribute("data-room", "dark");
  await expect(room(other)).toHaveAttribute("data-room", "dark");
  const footer = page.getByRole("contentinfo");
  const [ground, rail] = ["rgb(10, 16, 27)", "rgb(5, 8, 15)"];
  expect(await colorOf(room(page), "background-color")).toBe(ground);
  expect(await colorOf(footer, "background-color")).toBe(rail);

  // It comes dark from the server, with nothing light before.
  const html = await (await page.request.get(`/lesson/${id}`)).text();
  expect(html).toContain('data-room="dark"');
  await page.reload();
  expect(await colorOf(room(page), "background-color")).toBe(ground);
  await page.emulateMedia({ media: "print" });
  expect(await colorOf(room(page), "color")).toBe("rgb(22, 35, 59)");
  await page.emulateMedia({ media: null });

  await choose(other, "More for the lessons", "High contrast");
  await expect(room(page)).toHaveAttribute("data-room", "contrast");
  await page.keyboard.press("Control+k");
  await page.getByRole("combobox", { name: "Find a command" }).fill("light room");
  await expect(page.getByRole("option", { name: "Light room" })).toHaveAttribute("aria-selected", "true");
  await page.keyboard.press("Enter");
  await expect(room(other)).toHaveAttribute("data-room", "light");
});

for (const name of ["dark", "contrast"]) {
  test(`nothing is hard to read in a ${name} room`, async ({ page, context, request, baseURL }) => {
    await context.addCookies([{ name: "yellow-stair-room", value: name, url: baseURL! }]);
    await page.emulateMedia({ reducedMotion: "reduce" });
    const faults = async (what: string) => {
      const grave = (await faultsOf(page)).filter(
        ({ impact }) => impact === "serious" || impact === "critical",
      );
      expect
        .soft(grave.map(({ id, nodes }) => [what, id, nodes.map(({ html }) => html.slice(0, 160))]))
        .toEqual([]);
    };
    await page.goto("/");
    await faults("shelf");
    const id = await addLesson(request, { title: `In a ${name} room` });
    await page.goto(`/lesson/${id}`);
    await openBoard(page, /Every sixth post/);
    await climb(page);
    await climb(page);
    await page.getByRole("button", { name: "Show answer" }).click();
    await faults("taught");
    await page.getByRole("button", { name: "Prepare" }).click();
    await page.getByRole("tab", { name: "Marks", exact: true }).click();
    await faults("prepared");
    const groups = await addLesson(request, {
      name: "17-crates-and-jars",
      title: `Crates in a ${name} room`,
    });
    await page.goto(`/lesson/${groups}`);
    await climb(page);
    await faults("groups");
  });
}

test("where no room was chosen, it is the one that the computer asks for; a chosen one stays", async ({
  page,
}) => {
  const ground = () => colorOf(room(page), "background-color");
  await page.emulateMedia({ colorScheme: "dark" });
  await page.goto("/");
  expect(await ground()).toBe("rgb(10, 16, 27)");
  await page.emulateMedia({ colorScheme: "dark", contrast: "more" });
  await page.reload();
  await expect(room(page)).toHaveAttribute("data-room", "contrast");
  await choose(page, "More for the lessons", "Light room");
  await page.reload();
  await expect(room(page)).toHaveAttribute("data-room", "light");
});
