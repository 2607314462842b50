import type { SchoolReply } from "@/protocol/accounts";

/** What is done with the sheet of a bench as a whole, by its id. */
export interface HandingChanges {
  readonly handIn: (id: string) => Promise<SchoolReply>;
  readonly takeBack: (id: string) => Promise<SchoolReply>;
  readonly open: (id: string) => Promise<SchoolReply>;
  readonly giveBack: (id: string) => Promise<SchoolReply>;
}
