import { type FunctionComponent, memo } from "react";
import { useLanguage } from "./Speaking";

/**
 * As React's `memo`, and drawn anew when the language changes: what it shows may be words. `alike` says of the props
 * before and after whether they show the same; without it they do where each is the same.
 */
export function saidMemo<Props extends object>(
  component: FunctionComponent<Props>,
  alike?: (before: Props, after: Props) => boolean,
) {
  function Said(props: Props) {
    useLanguage();
    return component(props);
  }
  Said.displayName = component.name;
  return memo(Said, alike);
}
