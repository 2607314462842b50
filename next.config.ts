import type { NextConfig } from "next";
import { everyAnswer, overTls } from "./src/server/requests/everyAnswer";

/** A second build, beside the one that is served, tells what is in it (`npm run bundles`). */
const withMaps = process.env.FATHOM_RULE_MAPS === "1";

const config: NextConfig = {
  productionBrowserSourceMaps: withMaps,
  distDir: withMaps ? ".next-maps" : ".next",
  serverExternalPackages: ["prom-client", "sequelize", "umzug", "pg", "piscina"],
  turbopack: {
    rules: {
      "*/src/wording/{en,de}/*.ts": {
        loaders: ["./scripts/wording/compileCatalogue.cjs"],
        as: "*.js",
      },
    },
  },
  poweredByHeader: false,
  // The server packs what pages have become (src/server/doors/pageBeforeScripts.ts).
  compress: false,
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
