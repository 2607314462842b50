import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["sequelize", "umzug", "pg"],
  poweredByHeader: false,
  reactStrictMode: true,
  // A whole investigation is brought in by one action.
  experimental: { serverActions: { bodySizeLimit: "40mb" } },
};

export default config;
