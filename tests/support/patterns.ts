/** A hundred chart as the settings of a view; a covered square of it is empty, and shows its marks. */
export const chart = {
  kind: "chart",
  first: "1",
  difference: "1",
  columns: 10,
  until: { by: "rows", rows: 10 },
  run: "across",
  climb: "down",
  reads: "one-way",
  covers: "empty",
};

/** Two views beside each other, each with half of the room. */
export const HALF = { run: "beside", share: 0.5 };

/** A rule of which all conditions hold. */
export const rule = (...conditions: object[]) => ({
  join: "and",
  conditions: conditions.map((one) => ({ not: false, ...one })),
});

export const mark = (ink: string, numbers: object) => ({ do: "mark", ink, numbers });
