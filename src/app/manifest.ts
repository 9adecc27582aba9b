import type { MetadataRoute } from "next";

/** What the app is called and looks like where it is put on a home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Iron Step",
    short_name: "Iron Step",
    description: "Warm-ups before the main lifts, worked out for each athlete.",
    start_url: "/",
    display: "standalone",
    background_color: "#f6f6f2",
    theme_color: "#f6f6f2",
    icons: [{ src: "/icon.svg", sizes: "any", type: "image/svg+xml" }],
  };
}
