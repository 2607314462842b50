/** The cookie that holds a session's token. */
export const sessionCookie = "fathom_rule_session";

const named = new RegExp(`(?:^|;\\s*)${sessionCookie}=([^;]+)`);

/** The token among the cookies of a request, as its header has them. */
export function tokenIn(cookies: string | undefined): string | undefined {
  return named.exec(cookies ?? "")?.[1];
}
