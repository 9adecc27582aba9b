export { changed, type History, historyText, keptHistory, redone, startHistory, undone } from "./history";
