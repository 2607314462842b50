import type { PersonKind } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { classWords } from "@/wording/classes";
import { signInWords as words } from "@/wording/signIn";
import { LanguageChoice } from "../language/LanguageChoice";
import { Licences } from "../parts/Licences";
import { SignInForm } from "./SignInForm";

interface Props {
  demoAccounts: readonly {
    signInName: string;
    name: string;
    password: string;
    kind: PersonKind;
  }[];
  /** Whether a teacher may begin an account here without an invitation. */
  register: boolean;
}

function DemoAccounts({ accounts }: { accounts: Props["demoAccounts"] }) {
  if (accounts.length === 0) return null;
  return (
    <section className="border-hairline mt-6 border-t pt-4">
      <h2 className="font-serif text-base font-semibold">{words.demo}</h2>
      <table className="mt-1 w-full">
        <thead className="text-soft text-left text-xs">
          <tr>
            <th className="py-1 font-normal">{words.demoName}</th>
            <th className="font-normal">{words.demoPassword}</th>
            <th>
              <span className="sr-only">{accountWords.kind}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {accounts.map(({ signInName, password, kind }) => (
            <tr key={signInName} className="border-hairline border-t">
              <td className="py-1">{signInName}</td>
              <td>{password}</td>
              <td className="text-soft text-right">{accountWords.kinds[kind]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The door: a name, a password, and in the demo the accounts to use. */
export function SignInPage({ demoAccounts, register }: Props) {
  return (
    <div className="min-h-screen">
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-b" />
      <main className="bg-page border-magenta mx-auto mt-16 max-w-sm border-l-2 p-8">
        <h1 className="font-serif text-xl font-semibold">{words.product}</h1>
        <p className="text-soft mt-1">{words.promise}</p>
        <SignInForm />
        <p className="mt-4">
          <a href="/join" className="text-petrol font-semibold underline">
            {classWords.join.open}
          </a>
        </p>
        {register && (
          <p className="mt-1">
            <a href="/register" className="text-petrol font-semibold underline">
              {accountWords.fresh.open}
            </a>
          </p>
        )}
        <DemoAccounts accounts={demoAccounts} />
        <p className="mt-4 -ml-1">
          <LanguageChoice />
        </p>
        <Licences />
      </main>
    </div>
  );
}
