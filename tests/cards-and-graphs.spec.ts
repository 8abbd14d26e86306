import { expect, type Page, test } from "@playwright/test";
import { carry, HANDS, press } from "./support/hands";
import { addLesson, lessonOf, lessonWith, openBoard, place } from "./support/lessons";
import { chart, HALF, mark, rule } from "./support/patterns";

test.use({ hasTouch: true });

const cards = (page: Page) => page.getByRole("region", { name: "Pattern cards" });
const pile = (page: Page, name: string) => cards(page).getByRole("region", { name, exact: true });
const card = (page: Page, n: number) => cards(page).getByRole("button", { name: `Card ${n}`, exact: true });

for (const hand of HANDS) {
  test(`by ${hand}: a card is sorted into a family that the class names, and its rule told`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request, { name: "22-pattern-cards" })}`);
    await expect(pile(page, "Cards in no family").locator("[data-card]")).toHaveCount(18);
    if (hand === "keys") {
      // A card is chosen, then the family.
      await press(hand, card(page, 1));
      await press(hand, cards(page).getByRole("button", { name: "Family 1", exact: true }));
    } else await carry(hand, page, card(page, 1), pile(page, "Family 1"));
    await expect(pile(page, "Family 1").locator("[data-card]")).toHaveCount(1);

    await press(hand, cards(page).getByRole("button", { name: "Name family 1" }));
    await page.getByLabel("What do the cards of family 1 share?").fill("They slope");
    await page.getByLabel("What do the cards of family 1 share?").press("Enter");
    await expect(pile(page, "They slope").locator("[data-card]")).toHaveCount(1);

    await press(hand, cards(page).getByRole("button", { name: "Rule of card 1, covered" }));
    await expect(cards(page).getByText("multiples of 9")).toBeVisible();
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(cards(page).getByText("multiples of 9")).toHaveCount(0);
  });
}

test("two cards are compared on a chart and in rings: in both, in one only, in neither", async ({
  page,
  request,
}) => {
  const views = [
    {
      kind: "cards",
      first: 1,
      columns: 10,
      rows: 10,
      families: 0,
      cards: [
        { id: 1, rule: rule({ kind: "multiples", of: "4" }) },
        { id: 2, rule: rule({ kind: "multiples", of: "6" }) },
      ],
    },
    { ...chart, covers: "solid" },
    { kind: "diagram", numbers: "shown", outside: "shown" },
  ];
  await page.goto(`/lesson/${await lessonWith(request, views, { layout: HALF })}`);
  await card(page, 1).click();
  await card(page, 2).click();
  await cards(page).getByRole("button", { name: "Compare on the chart" }).click();
  const rings = page.getByRole("region", { name: "Two or three sets" });
  // Multiples of 12; of 4 and not of 6; of 6 and not of 4; the others.
  await expect(rings.getByRole("region", { name: "In both: 8 numbers" })).toContainText("12243648607284");
  await expect(rings.getByRole("region", { name: "In sun only: 17 numbers" })).toBeVisible();
  await expect(rings.getByRole("region", { name: "In coral only: 8 numbers" })).toBeVisible();
  await expect(rings.getByRole("region", { name: "In neither: 67 numbers" })).toBeVisible();
  // A solid cover hides the marks too: in which ring the number is, nobody is told.
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await place(page, "12, sun and coral marks").click();
  await expect(rings.getByRole("region", { name: "In both: 7 numbers" })).toBeVisible();
  await expect(rings.getByText("1 number is covered.")).toBeVisible();
  await expect(rings.getByText("12", { exact: true })).toHaveCount(0);
});

test("three evenings stand in three rings", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "22-pattern-cards" })}`);
  await openBoard(page, /Three evenings/);
  const rings = page.getByRole("region", { name: "Two or three sets" });
  await expect(rings.getByRole("region", { name: "In both: 10 numbers" })).toBeVisible();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press("ArrowRight");
  await expect(rings.getByRole("region", { name: "In all three: 2 numbers" })).toContainText("3060");
});

test("a card is kept in the library, and added to the cards of another lesson", async ({ page, request }) => {
  const view = (first: number) => [
    {
      kind: "cards",
      first,
      columns: 10,
      rows: 10,
      families: 2,
      cards: [{ id: 1, rule: rule({ kind: "multiples", of: "7" }) }],
    },
  ];
  await page.goto(`/lesson/${await lessonWith(request, view(1))}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  const library = page.getByRole("region", { name: "Card library" });
  await page.getByRole("button", { name: "Keep card 1 in the library" }).click();
  await expect(library.getByText("multiples of 7", { exact: true })).toHaveCount(1);

  await page.goto(`/lesson/${await lessonWith(request, view(50))}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await library.getByRole("button", { name: "Add multiples of 7" }).click();
  await expect(cards(page).locator("[data-card]")).toHaveCount(2);
  await library.getByRole("button", { name: "Take multiples of 7 out of the library" }).click();
  await expect(page.getByText("Card taken out of the library")).toBeVisible();
  await expect(library.getByText("multiples of 7", { exact: true })).toHaveCount(0);
  // The lesson keeps its card.
  await expect(cards(page).locator("[data-card]")).toHaveCount(2);
});

const graph = {
  kind: "graph",
  shows: "trail",
  joined: "joined",
  points: "shown",
  labels: "shown",
  from: 1,
  to: 24,
};

test("a graph of a count: a point for each number, covered by touch, its numbers covered and shown", async ({
  page,
  request,
}) => {
  const opening = [{ do: "start", number: "4" }, ...["6", "6", "6"].map((by) => ({ do: "jump", by }))];
  await page.goto(`/lesson/${await lessonWith(request, [graph, chart], { opening, layout: HALF })}`);
  const picture = page.getByRole("region", { name: "Graph" }).getByRole("img");
  await expect(picture).toHaveAccessibleName("Number by position: 4, 10, 16 and 22");
  // Chart.js has drawn: some of the canvas is no longer empty.
  const inked = () =>
    picture.evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext("2d")!.getImageData(0, 0, canvas.width, canvas.height);
      return data.filter((value, i) => i % 4 === 3 && value > 0).length;
    });
  await expect.poll(inked).toBeGreaterThan(1000);

  // A cover on a number covers its point.
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await place(page, "16").click();
  await expect(picture).toHaveAccessibleName("Number by position: 4, 10 and 22");
  // Its place at the foot is touched to show it again, by keys as well.
  await page.getByRole("button", { name: "Lift", exact: true }).click();
  await page.getByRole("button", { name: "Point at position 3, covered" }).press("Enter");
  await expect(picture).toHaveAccessibleName("Number by position: 4, 10, 16 and 22");
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("button", { name: "Point at position 2: 10" })).toBeFocused();
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await page.getByRole("button", { name: "Point at position 2: 10" }).tap();
  await expect(picture).toHaveAccessibleName("Number by position: 4, 16 and 22");
  await page.getByRole("button", { name: "Take back" }).click();
  await page.getByRole("button", { name: "Cover the points" }).click();
  await expect(picture).toHaveAccessibleName("Number by position: the points are covered");
  // Where they can be touched does not tell how high they are.
  const heights = await page
    .getByRole("button", { name: /^Point at position \d+, covered$/ })
    .evaluateAll((spots) => spots.map((spot) => spot.getBoundingClientRect().top));
  expect(heights).toHaveLength(4);
  expect(new Set(heights).size).toBe(1);
  await page.getByRole("button", { name: "Show the points" }).click();
  await expect(picture).toHaveAccessibleName("Number by position: 4, 10, 16 and 22");
});

test("an ink for which there is no ring is named below the rings", async ({ page, request }) => {
  const inks = ["sun", "coral", "sea", "kelp"].map((ink, i) => mark(ink, [String(i + 1)]));
  const views = [chart, { kind: "diagram", numbers: "shown", outside: "none" }];
  await page.goto(`/lesson/${await lessonWith(request, views, { opening: inks, layout: HALF })}`);
  await expect(page.getByText("Not drawn: kelp.")).toBeVisible();
});

test("after the graph of a count in halves, the next board and the set-up have bars", async ({
  page,
  request,
}) => {
  const opening = [{ do: "start", number: "6" }, ...["-1.5", "-1.5"].map((by) => ({ do: "jump", by }))];
  const bars = { ...graph, shows: "factors", to: 60 };
  await page.goto(`/lesson/${await lessonOf(request, { views: [graph], opening }, { views: [bars] })}`);
  const point = page.getByRole("button", { name: "Point at position 3: 3" });
  const bar = (name: string) => page.getByRole("button", { name });
  await expect(point).toBeVisible();
  await openBoard(page, /Board 2/);
  await expect(bar("Bar of 60: 12 factors")).toBeVisible();
  // The bars take the whole width: the last one is not far from the edge.
  const [first, last] = [
    (await bar("Bar of 1: 1 factor").boundingBox())!,
    (await bar("Bar of 60").boundingBox())!,
  ];
  const room = (await page.getByRole("region", { name: "Graph" }).boundingBox())!;
  const apart = (last.x - first.x) / 59;
  expect(room.x + room.width - (last.x + last.width / 2)).toBeLessThan(5 * apart);

  await openBoard(page, /Board 1/);
  await expect(point).toBeVisible();
  await page.getByRole("button", { name: "Prepare" }).click();
  await page.getByRole("tab", { name: "Graph" }).click();
  await page.getByText("How many factors", { exact: true }).click();
  await expect(bar("Bar of 24: 8 factors")).toBeVisible();
});

test("a card chosen on one board is not chosen on the next", async ({ page, request }) => {
  const views = [
    {
      kind: "cards",
      first: 1,
      columns: 5,
      rows: 4,
      families: 2,
      cards: [{ id: 1, rule: rule({ kind: "multiples", of: "4" }) }],
    },
  ];
  await page.goto(`/lesson/${await lessonOf(request, { views }, { views })}`);
  await card(page, 1).click();
  await expect(card(page, 1)).toHaveAttribute("aria-pressed", "true");
  await openBoard(page, /Board 2/);
  await expect(card(page, 1)).toHaveAttribute("aria-pressed", "false");
});
