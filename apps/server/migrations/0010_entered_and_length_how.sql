ALTER TABLE "cord_facts" ADD COLUMN "entered" text DEFAULT 'unsaid' NOT NULL;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "length_how" text DEFAULT 'scheduled' NOT NULL;--> statement-breakpoint
ALTER TABLE "readings" ADD COLUMN "entered" text DEFAULT 'unsaid' NOT NULL;--> statement-breakpoint
ALTER TABLE "tests" ADD COLUMN "entered" text DEFAULT 'unsaid' NOT NULL;