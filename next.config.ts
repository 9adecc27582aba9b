import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["@libsql/client", "libsql", "@react-pdf/renderer"],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
};

export default config;
