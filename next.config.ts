import type { NextConfig } from "next";
import { everyAnswer, overTls } from "./src/server/requests/everyAnswer";

const config: NextConfig = {
  serverExternalPackages: ["prom-client", "sequelize", "umzug", "pg", "piscina"],
  poweredByHeader: false,
  reactStrictMode: true,
  headers: async () => [
    { source: "/:path*", headers: everyAnswer },
    {
      source: "/:path*",
      has: [{ type: "header", key: "x-forwarded-proto", value: "https" }],
      headers: [overTls],
    },
  ],
  // A whole investigation is brought in by one action.
  experimental: { serverActions: { bodySizeLimit: "24mb" }, proxyClientMaxBodySize: "24mb" },
};

export default config;
