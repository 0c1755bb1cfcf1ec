CREATE TABLE "papers" (
	"team_id" text NOT NULL,
	"id" text NOT NULL,
	"order" jsonb NOT NULL,
	"title" text NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"done" integer DEFAULT 0 NOT NULL,
	"of" integer DEFAULT 0 NOT NULL,
	"attempt" integer DEFAULT 0 NOT NULL,
	"beat_at" timestamp with time zone DEFAULT now() NOT NULL,
	"fault" text,
	"lacks" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"bytes" integer DEFAULT 0 NOT NULL,
	"file" "bytea",
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "papers_team_id_id_pk" PRIMARY KEY("team_id","id")
);
--> statement-breakpoint
ALTER TABLE "papers" ADD CONSTRAINT "papers_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "papers_at" ON "papers" USING btree ("created_at");