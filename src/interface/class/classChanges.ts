import type { AccountReply } from "@/protocol/accounts";
import type { PasswordReply } from "@/protocol/classes";

/** What a teacher can do to a class and its people. */
export interface ClassChanges {
  readonly name: (id: string, name: string) => Promise<AccountReply>;
  readonly archive: (id: string, archived: boolean) => Promise<AccountReply>;
  readonly renewCode: (id: string) => Promise<AccountReply>;
  readonly openJoining: (id: string, open: boolean) => Promise<AccountReply>;
  readonly renameStudent: (id: string, personId: string, name: string) => Promise<AccountReply>;
  readonly takeOut: (id: string, personId: string) => Promise<AccountReply>;
  readonly givePassword: (id: string, personId: string) => Promise<PasswordReply>;
}
