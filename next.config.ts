import type { NextConfig } from "next";

/** What every answer carries, fonts and scripts included; the policy for what a page may load is the proxy's. */
const everywhere = [
  { key: "x-content-type-options", value: "nosniff" },
  { key: "referrer-policy", value: "same-origin" },
  { key: "x-frame-options", value: "DENY" },
  { key: "cross-origin-opener-policy", value: "same-origin" },
  { key: "cross-origin-resource-policy", value: "same-origin" },
  { key: "permissions-policy", value: "camera=(), microphone=(), geolocation=()" },
];

/** Browsers that came over TLS once come over TLS from then on. */
const overTls = [{ key: "strict-transport-security", value: "max-age=31536000" }];

const config: NextConfig = {
  serverExternalPackages: ["prom-client", "sequelize", "umzug", "pg", "piscina"],
  poweredByHeader: false,
  reactStrictMode: true,
  headers: async () => [
    { source: "/:path*", headers: everywhere },
    {
      source: "/:path*",
      has: [{ type: "header", key: "x-forwarded-proto", value: "https" }],
      headers: overTls,
    },
  ],
  // A whole investigation is brought in by one action.
  experimental: { serverActions: { bodySizeLimit: "24mb" }, proxyClientMaxBodySize: "24mb" },
};

export default config;
