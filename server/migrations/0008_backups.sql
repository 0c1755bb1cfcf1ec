CREATE TABLE "backups" (
	"team_id" text NOT NULL,
	"id" text NOT NULL,
	"why" text NOT NULL,
	"rows" integer NOT NULL,
	"bytes" integer NOT NULL,
	"file" "bytea" NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "backups_team_id_id_pk" PRIMARY KEY("team_id","id")
);
--> statement-breakpoint
ALTER TABLE "backups" ADD CONSTRAINT "backups_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;