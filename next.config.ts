import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["sequelize", "umzug", "pg"],
  poweredByHeader: false,
  reactStrictMode: true,
};

export default config;
