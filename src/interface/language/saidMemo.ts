import { type FunctionComponent, memo } from "react";
import { useLanguage } from "./Speaking";

/** As React's `memo`, and drawn anew when the language changes: what it shows may be words. */
export function saidMemo<Props extends object>(component: FunctionComponent<Props>) {
  function Said(props: Props) {
    useLanguage();
    return component(props);
  }
  Said.displayName = component.name;
  return memo(Said);
}
