import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["@libsql/client", "libsql"],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
};

export default config;
