import { readSettings } from "./settings";

const DATABASE_URL = "postgres://fathom@127.0.0.1/school";

test("a database is enough; the rest has values that serve a school", () => {
  expect(readSettings({ DATABASE_URL, PORT: " ", HOME: "/root" })).toEqual({
    settings: {
      DATABASE_URL,
      HOST: "127.0.0.1",
      PORT: 4310,
      FATHOM_RULE_TEACHERS: "invitation",
      LOG_LEVEL: "info",
      FATHOM_RULE_PROCESSES: 1,
      FATHOM_RULE_PROXIES: 0,
    },
  });
});

test.each<[Record<string, string>, string]>([
  [{ DATABASE_URL: "" }, "DATABASE_URL is missing"],
  [{ DATABASE_URL: "mysql://x" }, "DATABASE_URL is to begin with postgres://."],
  [{ DATABASE_URL, DATABASE_LISTEN_URL: "x" }, "DATABASE_LISTEN_URL is to begin with postgres://."],
  [{ DATABASE_URL, DATABASE_READ_URL: "x" }, "DATABASE_READ_URL is to begin with postgres://."],
  [
    { DATABASE_URL, FATHOM_RULE_PROCESSES: "0" },
    "FATHOM_RULE_PROCESSES is to be a whole number from 1 to 64.",
  ],
  [{ PORT: "eighty" }, "PORT is to be a whole number from 1 to 65535."],
  [{ PORT: "70000" }, "PORT is to be a whole number from 1 to 65535."],
  [{ PUBLIC_URL: "lab.example" }, "PUBLIC_URL is to be the address that people type"],
  [{ FATHOM_RULE_TEACHERS: "all" }, "FATHOM_RULE_TEACHERS is to be “invitation” or “open”."],
  [
    { FATHOM_RULE_INSTRUMENTS: "gate" },
    "FATHOM_RULE_INSTRUMENTS is to be a list of name=host:port",
  ],
  [{ LOG_LEVEL: "loud" }, "LOG_LEVEL is to be one of silent, fatal"],
])("%j is answered with a sentence", (environment, sentence) => {
  const read = readSettings({ DATABASE_URL, ...environment });
  expect("wrong" in read && read.wrong.join(" ")).toContain(sentence);
});

test("everything that is wrong is said at once", () => {
  const read = readSettings({ PORT: "0.5", LOG_LEVEL: "x" });
  expect("wrong" in read && read.wrong).toHaveLength(3);
});
