/** What a try to sign in is answered with. */
export type SignInReply =
  | { readonly kind: "signed-in" }
  | { readonly kind: "refused" }
  | { readonly kind: "too-many"; readonly minutes: number }
  | { readonly kind: "crowded"; readonly seconds: number };
