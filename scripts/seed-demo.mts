import { seedDemo } from "@/demo/seed";

await seedDemo(new Date());
process.exit(0);
