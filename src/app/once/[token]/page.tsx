import type { Metadata } from "next";
import { page } from "@/app/door";
import { ChoosePassword } from "@/features/access/choose-password";
import { LinkGone } from "@/features/access/link-gone";
import { openLink } from "@/server/access/accounts";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Choose a password",
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

async function OncePage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const link = await openLink(token);
  return link ? <ChoosePassword secret={token} name={link.name} /> : <LinkGone />;
}

export default page("/once/[token]", OncePage);
