import type { HouseRules } from "@/investigation/model/houseRules";
import type { SchoolReply } from "@/protocol/accounts";
import type { WordPlace } from "@/protocol/briefs";
import type { ShownTo } from "@/protocol/overview";
import type { NamesReply, PasswordReply, Seat } from "@/protocol/classes";

/** What a teacher can do to a class and its people. */
export interface ClassChanges {
  readonly name: (id: string, name: string) => Promise<SchoolReply>;
  readonly archive: (id: string, archived: boolean) => Promise<SchoolReply>;
  readonly renewCode: (id: string) => Promise<SchoolReply>;
  readonly openJoining: (id: string, open: boolean) => Promise<SchoolReply>;
  readonly renameStudent: (id: string, personId: string, name: string) => Promise<SchoolReply>;
  readonly takeOut: (id: string, personId: string) => Promise<SchoolReply>;
  readonly givePassword: (id: string, personId: string) => Promise<PasswordReply>;
  readonly setRules: (id: string, rules: HouseRules) => Promise<SchoolReply>;
  readonly addTeacher: (id: string, signInName: string) => Promise<SchoolReply>;
  readonly beginByNames: (id: string, names: string[]) => Promise<NamesReply>;
  readonly takeLook: (id: string, from: string) => Promise<SchoolReply>;
}

/** What a teacher can do with the experiments of a class and their benches. */
export interface BenchChanges {
  readonly set: (id: string, title: string, from: string) => Promise<SchoolReply>;
  readonly seat: (
    id: string,
    experimentId: string,
    personId: string,
    seat: Seat,
  ) => Promise<SchoolReply>;
  readonly eachAlone: (id: string, experimentId: string) => Promise<SchoolReply>;
  readonly inTwos: (id: string, experimentId: string) => Promise<SchoolReply>;
  /** Seats those without a bench as they sit in another experiment. */
  readonly asIn: (id: string, experimentId: string, otherId: string) => Promise<SchoolReply>;
  readonly ownBenches: (id: string, experimentId: string, own: boolean) => Promise<SchoolReply>;
  readonly setWord: (
    id: string,
    experimentId: string,
    place: WordPlace,
    text: string,
  ) => Promise<SchoolReply>;
  readonly setDue: (id: string, experimentId: string, time: string) => Promise<SchoolReply>;
  /** Says where the clock of the class hangs. */
  readonly setTimeZone: (id: string, timeZone: string) => Promise<SchoolReply>;
  /** Says who of the class sees the overview beside its teachers. */
  readonly show: (id: string, experimentId: string, shown: ShownTo) => Promise<SchoolReply>;
  /** Gives all sheets back that are handed in. */
  readonly returnAll: (id: string, experimentId: string) => Promise<SchoolReply>;
  /** Makes one investigation of all benches. */
  readonly pool: (id: string, experimentId: string) => Promise<SchoolReply>;
  readonly end: (id: string, experimentId: string) => Promise<SchoolReply>;
}
