import Link from "next/link";
import { accountWords } from "@/wording/accounts";

/** Who is signed in, with the way to their account. */
export function OwnName({ name }: { name: string }) {
  return (
    <Link
      href="/account"
      prefetch={false}
      title={accountWords.title}
      className="text-soft hover:text-ink max-w-40 truncate underline decoration-transparent underline-offset-2 hover:decoration-current"
    >
      {name}
    </Link>
  );
}
