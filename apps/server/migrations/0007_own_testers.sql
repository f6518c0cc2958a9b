CREATE TABLE "own_testers" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"steps" text NOT NULL,
	"supply_v" double precision NOT NULL,
	"series_ohm" double precision NOT NULL,
	"lamp_v" double precision NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
