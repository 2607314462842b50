/** What every answer carries, fonts and scripts included; the policy for what a page may load is the proxy's. */
export const everyAnswer = [
  { key: "x-content-type-options", value: "nosniff" },
  { key: "referrer-policy", value: "same-origin" },
  { key: "x-frame-options", value: "DENY" },
  { key: "cross-origin-opener-policy", value: "same-origin" },
  { key: "cross-origin-resource-policy", value: "same-origin" },
  { key: "permissions-policy", value: "camera=(), microphone=(), geolocation=()" },
];

/** Browsers that came over TLS once come over TLS from then on. */
export const overTls = { key: "strict-transport-security", value: "max-age=31536000" };
