import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

/**
 * What any rule of axe finds wrong on the whole page, grave or small. Asked within the page, since there is no frame on it
 * that would have to be asked for itself, and only for what is wrong: it is asked for often.
 */
export async function faultsOf(page: Page) {
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  return (await axe.analyze()).violations;
}
