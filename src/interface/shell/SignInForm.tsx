"use client";

import { type ComponentProps, useActionState, useId } from "react";
import { useRouter } from "next/navigation";
import { signInWords as words } from "@/wording/signIn";
import { useSpeaking } from "../language/Speaking";
import { useLive } from "../parts/useLive";
import { signIn } from "./signIn";

const problemId = "sign-in-problem";

/** Whether somebody comes from the page on which they were joining a class, whose code stands behind the #. */
const joining = () => window.location.search === "?then=join";

const backToClass = () => window.location.replace(`/join${window.location.hash}`);

interface DoorFieldProps extends ComponentProps<"input"> {
  label: string;
  wrong: boolean;
}

/** A field of the door, tied to what was wrong. */
function DoorField({ label, wrong, ...props }: DoorFieldProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="text-soft">
        {label}
      </label>
      <input
        {...props}
        id={id}
        aria-invalid={wrong || undefined}
        aria-describedby={wrong ? problemId : undefined}
        required
        className="border-hairline mt-0.5 h-9 w-full rounded-md border bg-white px-2 text-base"
      />
    </div>
  );
}

/** Name, password, and what was wrong with them. */
function Fields({ message, busy }: { message: string | undefined; busy: boolean }) {
  const live = useLive();
  const wrong = message !== undefined;
  return (
    <>
      <DoorField label={words.name} wrong={wrong} name="name" autoComplete="username" autoFocus />
      <DoorField
        label={words.password}
        wrong={wrong}
        name="password"
        type="password"
        autoComplete="current-password"
      />
      <p role="alert" id={problemId} className="text-magenta min-h-5">
        {message}
      </p>
      <button
        type="submit"
        disabled={busy || !live}
        className="bg-ink h-9 rounded-md text-base font-semibold text-white hover:bg-[#1d4653] disabled:cursor-default disabled:opacity-40"
      >
        {words.signIn}
      </button>
    </>
  );
}

/** Name and password; the door's page has little else that needs a script, so that it is there at once. */
export function SignInForm() {
  const router = useRouter();
  const { follow } = useSpeaking();
  const [message, submit, busy] = useActionState(async (_: string | undefined, form: FormData) => {
    const sentence = await signIn(form);
    if (sentence !== undefined) return sentence;
    await follow();
    if (joining()) backToClass();
    else router.replace("/shelf");
  }, undefined);
  return (
    <form action={submit} className="mt-5 flex flex-col gap-3">
      <Fields message={message} busy={busy} />
    </form>
  );
}
