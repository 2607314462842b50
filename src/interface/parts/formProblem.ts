import { createContext, type RefObject, useContext, useEffect, useRef } from "react";

/** The id of the sentence that says what is wrong with the fields of a form; undefined while nothing is. */
export const FormProblemContext = createContext<string | undefined>(undefined);

/** Ties a field, by its ref, to the sentence with an id beside what describes it already. */
function useTied(problem: string | undefined): RefObject<HTMLInputElement | null> {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const one = field.current;
    if (!one || problem === undefined) return;
    const before = one.getAttribute("aria-describedby");
    one.setAttribute("aria-describedby", before === null ? problem : `${before} ${problem}`);
    return () => {
      if (before === null) one.removeAttribute("aria-describedby");
      else one.setAttribute("aria-describedby", before);
    };
  }, [problem]);
  return field;
}

/** What ties a field to what is wrong with its form, and whether anything is. */
export function useFormProblem() {
  const problem = useContext(FormProblemContext);
  return { field: useTied(problem), wrong: problem !== undefined };
}
