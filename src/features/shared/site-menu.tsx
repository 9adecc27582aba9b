"use client";

import { Menu } from "lucide-react";
import { useRouter } from "next/navigation";
import { DropdownMenu } from "radix-ui";
import { IconButton } from "@/ui/button";
import { MenuContent, MenuItem } from "@/ui/menu";
import { usePlaces } from "./site-header";

/** The ways to the pages of the desk, from a page whose head has no room for them. */
export function SiteMenu() {
  const router = useRouter();
  const places = usePlaces();
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <IconButton label="Pages" className="-mr-2">
          <Menu aria-hidden className="size-4" />
        </IconButton>
      </DropdownMenu.Trigger>
      <MenuContent align="start">
        {places.map(({ href, name }) => (
          <MenuItem key={href} onSelect={() => router.push(href)}>
            {name}
          </MenuItem>
        ))}
      </MenuContent>
    </DropdownMenu.Root>
  );
}
