ALTER TABLE "ticks" ADD COLUMN "measured_mm" double precision;--> statement-breakpoint
ALTER TABLE "ticks" ADD COLUMN "cause" text DEFAULT '' NOT NULL;