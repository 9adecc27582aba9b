"use client";

import { Menu as MenuIcon } from "lucide-react";
import { useRouter } from "next/navigation";
import { Menu } from "@/ui/menu";
import { usePlaces } from "./site-header";

/** The ways to the pages of the desk, from a page whose head has no room for them. */
export function SiteMenu() {
  const router = useRouter();
  const entries = usePlaces().map(({ href, name }) => ({ label: name, onSelect: () => router.push(href) }));
  return <Menu label="Pages" Icon={MenuIcon} align="start" className="-mr-2" entries={entries} />;
}
