ALTER TABLE "readings" ALTER COLUMN "wiring" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "readings" DROP COLUMN "near_scheme";--> statement-breakpoint
ALTER TABLE "readings" DROP COLUMN "far_scheme";--> statement-breakpoint
ALTER TABLE "readings" DROP COLUMN "shielded";