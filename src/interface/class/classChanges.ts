import type { HouseRules } from "@/investigation/model/houseRules";
import type { AccountReply } from "@/protocol/accounts";
import type { NamesReply, PasswordReply, Seat } from "@/protocol/classes";

/** What a teacher can do to a class and its people. */
export interface ClassChanges {
  readonly name: (id: string, name: string) => Promise<AccountReply>;
  readonly archive: (id: string, archived: boolean) => Promise<AccountReply>;
  readonly renewCode: (id: string) => Promise<AccountReply>;
  readonly openJoining: (id: string, open: boolean) => Promise<AccountReply>;
  readonly renameStudent: (id: string, personId: string, name: string) => Promise<AccountReply>;
  readonly takeOut: (id: string, personId: string) => Promise<AccountReply>;
  readonly givePassword: (id: string, personId: string) => Promise<PasswordReply>;
  readonly setRules: (id: string, rules: HouseRules) => Promise<AccountReply>;
  readonly addTeacher: (id: string, signInName: string) => Promise<AccountReply>;
  readonly beginByNames: (id: string, names: string[]) => Promise<NamesReply>;
  readonly takeLook: (id: string, from: string) => Promise<AccountReply>;
}

/** What a teacher can do with the experiments of a class and their benches. */
export interface BenchChanges {
  readonly set: (id: string, title: string, from: string) => Promise<AccountReply>;
  readonly seat: (
    id: string,
    experimentId: string,
    personId: string,
    seat: Seat,
  ) => Promise<AccountReply>;
  readonly eachAlone: (id: string, experimentId: string) => Promise<AccountReply>;
  readonly inTwos: (id: string, experimentId: string) => Promise<AccountReply>;
  readonly ownBenches: (id: string, experimentId: string, own: boolean) => Promise<AccountReply>;
  readonly end: (id: string, experimentId: string) => Promise<AccountReply>;
}
