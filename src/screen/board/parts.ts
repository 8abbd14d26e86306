/*
 * The loaders of the later parts of the board screen: kept apart, so that their many file names are not sent with the
 * board.
 */
export const drawer = () => import("../prepare/drawer").then((part) => part.Drawer);
export const stepsStrip = () => import("../prepare/steps-strip").then((part) => part.StepsStrip);
export const keepStep = () => import("../prepare/keep-step").then((part) => part.KeepStep);
export const unsavedBand = () => import("./unsaved-band").then((part) => part.UnsavedBand);
export const lessonWordsDialog = () =>
  import("../lesson-words-dialog").then((part) => part.LessonWordsDialog);
export const removedBoards = () => import("../prepare/removed-boards").then((part) => part.RemovedBoards);
export const sheets = () => import("../sheets/sheets").then((part) => part.Sheets);
export const sittingsBand = () => import("../sitting/sittings-band").then((part) => part.SittingsBand);
export const firstTries = () => import("../first/first-tries").then((part) => part.FirstTries);
export const classDialog = () => import("../sitting/class-dialog").then((part) => part.ClassDialog);
export const versionsDialog = () => import("../versions/versions-dialog").then((part) => part.VersionsDialog);
export const boardsDialog = () => import("../boards/boards-dialog").then((part) => part.BoardsDialog);
export const recipeDialog = () => import("../recipes/recipe-dialog").then((part) => part.RecipeDialog);
export const saveDialog = () => import("../picture/save-dialog").then((part) => part.SaveDialog);
export const pictureDialog = () => import("../picture/picture-dialog").then((part) => part.PictureDialog);
export const numbersDialog = () => import("../numbers/numbers-dialog").then((part) => part.NumbersDialog);
export const printBoard = () => import("../picture/print-board").then((part) => part.printBoard());
export const keysDialog = () => import("../commands/keys-dialog").then((part) => part.KeysDialog);
export const findCommand = () => import("../commands/find-command").then((part) => part.default);
export const announcer = () => import("../heard/announcer").then((part) => part.Announcer);
export const voice = () => import("../count/voice").then((part) => part.Voice);
export const slips = () => import("../count/slips").then((part) => part.Slips);
export const verdict = () => import("../times/verdict").then((part) => part.Verdict);
export const countPanel = () => import("../count/count-fields").then((part) => part.CountPanel);
export const byRule = () => import("../rule/by-rule").then((part) => part.ByRule);
export const headerItems = () => import("../head/header-items").then((part) => part.HeaderItems);
export const clearItems = () => import("../rail/clear-items").then((part) => part.ClearItems);
export const drawerItems = () => import("../rail/drawer-items").then((part) => part.DrawerItems);
export const addBoard = () => import("../head/board-items").then((part) => part.AddBoard);
export const divider = () => import("./divider").then((part) => part.Divider);
export const noDroppedFiles = () => import("./no-dropped-files").then((part) => part.NoDroppedFiles);
