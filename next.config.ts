import type { NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // `npm test` checks the types; starting the demo does not wait for it.
  typescript: { ignoreBuildErrors: true },
  images: { unoptimized: true },
  serverExternalPackages: ["@libsql/client", "libsql"],
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  experimental: {
    optimizePackageImports: ["radix-ui"],
    // Scripts in fewer and larger pieces: compressed together they are smaller, and a page asks for fewer of them.
    turbopackChunking: { minChunkSize: 200_000 },
    turbopackCrossModuleConstants: true,
    // A zip of all lessons passes through the proxy whole; the door that takes it has a bound of its own.
    proxyClientMaxBodySize: "120mb",
  },
  headers: async () => [
    {
      source: "/:path*",
      headers: [
        { key: "X-Content-Type-Options", value: "nosniff" },
        { key: "X-Frame-Options", value: "DENY" },
        { key: "Referrer-Policy", value: "no-referrer" },
        { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
        { key: "Cross-Origin-Resource-Policy", value: "same-origin" },
        {
          key: "Permissions-Policy",
          value: "camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()",
        },
      ],
    },
  ],
};

export default config;
