/** What a worker thread of the server does: one sheet at a glance. */
export { summaryOfStored as default } from "@/overview/summaryOfStored";
