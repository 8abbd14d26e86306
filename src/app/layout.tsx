import type { Metadata, Viewport } from "next";
import localFont from "next/font/local";
import { cookies, headers } from "next/headers";
import type { ReactNode } from "react";
import { Messages } from "@/kit/messages";
import { RoomOfAll } from "@/kit/room";
import { AS_PREFERRED, ROOM, readRoom } from "@/kit/room-names";
import { SignNamesLater } from "@/kit/sign-names-later";
import "./globals.css";

const andika = localFont({
  src: [
    { path: "../../node_modules/@fontsource/andika/files/andika-latin-400-normal.woff2", weight: "400" },
    { path: "../../node_modules/@fontsource/andika/files/andika-latin-700-normal.woff2", weight: "700" },
  ],
  variable: "--font-andika",
  display: "block",
  fallback: ["system-ui", "sans-serif"],
});
const figtree = localFont({
  src: "../../node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2",
  weight: "300 900",
  variable: "--font-figtree",
  display: "block",
  fallback: ["system-ui", "sans-serif"],
});

/** Every page has a nonce of its own, so no page can be prerendered. */
export const dynamic = "force-dynamic";

export const metadata: Metadata = {
  title: { default: "Yellow Stair", template: "%s · Yellow Stair" },
  description: "Number charts taught step by step.",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#16233b" };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const chosen = (await cookies()).get(ROOM)?.value;
  const nonce = (await headers()).get("x-nonce") ?? "";
  return (
    <html
      lang="en"
      suppressHydrationWarning
      data-room={readRoom(chosen)}
      className={`${andika.variable} ${figtree.variable}`}
    >
      {chosen === undefined && (
        <head>
          <script
            nonce={nonce}
            suppressHydrationWarning
            // biome-ignore lint/security/noDangerouslySetInnerHtml: it is our own, and runs before anything is seen.
            dangerouslySetInnerHTML={{ __html: AS_PREFERRED }}
          />
        </head>
      )}
      <body className="antialiased">
        {children}
        <Messages />
        <RoomOfAll />
        <SignNamesLater />
      </body>
    </html>
  );
}
