CREATE TABLE "blobs" (
	"sha256" text PRIMARY KEY NOT NULL,
	"type" text NOT NULL,
	"bytes" "bytea" NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
